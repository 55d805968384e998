package kindveil.way;

/** What the image ends up on. Capacities in g/m² of water (assumed). */
public enum Support {
    BIRCH_PANEL("birch panel", 20, 5),
    WATERCOLOUR_PAPER("heavy watercolour paper", 100, 20);

    private final String words;
    private final double rawCapacity;
    private final double sealedCapacity;

    Support(String words, double rawCapacity, double sealedCapacity) {
        this.words = words;
        this.rawCapacity = rawCapacity;
        this.sealedCapacity = sealedCapacity;
    }

    public String words() {
        return words;
    }

    double capacity(Ground ground) {
        return ground.seals() ? sealedCapacity : rawCapacity;
    }
}
