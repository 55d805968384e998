package kindveil.drying;

/** What lies on a coat and can be lifted off again. */
public sealed interface Overlay {
    /**
     * A paper print: water goes into it first, and from it into the air.
     *
     * @param capacity what it can hold, g/m², above 0
     * @param brings water it brings along when it is laid damp, g/m²
     * @param solidToner share of it that solid toner covers like a lid, 0 to 1
     */
    record Paper(double capacity, double brings, double solidToner) implements Overlay {
    }

    /** Something that lets hardly any vapour through. */
    record Closed(Cover cover) implements Overlay {
    }

    /** Misted or soaked until it lies limp (assumed). */
    double DAMP_CAPACITY = 60;
    double DAMP_BRINGS = 45;

    static Overlay dry(double capacity, double solidToner) {
        return new Paper(Math.max(1, capacity), 0, solidToner);
    }

    static Overlay damp(double solidToner) {
        return new Paper(DAMP_CAPACITY, DAMP_BRINGS, solidToner);
    }
}
