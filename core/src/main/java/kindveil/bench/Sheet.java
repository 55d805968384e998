package kindveil.bench;

/** What a print is printed on. */
public enum Sheet {
    COPY_PAPER("thin copy paper", 80, true, 15), MAGAZINE("uncoated magazine paper", 60, true, 20),
    COATED_MAGAZINE("coated magazine paper", 90, true, 5), COATED_FILM("coated release film", 100, false, 0),
    TISSUE("tissue", 18, false, 10), PHOTO_PAPER("photo paper", 180, false, 5);

    /** The warmest air that tissue with nothing over it bears, °C (assumed): it lifts before it scorches; likewise under a coat that holds it down. */
    static final double BARE_TISSUE_BEARS = 40;
    static final double HELD_TISSUE_BEARS = 50;
    private static final double COATED = 1.5;
    private final String words;
    private final double gramsPerSquareMetre;
    private final boolean rubsAway;
    private final double capacity;

    Sheet(String words, double gramsPerSquareMetre, boolean rubsAway, double capacity) {
        this.words = words;
        this.gramsPerSquareMetre = gramsPerSquareMetre;
        this.rubsAway = rubsAway;
        this.capacity = capacity;
    }

    public String words() {
        return words;
    }

    public double gramsPerSquareMetre() {
        return gramsPerSquareMetre;
    }

    /** How much more fibre than of ordinary copy paper a sheet of a weight leaves after as many rounds: by its weight, and half as much again where it is coated (assumed). */
    public double residueShare(double grams) {
        return grams / COPY_PAPER.gramsPerSquareMetre * (this == COATED_MAGAZINE ? COATED : 1);
    }

    /** Whether wet rubbing takes it off as pulp. */
    public boolean rubsAway() {
        return rubsAway;
    }

    /** Water it takes up from a bed when it lies there dry, g/m² (assumed). */
    public double capacity() {
        return capacity;
    }
}
