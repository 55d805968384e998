package kindveil.studio.page.build;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import kindveil.studio.page.PageView;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.piece.Piece;

/**
 * The photographed ground before it is laid flat; the photograph 1000 wide.
 *
 * @param tall its height
 * @param corners of the page, upper left first and then clockwise, and last where a white card lies
 * @param card whether one does
 * @param wide how wide the page is, as it was typed
 */
record GroundView(PieceHead head, long tall, boolean upright, String picture, List<Corner> corners, boolean card, String wide, List<String> problems) implements PageView {
    private static final List<String> NAMES = List.of("upper left", "upper right", "lower right", "lower left", "white card");
    private static final String[] INSIDE = {"6", "6", "94", "6", "94", "94", "6", "94", "50", "3"};
    private static final double UPRIGHT = 1.1;

    /** A place in per cent of the picture, as it was typed. */
    record Corner(int number, String name, String x, String y) {
    }

    static GroundView of(Piece piece, double aspect, Map<String, String> typed, List<String> problems) {
        List<Corner> corners = IntStream.range(0, NAMES.size()).mapToObj(i -> new Corner(i + 1, NAMES.get(i), typed.getOrDefault("x" + (i + 1), INSIDE[2 * i]), typed.getOrDefault("y" + (i + 1), INSIDE[2 * i + 1]))).toList();
        return new GroundView(PieceHead.of(piece, "Build"), Math.round(1000 * aspect), aspect > UPRIGHT, "/pictures/%s.png".formatted(piece.basis().photograph().orElseThrow()), corners, typed.containsKey("card"), typed.getOrDefault("wide", ""), problems);
    }
}
