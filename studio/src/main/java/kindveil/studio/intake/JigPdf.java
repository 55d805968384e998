package kindveil.studio.intake;

import java.io.IOException;
import java.util.List;
import kindveil.light.Colour;
import kindveil.shape.Lying;
import kindveil.sheet.Tiles;

/**
 * A jig in its own size: stops for two corners of the page, and the place of what brings the image, so that it falls where it is
 * planned. Where the page is laid face down on it, everything stands reversed.
 */
public final class JigPdf {
    private static final double PAGE_LINE = 0.35;
    private static final double STOP_LINE = 1.2;
    private static final double STOP = 25;
    private static final double LINE = 0.3;
    private static final Colour INK = Colour.parse("ink", "#12272d");
    private static final Colour BRINGS = Colour.parse("what brings it", "#8a3b2a");

    private JigPdf() {
    }

    /**
     * What it is for.
     *
     * @param title of the piece
     * @param wide of the page, mm; likewise {@code tall}
     * @param image where it is to lie
     * @param brings what lies around it, the paper or plate that brings it
     * @param carrier what that is, in a word
     * @param reversed whether the page is laid face down
     */
    public record Jig(String title, double wide, double tall, Lying image, Lying brings, String carrier, boolean reversed) {
        String words() {
            return reversed ? "Lay the %s on this sheet, image up, on its outline; then the page face down into its stops.".formatted(carrier)
                    : "Lay the page on this sheet, face up, into its stops; the %s goes face down where its outline runs out under the page.".formatted(carrier);
        }
    }

    public static byte[] write(Jig jig, Tiles tiles) {
        return TiledPdf.write(jig.title + ", jig", jig.words(), jig.wide, tiles, jig.reversed, (pen, placing) -> draw(pen, placing, jig));
    }

    private static void draw(PdfPen pen, TiledPdf.Placing placing, Jig jig) throws IOException {
        pen.ink(INK);
        pen.ring(List.of(placing.at(0, 0), placing.at(jig.wide, 0), placing.at(jig.wide, jig.tall), placing.at(0, jig.tall)), PAGE_LINE);
        stop(pen, placing, new double[] {0, 0}, new double[] {1, 1}, jig);
        stop(pen, placing, new double[] {jig.wide, 0}, new double[] {-1, 1}, jig);
        pen.ink(BRINGS);
        pen.ring(ring(placing, jig.brings), LINE);
        pen.ring(ring(placing, jig.image), LINE);
        runs(pen, placing, jig);
        pen.ink(INK);
    }

    private static List<double[]> ring(TiledPdf.Placing placing, Lying lies) {
        return lies.corners().stream().map(corner -> placing.at(corner[0], corner[1])).toList();
    }

    /** A corner to push the page into, drawn thick outside its edge. */
    private static void stop(PdfPen pen, TiledPdf.Placing placing, double[] corner, double[] inwards, Jig jig) throws IOException {
        double x = corner[0] - inwards[0] * STOP_LINE / 2;
        double y = corner[1] - inwards[1] * STOP_LINE / 2;
        double[] at = placing.at(x, y);
        double[] across = placing.at(x + inwards[0] * Math.min(STOP, jig.wide / 3), y);
        double[] along = placing.at(x, y + inwards[1] * Math.min(STOP, jig.tall / 3));
        pen.line(at[0], at[1], across[0], across[1], STOP_LINE);
        pen.line(at[0], at[1], along[0], along[1], STOP_LINE);
    }

    /** The middle lines of what brings the image, run out to both edges of the sheet so that they are seen beside the page. */
    private static void runs(PdfPen pen, TiledPdf.Placing placing, Jig jig) throws IOException {
        double far = Math.max(jig.wide, jig.tall) / 2 + STOP;
        double w = jig.image.width();
        double h = jig.image.height();
        for (double[][] line : new double[][][] {{{w / 2, h / 2 - far}, {w / 2, h / 2 + far}}, {{w / 2 - far, h / 2}, {w / 2 + far, h / 2}}}) {
            double[] from = jig.image.onPage(line[0][0], line[0][1]);
            double[] to = jig.image.onPage(line[1][0], line[1][1]);
            double[] a = placing.at(from[0], from[1]);
            double[] b = placing.at(to[0], to[1]);
            pen.line(a[0], a[1], b[0], b[1], LINE / 2);
        }
    }
}
