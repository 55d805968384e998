package kindveil.way;

import kindveil.light.Toner;

/** What made the print, and what water does to it. */
public enum PrintKind {
    GOOD_TONER("laser or photocopy, strong blacks", true, Toner.GOOD_COPY.value()),
    WEAK_TONER("laser or photocopy, weak single run", true, Toner.WEAK_COPY.value()),
    DYE_INKJET("inkjet, dye ink on plain paper", false, 0.3),
    PIGMENT_INKJET("inkjet, pigment ink on plain paper", false, 0.25);

    private final String words;
    private final boolean waterproof;
    private final double transmittance;

    PrintKind(String words, boolean waterproof, double transmittance) {
        this.words = words;
        this.waterproof = waterproof;
        this.transmittance = transmittance;
    }

    public String words() {
        return words;
    }

    public boolean waterproof() {
        return waterproof;
    }

    /** One-way transmittance of its solid dark. */
    public double transmittance() {
        return transmittance;
    }
}
