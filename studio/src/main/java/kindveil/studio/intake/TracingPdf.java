package kindveil.studio.intake;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import kindveil.light.Colour;
import kindveil.shape.Region;
import kindveil.sheet.Tiles;

/** Outlines of a whole work in its own size, to be traced or laid over it, on as many sheets as it takes. */
public final class TracingPdf {
    private static final double PAGE_LINE = 0.35;
    private static final double IMAGE_LINE = 0.2;
    private static final double OUTLINE = 0.25;
    private static final double CROSS = 4;
    private static final double RULE = 50;
    private static final double NOTE = 7;
    private static final List<Colour> INKS = List.of(Colour.parse("first", "#12272d"), Colour.parse("second", "#8a3b2a"), Colour.parse("third", "#2f6f80"), Colour.parse("fourth", "#7a6a1e"), Colour.parse("fifth", "#5a3f73"), Colour.parse("sixth", "#3f6b3f"));

    private TracingPdf() {
    }

    /**
     * What one veil is.
     *
     * @param x of the left edge of its image on the work, mm; likewise {@code y} down, with its size
     * @param mirrored whether its outlines are turned left for right within its image
     * @param outlines in widths of the image
     */
    public record Image(String name, double x, double y, double width, double height, boolean mirrored, List<Region> outlines) {
    }

    /** @param wide of the work, mm; likewise {@code tall} @param reversed for a tracing that is laid face down */
    public static byte[] write(String title, double wide, double tall, List<Image> images, Tiles tiles, boolean reversed) {
        List<PdfPen.Page> pages = new ArrayList<>();
        for (Tiles.Part part : tiles.parts()) {
            pages.add(new PdfPen.Page(tiles.sheet().width(), tiles.sheet().height(), 1, pen -> {
                Placing placing = new Placing(part, wide, reversed);
                work(pen, placing, wide, tall, images);
                for (double[] cross : tiles.crosses()) {
                    cross(pen, cross[0] - part.left() + Tiles.MARGIN, cross[1] - part.top() + Tiles.MARGIN);
                }
                note(pen, "%s%s · sheet %d of %d, row %d column %d%s · the line is 50 mm: measure it".formatted(title, reversed ? ", reversed" : "", tiles.parts().indexOf(part) + 1, tiles.parts().size(), part.row() + 1, part.column() + 1,
                        tiles.parts().size() == 1 ? "" : " · lay crosses on crosses"), tiles.sheet().width().millimetres(), tiles.sheet().height().millimetres());
            }));
        }
        return PdfPen.write(title, pages);
    }

    /** From the work to one of its sheets. */
    private record Placing(Tiles.Part part, double wide, boolean reversed) {
        double[] at(double x, double y) {
            return new double[] {(reversed ? wide - x : x) - part.left() + Tiles.MARGIN, y - part.top() + Tiles.MARGIN};
        }
    }

    private static void work(PdfPen pen, Placing placing, double wide, double tall, List<Image> images) throws IOException {
        pen.ring(box(placing, 0, 0, wide, tall), PAGE_LINE);
        for (double[] corner : new double[][] {{0, 0}, {wide, 0}, {wide, tall}, {0, tall}}) {
            double[] at = placing.at(corner[0], corner[1]);
            cross(pen, at[0], at[1]);
        }
        for (int i = 0; i < images.size(); i++) {
            Image image = images.get(i);
            pen.ink(INKS.get(i % INKS.size()));
            pen.ring(box(placing, image.x, image.y, image.width, image.height), IMAGE_LINE);
            for (Region region : image.outlines) {
                for (List<double[]> ring : region.rings()) {
                    pen.ring(ring.stream().map(point -> placing.at(image.x + (image.mirrored ? 1 - point[0] : point[0]) * image.width, image.y + point[1] * image.width)).toList(), OUTLINE);
                }
            }
            double[] named = placing.at(placing.reversed ? image.x + image.width : image.x, image.y);
            pen.text(named[0] + 1, named[1] - 1, NOTE, image.name);
        }
        pen.ink(INKS.getFirst());
    }

    private static List<double[]> box(Placing placing, double x, double y, double width, double height) {
        return List.of(placing.at(x, y), placing.at(x + width, y), placing.at(x + width, y + height), placing.at(x, y + height));
    }

    private static void cross(PdfPen pen, double x, double y) throws IOException {
        pen.line(x - CROSS, y, x + CROSS, y, IMAGE_LINE);
        pen.line(x, y - CROSS, x, y + CROSS, IMAGE_LINE);
    }

    private static void note(PdfPen pen, String words, double wide, double tall) throws IOException {
        double y = tall - 3;
        pen.line(Tiles.MARGIN, y, Tiles.MARGIN + RULE, y, OUTLINE);
        pen.line(Tiles.MARGIN, y - 1.5, Tiles.MARGIN, y, OUTLINE);
        pen.line(Tiles.MARGIN + RULE, y - 1.5, Tiles.MARGIN + RULE, y, OUTLINE);
        pen.textWithin(Tiles.MARGIN + RULE + 3, y, NOTE, wide - 2 * Tiles.MARGIN - RULE - 3, words);
    }
}
