package kindveil.studio.page.source;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import kindveil.measure.Figures;
import kindveil.studio.page.Marked;
import kindveil.studio.page.Marked.Mark;
import kindveil.studio.page.PageView;
import kindveil.studio.page.piece.Guard;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.piece.Piece;
import kindveil.tone.Corners;
import org.jspecify.annotations.Nullable;

/**
 * The page on which a photographed page is laid flat by its corners, the photograph 1000 wide.
 *
 * @param tall its height
 * @param picture its address
 * @param corners upper left first, then clockwise
 * @param flat whether it is laid flat already
 * @param size of the page, where it is known
 */
public record CornersView(PieceHead head, long tall, boolean upright, String picture, List<Mark> corners, boolean flat, PageSize size, @Nullable Guard guard, List<String> problems) implements PageView {
    private static final double UPRIGHT = 1.1;
    private static final double[] INSIDE = {8, 8, 92, 8, 92, 92, 8, 92};

    static CornersView of(Piece piece, double aspect, Map<String, String> typed, List<String> problems) {
        Corners now = piece.design().treatments().of(Corners.class).orElse(null);
        double[] at = now == null ? INSIDE : new double[] {now.x1(), now.y1(), now.x2(), now.y2(), now.x3(), now.y3(), now.x4(), now.y4()};
        List<Mark> corners = Marked.of(typed, Arrays.stream(at).mapToObj(Figures::plain).toList());
        return new CornersView(PieceHead.of(piece, "Source"), Math.round(1000 * aspect), aspect > UPRIGHT, "/pictures/%s.png".formatted(piece.veil().source()), corners, now != null, PageSize.of(typed, problems), null, problems);
    }

    /** The page's own size, as it was typed. @param open whether the photograph does not tell its proportions surely */
    public record PageSize(String wide, String tall, boolean open) {
        public static PageSize of(Map<String, String> typed, List<String> problems) {
            return new PageSize(typed.getOrDefault("wide", ""), typed.getOrDefault("tall", ""), problems.stream().anyMatch(problem -> problem.contains("proportions")));
        }
    }

    CornersView asking(Guard other) {
        return new CornersView(head, tall, upright, picture, corners, flat, size, other, problems);
    }
}
