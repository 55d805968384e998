package kindveil.way;

/** What is already on the support. */
public enum Ground {
    RAW("nothing: raw", false, true),
    ACRYLIC_PAINT("acrylic paint, dry", true, true),
    GESSO("gesso, dry", true, true),
    WATER_SOLUBLE("watercolour or other paint that water lifts", false, false);

    private final String words;
    private final boolean seals;
    private final boolean waterResistant;

    Ground(String words, boolean seals, boolean waterResistant) {
        this.words = words;
        this.seals = seals;
        this.waterResistant = waterResistant;
    }

    public String words() {
        return words;
    }

    boolean seals() {
        return seals;
    }

    public boolean waterResistant() {
        return waterResistant;
    }
}
