package kindveil.studio.page.build;

import java.util.List;
import java.util.Map;
import kindveil.studio.page.Marked;
import kindveil.studio.page.Marked.Mark;
import kindveil.studio.page.PageView;
import kindveil.studio.page.source.CornersView;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.piece.Piece;

/**
 * The photographed ground before it is laid flat; the photograph 1000 wide.
 *
 * @param tall its height
 * @param corners of the page, upper left first and then clockwise, and last where a white card lies
 * @param card whether one does
 * @param size of the page, as it was typed
 */
record GroundView(PieceHead head, long tall, boolean upright, String picture, List<Mark> corners, boolean card, CornersView.PageSize size, List<String> problems) implements PageView {
    private static final List<String> INSIDE = List.of("6", "6", "94", "6", "94", "94", "6", "94", "50", "3");
    private static final double UPRIGHT = 1.1;

    static GroundView of(Piece piece, double aspect, Map<String, String> typed, List<String> problems) {
        List<Mark> corners = Marked.of(typed, INSIDE, "white card");
        return new GroundView(PieceHead.of(piece, "Build"), Math.round(1000 * aspect), aspect > UPRIGHT, "/pictures/%s.png".formatted(piece.basis().photograph().orElseThrow()), corners, typed.containsKey("card"), CornersView.PageSize.of(typed, problems), problems);
    }
}
