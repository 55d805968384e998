package kindveil.way;

/** What the hand holds. A tool that spreads acrylic must be washed before it hardens. */
public enum Tool {
    BRUSH("soft wide brush", true), SPREADER("palette knife or card", true), FINGERS("clean fingers", false),
    CARD("card edge", false), BRAYER("brayer", true), SPRAY_BOTTLE("spray bottle", false),
    WET_CLOTH("wet cloth", false), SOFT_CLOTH("soft cloth", false), FINE_PAPER("very fine sandpaper", false),
    FLAT_WEIGHT("flat board and weight, release paper between", false), TRAY("tray of water", false);

    private final String words;
    private final boolean holdsAcrylic;

    Tool(String words, boolean holdsAcrylic) {
        this.words = words;
        this.holdsAcrylic = holdsAcrylic;
    }

    public String words() {
        return words;
    }

    /** Whether acrylic dries in it. */
    public boolean holdsAcrylic() {
        return holdsAcrylic;
    }
}
