package kindveil.way;

/** What can be laid on. */
public enum Material {
    GLOSS_MEDIUM("gloss acrylic medium", 0.60, Kind.MEDIUM, true),
    MATTE_MEDIUM("matte acrylic medium", 0.60, Kind.MEDIUM, false),
    GLOSS_GEL("soft gloss gel", 0.60, Kind.MEDIUM, true),
    MATTE_GEL("soft matte gel", 0.60, Kind.MEDIUM, false),
    HEAVY_GLOSS_GEL("heavy gloss gel", 0.55, Kind.MEDIUM, true),
    HEAVY_MATTE_GEL("heavy matte gel", 0.55, Kind.MEDIUM, false),
    GLOSS_VARNISH("gloss acrylic varnish", 0.60, Kind.VARNISH, true),
    MATTE_VARNISH("matte acrylic varnish", 0.60, Kind.VARNISH, false),
    MINERAL_OIL("mineral oil", 0.0, Kind.OIL, true);

    /** How a material behaves. */
    public enum Kind {
        MEDIUM, VARNISH, OIL
    }

    private final String words;
    private final double volatileShare;
    private final Kind kind;
    private final boolean gloss;

    Material(String words, double volatileShare, Kind kind, boolean gloss) {
        this.words = words;
        this.volatileShare = volatileShare;
        this.kind = kind;
        this.gloss = gloss;
    }

    public String words() {
        return words;
    }

    /** Water over the whole, 0 to 1; 0 for what does not dry by losing water. */
    public double volatileShare() {
        return volatileShare;
    }

    public Kind kind() {
        return kind;
    }

    public boolean gloss() {
        return gloss;
    }

    public boolean waterBorne() {
        return kind != Kind.OIL;
    }
}
