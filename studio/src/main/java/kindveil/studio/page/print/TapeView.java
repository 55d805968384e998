package kindveil.studio.page.print;

import java.util.List;
import kindveil.measure.Length;
import kindveil.reading.TapeReading;
import kindveil.sheet.TapeStrips;
import kindveil.studio.page.Say;
import kindveil.studio.work.source.Marked;
import kindveil.studio.work.piece.Planned;
import org.jspecify.annotations.Nullable;

/**
 * Strips over the picture, in mm, ready to draw.
 *
 * @param cuts the cut list in a sentence
 * @param boxes the strips
 * @param seams where one lies over the other, as paths
 * @param marked the part seams keep out of, or null
 * @param spoiled says where they could not, or empty
 */
public record TapeView(String cuts, double width, double height, List<PrintView.Box> boxes, List<String> seams, PrintView.@Nullable Box marked, String spoiled) {
    private static final double AROUND = 14;
    private static final PrintView.Box NOTHING = new PrintView.Box(0, 0, 0, 0);

    /** What is drawn: the picture and the borders of the tape about it. */
    public String frame() {
        return "%s %s %s %s".formatted(-AROUND, -AROUND, width + 2 * AROUND, height + 2 * AROUND);
    }

    /** The marked part, or nothing at the corner. */
    public PrintView.Box drawn() {
        return marked == null ? NOTHING : marked;
    }

    static TapeStrips strips(Planned planned) {
        double w = planned.brief().width().millimetres();
        double h = planned.brief().height().millimetres();
        Marked part = planned.piece().design().marked().orElse(null);
        return TapeReading.of(planned.trace(), planned.brief().width(), planned.brief().height(), part == null ? null : new TapeStrips.Focal(part.top() * h / 100, part.bottom() * h / 100),
                part == null ? null : new TapeStrips.Focal(part.left() * w / 100, part.right() * w / 100)).orElse(null);
    }

    static TapeView of(Planned planned, Say say) {
        TapeStrips strips = strips(planned);
        return strips == null ? null : of(strips, planned, say);
    }

    private static TapeView of(TapeStrips strips, Planned planned, Say say) {
        double w = planned.brief().width().millimetres();
        double h = planned.brief().height().millimetres();
        double b = strips.width().millimetres();
        double border = TapeStrips.BORDER.millimetres();
        List<PrintView.Box> boxes = strips.places().stream().map(Length::millimetres)
                .map(at -> strips.across() ? new PrintView.Box(-border, at, w + 2 * border, b) : new PrintView.Box(at, -border, b, h + 2 * border)).toList();
        List<String> seams = strips.places().stream().skip(1).map(Length::millimetres)
                .map(at -> strips.across() ? "M%s %sH%s".formatted(-border, at, w + border) : "M%s %sV%s".formatted(at, -border, h + border)).toList();
        String overlap = strips.places().size() == 1 ? "" : ", each over the one before by " + say.one(strips.overlap());
        return new TapeView("%d strip%s of %s, running %s%s: %s of tape.".formatted(strips.places().size(), strips.places().size() == 1 ? "" : "s", say.both(strips.strip()),
                strips.across() ? "across" : "up and down", overlap, say.both(strips.total())), w, h, boxes, seams,
                planned.piece().design().marked().map(m -> new PrintView.Box(m.left() * w / 100, m.top() * h / 100, (m.right() - m.left()) * w / 100, (m.bottom() - m.top()) * h / 100)).orElse(null),
                strips.spoiled() == 0 ? "" : "%s the marked part, whichever way the strips run: mark less, or use wider tape.".formatted(strips.spoiled() == 1 ? "One seam crosses" : strips.spoiled() + " seams cross"));
    }
}
