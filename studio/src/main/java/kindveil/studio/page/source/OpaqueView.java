package kindveil.studio.page.source;

import kindveil.studio.page.piece.PieceHead;
import java.util.ArrayList;
import java.util.List;
import kindveil.bench.Mask;
import kindveil.bench.Step;
import kindveil.measure.Figures;
import kindveil.shape.Region;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Say;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.Planned;

/**
 * The page on which the opaque part of a print is outlined, the picture 1000 wide.
 *
 * @param tall its height
 * @param upright whether it is taller than it is wide, and shown narrower
 * @param millimetres the print is wide
 * @param drawn the outline
 * @param told what is said of it
 * @param paints which acts paint it, and how it lies on the print
 */
record OpaqueView(PieceHead head, long tall, boolean upright, double millimetres, Outline drawn, Told told, List<String> paints) implements PageView {
    private static final int SHOWN_POINTS = 700;
    private static final double WIDTH = 1000;
    private static final double UPRIGHT = 1.1;

    /** The outline as a path, and as the points that can be moved. @param code as it is stored */
    record Outline(String path, List<Handle> handles, String code) {
    }

    /** A point of an outline that can be moved. */
    record Handle(int ring, int point, double x, double y) {
    }

    /** @param problem what is wrong with what came, or empty */
    record Told(String area, String counted, boolean found, boolean tooMany, String problem) {
    }

    static OpaqueView of(Planned planned, Region region, double aspect, String problem, Say say) {
        Piece piece = planned.piece();
        double width = piece.design().printWidth().millimetres();
        Told told = new Told(Figures.rounded(region.area() * width * width / 100, 1) + " cm²", "%s of the picture · %d %s · %d points".formatted(say.percent(region.area() / aspect), region.rings().size(),
                region.rings().size() == 1 ? "outline" : "outlines", region.points()), piece.design().opaque().isEmpty(), region.points() > SHOWN_POINTS, problem);
        return new OpaqueView(PieceHead.of(piece, "Source"), Math.round(WIDTH * aspect), aspect > UPRIGHT, width, new Outline(region.path(WIDTH), handles(region), piece.design().opaque()), told, paints(planned));
    }

    private static List<String> paints(Planned planned) {
        List<String> acts = planned.trace().moments().stream().filter(moment -> moment.act().step() instanceof Step.Apply apply && apply.part() == Mask.Part.BACKED).map(moment -> moment.act().title()).toList();
        String way = planned.piece().design().theWay().name();
        return List.of(acts.isEmpty() ? "%s paints nothing opaque; the outline is kept for a way that does.".formatted(way)
                : "%s paints it: %s%s.".formatted(way, acts.getFirst().toLowerCase(java.util.Locale.ROOT), acts.size() > 1 ? ", and %d more".formatted(acts.size() - 1) : ""),
                planned.mirrored() ? "On the print it lies mirrored, as the picture does; here you see it as it reads." : "It lies on the print as you see it.");
    }

    private static List<Handle> handles(Region region) {
        List<Handle> handles = new ArrayList<>();
        List<List<double[]>> rings = region.points() > SHOWN_POINTS ? List.of() : region.rings();
        for (int r = 0; r < rings.size(); r++) {
            for (int p = 0; p < rings.get(r).size(); p++) {
                handles.add(new Handle(r, p, hundredths(rings.get(r).get(p)[0]), hundredths(rings.get(r).get(p)[1])));
            }
        }
        return handles;
    }

    private static double hundredths(double share) {
        return Math.round(share * WIDTH * 100) / 100.0;
    }
}
