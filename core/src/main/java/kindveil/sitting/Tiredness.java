package kindveil.sitting;

import kindveil.measure.UnusableValue;

/**
 * What fingers bear.
 *
 * @param rubbingADay minutes of rubbing in one day
 * @param rest minutes in which nothing is rubbed, after each ten of rubbing
 */
public record Tiredness(int rubbingADay, int rest) {
    /** Assumed. */
    public static final Tiredness USUAL = new Tiredness(90, 5);
    public static final int LEAST_A_DAY = 10;
    public static final int MOST_A_DAY = 480;
    public static final int MOST_REST = 30;
    private static final int EACH = 10;

    public Tiredness {
        UnusableValue.requireWithin("Rubbing in a day", rubbingADay, LEAST_A_DAY, MOST_A_DAY, " min", "Count what your fingers bear.");
        UnusableValue.requireWithin("Rest from rubbing", rest, 0, MOST_REST, " min", "After each ten minutes of it.");
    }

    /** After so many minutes of it. */
    public int rest(int rubbing) {
        return (rubbing * rest + EACH - 1) / EACH;
    }
}
