package kindveil.studio.page.piece;

import java.util.List;
import kindveil.measure.Length;
import kindveil.sheet.TapeStrips;
import kindveil.studio.page.Say;
import kindveil.studio.work.Planned;

/**
 * Strips over the picture, in mm, ready to draw.
 *
 * @param cuts the cut list in a sentence
 * @param boxes the strips
 * @param seams where one lies over the other, as paths
 */
public record TapeView(String cuts, double width, double height, List<PrintController.Box> boxes, List<String> seams) {
    static TapeView of(TapeStrips strips, Planned planned, Say say) {
        double w = planned.brief().width().millimetres();
        double h = planned.brief().height().millimetres();
        double b = strips.width().millimetres();
        double border = TapeStrips.BORDER.millimetres();
        List<PrintController.Box> boxes = strips.places().stream().map(Length::millimetres)
                .map(at -> strips.across() ? new PrintController.Box(-border, at, w + 2 * border, b) : new PrintController.Box(at, -border, b, h + 2 * border)).toList();
        List<String> seams = strips.places().stream().skip(1).map(Length::millimetres)
                .map(at -> strips.across() ? "M%s %sH%s".formatted(-border, at, w + border) : "M%s %sV%s".formatted(at, -border, h + border)).toList();
        String overlap = strips.places().size() == 1 ? "" : ", each over the one before by " + say.one(strips.overlap());
        return new TapeView("%d strip%s of %s, running %s%s: %s of tape.".formatted(strips.places().size(), strips.places().size() == 1 ? "" : "s", say.both(strips.strip()),
                strips.across() ? "across" : "up and down", overlap, say.both(strips.total())), w, h, boxes, seams);
    }
}
