package kindveil.studio.work.piece;

import kindveil.bench.Hand;
import kindveil.bench.PrintKind;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.sheet.Paper;
import org.jspecify.annotations.Nullable;

/** How the print of a veil is to be made. @param copies on its own sheet @param exists where it is made already, otherwise null */
public record PrintPlan(PrintKind kind, HandWish hand, Paper paper, int copies, @Nullable Existing exists) {
    public static final PrintPlan FRESH = new PrintPlan(PrintKind.GOOD_TONER, HandWish.READS_RIGHT, Paper.A4, 3, null);

    /**
     * A print that is there already, from a shop or a magazine: the plan follows it.
     *
     * @param hand how it stands on the print
     * @param wanted how the finished image was to stand before the print said how it will
     */
    public record Existing(PrintKind kind, Hand hand, Length width, HandWish wanted) {
    }

    public PrintPlan {
        UnusableValue.requireWithin("copies", copies, 1, 50, "", "Print at least one spare.");
    }

    public PrintPlan with(PrintKind other) {
        return new PrintPlan(other, hand, paper, copies, exists);
    }

    public PrintPlan with(HandWish other) {
        return new PrintPlan(kind, other, paper, copies, exists);
    }

    public PrintPlan on(Paper newPaper, int newCopies) {
        return new PrintPlan(kind, hand, newPaper, newCopies, exists);
    }

    /** As many copies of it as there are. */
    public PrintPlan existing(Existing print, int count) {
        return new PrintPlan(kind, hand, paper, count, print);
    }

    /** Printed anew; the finished image stands as it was wanted again. */
    public PrintPlan anew() {
        return exists == null ? this : new PrintPlan(kind, exists.wanted, paper, copies, null);
    }
}
