package kindveil.drying;

/** What lies over a coat, as resistance to vapour in s/m (assumed except where a film is known to be closed). */
public enum Cover {
    NONE(0, "open to the air"),
    PAPER_PRINT(150, "under a print"),
    ACRYLIC_SKIN(1500, "under an acrylic skin"),
    WEIGHT(2500, "under weight"),
    CLOSED_FILM(100_000, "under a closed film");

    private final double resistance;
    private final String words;

    Cover(double resistance, String words) {
        this.resistance = resistance;
        this.words = words;
    }

    public double resistance() {
        return resistance;
    }

    public String words() {
        return words;
    }
}
