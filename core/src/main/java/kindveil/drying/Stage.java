package kindveil.drying;

/** How dry a coat is, by the share of its water left. */
public enum Stage {
    /** Receives a print until here. */
    OPEN(0.70, "open"),
    /** Paint on a gel plate still gives until here. */
    PLATE_LIMIT(0.35, "plate limit"),
    TOUCH_DRY(0.20, "touch-dry"),
    RECOAT(0.12, "ready for a coat"),
    THROUGH(0.05, "through");

    private final double waterShare;
    private final String words;

    Stage(double waterShare, String words) {
        this.waterShare = waterShare;
        this.words = words;
    }

    /** Water left over water at first, 0 to 1, at which the stage is reached. */
    public double waterShare() {
        return waterShare;
    }

    public String words() {
        return words;
    }
}
