package kindveil.studio.intake;

import java.io.IOException;
import java.util.List;
import kindveil.light.Colour;
import kindveil.shape.Lying;
import kindveil.shape.Region;
import kindveil.sheet.Tiles;

/** Outlines of a whole work in its own size, to be traced or laid over it, on as many sheets as it takes. */
public final class TracingPdf {
    private static final double PAGE_LINE = 0.35;
    private static final double IMAGE_LINE = 0.2;
    private static final double OUTLINE = 0.25;
    private static final double MARK = 3;
    private static final double NOTE = 7;
    private static final List<Colour> INKS = List.of(Colour.parse("first", "#12272d"), Colour.parse("second", "#8a3b2a"), Colour.parse("third", "#2f6f80"), Colour.parse("fourth", "#7a6a1e"), Colour.parse("fifth", "#5a3f73"), Colour.parse("sixth", "#3f6b3f"));

    private TracingPdf() {
    }

    /**
     * What one veil is.
     *
     * @param lies where on the work
     * @param mirrored whether its outlines are turned left for right within its image
     * @param outlines in widths of the image
     */
    public record Image(String name, Lying lies, boolean mirrored, List<Region> outlines) {
    }

    /** @param wide of the work, mm; likewise {@code tall} @param reversed for a tracing that is laid face down */
    public static byte[] write(String title, double wide, double tall, List<Image> images, Tiles tiles, boolean reversed) {
        return TiledPdf.write(title + (reversed ? ", reversed" : ""), "", wide, tiles, reversed, (pen, placing) -> work(pen, placing, wide, tall, images));
    }

    private static void work(PdfPen pen, TiledPdf.Placing placing, double wide, double tall, List<Image> images) throws IOException {
        pen.ring(box(placing, 0, 0, wide, tall), PAGE_LINE);
        for (double[] corner : new double[][] {{0, 0}, {wide, 0}, {wide, tall}, {0, tall}}) {
            double[] at = placing.at(corner[0], corner[1]);
            TiledPdf.cross(pen, at[0], at[1]);
        }
        for (int i = 0; i < images.size(); i++) {
            Image image = images.get(i);
            pen.ink(INKS.get(i % INKS.size()));
            Lying lies = image.lies;
            pen.ring(lies.corners().stream().map(corner -> placing.at(corner[0], corner[1])).toList(), IMAGE_LINE);
            marks(pen, placing, lies);
            for (Region region : image.outlines) {
                for (List<double[]> ring : region.rings()) {
                    pen.ring(ring.stream().map(point -> lies.onPage((image.mirrored ? 1 - point[0] : point[0]) * lies.width(), point[1] * lies.width())).map(at -> placing.at(at[0], at[1])).toList(), OUTLINE);
                }
            }
            double[] corner = lies.corners().get(placing.reversed() ? 1 : 0);
            double[] named = placing.at(corner[0], corner[1]);
            pen.text(named[0] + 1, named[1] - 1, NOTE, image.name);
        }
        pen.ink(INKS.getFirst());
    }

    /** Register marks: over the middle of each side of an image, half within it and half outside, to be carried over to print and page. */
    private static void marks(PdfPen pen, TiledPdf.Placing placing, Lying lies) throws IOException {
        double w = lies.width();
        double h = lies.height();
        for (double[] side : new double[][] {{w / 2, 0, 0, 1}, {w, h / 2, 1, 0}, {w / 2, h, 0, 1}, {0, h / 2, 1, 0}}) {
            double[] from = lies.onPage(side[0] - MARK * side[2], side[1] - MARK * side[3]);
            double[] to = lies.onPage(side[0] + MARK * side[2], side[1] + MARK * side[3]);
            double[] a = placing.at(from[0], from[1]);
            double[] b = placing.at(to[0], to[1]);
            pen.line(a[0], a[1], b[0], b[1], OUTLINE);
        }
    }

    private static List<double[]> box(TiledPdf.Placing placing, double x, double y, double width, double height) {
        return List.of(placing.at(x, y), placing.at(x + width, y), placing.at(x + width, y + height), placing.at(x, y + height));
    }
}
