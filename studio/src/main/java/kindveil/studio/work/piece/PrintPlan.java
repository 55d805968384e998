package kindveil.studio.work.piece;

import kindveil.bench.PrintKind;
import kindveil.measure.UnusableValue;
import kindveil.sheet.Paper;

/** How the print of a veil is to be made. @param copies on its own sheet */
public record PrintPlan(PrintKind kind, HandWish hand, Paper paper, int copies) {
    public static final PrintPlan FRESH = new PrintPlan(PrintKind.GOOD_TONER, HandWish.READS_RIGHT, Paper.A4, 3);

    public PrintPlan {
        UnusableValue.requireWithin("copies", copies, 1, 50, "", "Print at least one spare.");
    }

    public PrintPlan with(PrintKind other) {
        return new PrintPlan(other, hand, paper, copies);
    }

    public PrintPlan with(HandWish other) {
        return new PrintPlan(kind, other, paper, copies);
    }

    public PrintPlan on(Paper newPaper, int newCopies) {
        return new PrintPlan(kind, hand, newPaper, newCopies);
    }
}
