package kindveil.studio.intake;

import java.util.List;
import java.util.Locale;
import kindveil.light.Colour;
import kindveil.sheet.BlockCut;
import kindveil.sheet.PrintSheet.Rect;

/**
 * What a cutter reads: the outlines of one block at exact size, as strokes alone, in the colour its operator has set cutting to.
 * Blocks of one picture have one frame, so that they register by their corners.
 */
public final class CutFile {
    private CutFile() {
    }

    /**
     * How strokes are drawn.
     *
     * @param colour as the cutter knows it
     * @param millimetres how wide a stroke is
     * @param mirrored whether left stands for right
     */
    public record Stroke(Colour colour, double millimetres, boolean mirrored) {
    }

    /** SVG (W3C, Scalable Vector Graphics 1.1): one unit of its view box is one millimetre. */
    public static String svg(String title, BlockCut block, Stroke stroke) {
        double w = block.blockWidth().millimetres();
        double h = block.blockHeight().millimetres();
        double b = block.border().millimetres();
        StringBuilder svg = new StringBuilder(String.format(Locale.ROOT, "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%1$.3fmm\" height=\"%2$.3fmm\" viewBox=\"0 0 %1$.3f %2$.3f\">%n<title>%3$s</title>%n", w, h,
                Outlines.escaped(title)));
        svg.append(String.format(Locale.ROOT, "<g fill=\"none\" stroke=\"%s\" stroke-width=\"%.3f\" stroke-linejoin=\"round\">%n<path id=\"block\" d=\"M0 0H%.3fV%.3fH0Z\"/>%n", stroke.colour, stroke.millimetres, w, h));
        svg.append(String.format(Locale.ROOT, "<path id=\"prints\" transform=\"%s\" d=\"%s\"/>%n", stroke.mirrored ? String.format(Locale.ROOT, "translate(%.3f %.3f) scale(-1 1)", w - b, b)
                : String.format(Locale.ROOT, "translate(%.3f %.3f)", b, b), block.prints().path(block.imageWidth().millimetres())));
        return svg.append("</g>\n</svg>\n").toString();
    }

    /** PDF, a page as large as the block. */
    public static byte[] pdf(String title, BlockCut block, Stroke stroke) {
        double w = block.blockWidth().millimetres();
        double h = block.blockHeight().millimetres();
        return PdfPen.write(title, List.of(new PdfPen.Page(block.blockWidth(), block.blockHeight(), 1, pen -> {
            pen.ink(stroke.colour);
            pen.ring(List.of(new double[] {0, 0}, new double[] {w, 0}, new double[] {w, h}, new double[] {0, h}), stroke.millimetres);
            double image = block.imageWidth().millimetres();
            pen.at(new Rect(block.border(), block.border(), block.imageWidth(), block.imageHeight()), stroke.mirrored, () -> {
                for (List<double[]> ring : block.prints().rings()) {
                    pen.ring(ring.stream().map(p -> new double[] {p[0] * image, p[1] * image}).toList(), stroke.millimetres);
                }
            });
        })));
    }
}
