package kindveil.learning;

import kindveil.measure.Figures;

/**
 * How many copies to print of one image, so that one will very likely come out.
 *
 * @param good copies of that print source that worked with that way
 * @param failed those that failed through the print
 */
public record Spares(int good, int failed) {
    public static final Spares NO_RECORD = new Spares(0, 0);
    /** From here on another print is the better answer. */
    public static final int MOST = 12;
    private static final double PRIOR_GOOD = 4;
    private static final double PRIOR_FAILED = 1;
    private static final double SURE = 0.95;

    public Spares {
        if (good < 0 || failed < 0) {
            throw new IllegalArgumentException("Impossible state: %d copies good, %d failed.".formatted(good, failed));
        }
    }

    /** Expected share that works, 0 to 1. */
    public double works() {
        return (PRIOR_GOOD + good) / (PRIOR_GOOD + PRIOR_FAILED + good + failed);
    }

    /** That at least one of {@code copies} works, 0 to 1. */
    public double sureWith(int copies) {
        double a = PRIOR_GOOD + good;
        double b = PRIOR_FAILED + failed;
        double none = 1;
        for (int i = 0; i < copies; i++) {
            none *= (b + i) / (a + b + i);
        }
        return 1 - none;
    }

    /** The least number of copies of which one works with 95 in 100, at most {@value #MOST}. */
    public int copies() {
        int n = 1;
        while (n < MOST && sureWith(n) < SURE) {
            n++;
        }
        return n;
    }

    public boolean hopeless() {
        return sureWith(MOST) < SURE;
    }

    /** Why so many. */
    public String words() {
        if (good + failed == 0) {
            return "No record yet: three, of which one works 97 times in 100.";
        }
        String record = "%d of %d from there worked so far".formatted(good, good + failed);
        return hopeless() ? record + ": print it elsewhere, rather than more of it."
                : "%s: one of %d works %s times in 100.".formatted(record, copies(), Figures.plain(Math.floor(sureWith(copies()) * 100)));
    }
}
