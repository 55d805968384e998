package kindveil.bench;

/** What is already on the support. */
public enum Ground {
    RAW("nothing: raw", false, true), GESSO("gesso, dry", true, true), ACRYLIC_PAINT("acrylic paint, dry", true, true),
    FRESH_PAINT("acrylic paint laid today, not dry yet", true, true),
    WATER_SOLUBLE("watercolour or other paint that water lifts", false, false), PAPERS("glued papers", false, true),
    METAL_LEAF("metal leaf", true, true), OIL("oil paint, or a finish of oil", true, true);

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
