package kindveil.sheet;

import java.util.Locale;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import org.jspecify.annotations.Nullable;

/**
 * What the 50 mm rule of a printout told of the machine, and what is done about it.
 *
 * @param scale by how much sheets are drawn larger than they are meant, 0.9 to 1.1, so that they come out right
 * @param measured what the rule measured last, or null if it was never measured
 * @param rejected whether that was too far out to be answered by {@code scale}
 */
public record CheckRule(double scale, @Nullable Length measured, boolean rejected) {
    public static final CheckRule UNMEASURED = new CheckRule(1, null, false);
    /** What an eye at a ruler can tell. */
    public static final Length NEAR_ENOUGH = Length.ofMillimetres(0.25);
    public static final double MOST_CORRECTED = 0.1;
    private static final double LEAST_MILLIMETRES = 10;
    private static final double MOST_MILLIMETRES = 200;

    /** What the last measurement means. */
    public enum Verdict {
        UNMEASURED, EXACT, CORRECTED, REJECTED
    }

    public CheckRule {
        UnusableValue.requireWithin("correction", scale, 1 - MOST_CORRECTED, 1 + MOST_CORRECTED, "", "A print that is further out was scaled by its settings.");
    }

    /** After measuring a sheet that was drawn with the present correction. */
    public CheckRule measuring(Length found) {
        UnusableValue.requireWithin("50 mm rule", found.millimetres(), LEAST_MILLIMETRES, MOST_MILLIMETRES, "mm", "Measure from outer edge to outer edge of its end ticks.");
        double fifty = PrintSheet.CHECK_RULE.millimetres();
        double needed = scale * fifty / found.millimetres();
        if (exact(found)) {
            return new CheckRule(scale, found, false);
        }
        boolean tooFar = Math.abs(needed - 1) > MOST_CORRECTED;
        return new CheckRule(tooFar ? scale : needed, found, tooFar);
    }

    private static boolean exact(Length found) {
        return Math.abs(found.millimetres() - PrintSheet.CHECK_RULE.millimetres()) <= NEAR_ENOUGH.millimetres();
    }

    public Verdict verdict() {
        if (measured == null) {
            return Verdict.UNMEASURED;
        }
        return rejected ? Verdict.REJECTED : exact(measured) ? Verdict.EXACT : Verdict.CORRECTED;
    }

    public String words() {
        return switch (verdict()) {
            case UNMEASURED -> "Not measured yet. Lay a ruler on the rule of the first sheet before you print the rest.";
            case EXACT -> scale == 1 ? "It measured right: the sheets come out at their size." : "It measured right with the correction of %s.".formatted(percent());
            case CORRECTED -> "That sheet is out by %s; use it only where size does not matter. The files are now drawn at %s, so that the next one comes out right."
                    .formatted(out(), percent());
            case REJECTED -> "That sheet is out by %s: it was scaled by its settings, so no correction is made. Print it again at 100 %%, with fit-to-page off.".formatted(out());
        };
    }

    private String out() {
        return String.format(Locale.ROOT, "%.1f %%", 100 * Math.abs(measured.millimetres() / PrintSheet.CHECK_RULE.millimetres() - 1));
    }

    private String percent() {
        return String.format(Locale.ROOT, "%.1f %%", scale * 100);
    }
}
