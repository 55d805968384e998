package kindveil.drying;

/**
 * What carries a coat: how much water it takes up, whether it gives it back, and how it holds warmth.
 *
 * @param capacity what it can still take up, g/m² of water, 0 or more
 * @param stores whether it takes up and gives back by the same law as paper; otherwise it only takes up, as wood and primed
 *        canvas do
 * @param heatCapacity of it, J/m²K
 * @param back heat it passes to what it lies on, W/m²K
 */
public record Underlay(double capacity, boolean stores, double heatCapacity, double back) {
    /** What a closing coat leaves of it (assumed). */
    private static final double CLOSED = 5;
    private static final double PANEL_HEAT = 12_000;
    private static final double PANEL_BACK = 3;
    private static final double PAPER_HEAT = 1000;
    private static final double CARD_HEAT = 1500;
    private static final double TABLE_BACK = 10;
    private static final double PLATE_HEAT = 40_000;

    /** Wood, canvas, board, metal, stone. */
    public static Underlay panel(double capacity) {
        return new Underlay(capacity, false, PANEL_HEAT, PANEL_BACK);
    }

    /** Paper lying on a table. */
    public static Underlay paper(double capacity) {
        return new Underlay(capacity, true, PAPER_HEAT, TABLE_BACK);
    }

    /** Card, or a page with pages under it. */
    public static Underlay card(double capacity) {
        return new Underlay(capacity, true, CARD_HEAT, TABLE_BACK);
    }

    /** A film of its own, on release paper. */
    public static Underlay none() {
        return new Underlay(0, false, PAPER_HEAT, TABLE_BACK);
    }

    /** A gel plate. */
    public static Underlay plate() {
        return new Underlay(0, false, PLATE_HEAT, PANEL_BACK);
    }

    /** Under a coat that closes it. */
    public Underlay closed() {
        return new Underlay(Math.min(CLOSED, capacity), false, heatCapacity, back);
    }

    /** After it has taken up so much. */
    public Underlay used(double taken) {
        return stores ? this : new Underlay(Math.max(0, capacity - taken), false, heatCapacity, back);
    }
}
