package kindveil.way;

/** Oil let into ink by the drop: how it is told at the bench, and what that says of the drops it took. */
public final class Drops {
    public static final String UNIT = "drops";
    public static final String STIFF = "Still too stiff";
    public static final String RUNNY = "It runs";
    /** What is added each time it is too stiff (practice). */
    public static final double MORE = 3;

    /** By so many fewer it begins the next time when it ran (assumed). */
    private static final double FEWER = 2;

    private Drops() {
    }

    /** What it took in the end. @param begun with @param stiff how often it was still too stiff @param ran whether it ran at last */
    public static double taken(double begun, long stiff, boolean ran) {
        return Math.max(0, begun + MORE * stiff - (ran ? FEWER : 0));
    }
}
