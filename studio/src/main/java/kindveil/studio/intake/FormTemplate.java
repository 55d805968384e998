package kindveil.studio.intake;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import kindveil.sheet.CurvedForm.Cut;
import kindveil.sheet.CurvedForm.Patch;
import kindveil.sheet.PrintSheet;
import kindveil.sheet.PrintSheet.Rect;

/** The outline of a piece for a curved form with its relief cuts, at exact size. */
public final class FormTemplate {
    private static final double LINE = 0.2;

    private FormTemplate() {
    }

    /** On one sheet with its rule, over a pale image. */
    public static byte[] pdf(PrintSheet sheet, BufferedImage pale, List<double[]> outline, List<Cut> cuts, String note, String settings) {
        return PdfPen.write(note, List.of(new PdfPen.Page(sheet.width(), sheet.height(), 1, pen -> {
            Rect r = sheet.places().getFirst().rect();
            pen.image(pale, r, false);
            pen.at(r, false, () -> {
                pen.ring(outline, LINE);
                for (Cut cut : cuts) {
                    pen.line(cut.x(), cut.y(), cut.leftX(), cut.leftY(), LINE);
                    pen.line(cut.x(), cut.y(), cut.rightX(), cut.rightY(), LINE);
                }
            });
            PrintPdf.foot(pen, sheet, note, settings);
        })));
    }

    /** SVG (W3C, Scalable Vector Graphics 1.1), one unit of its view box to the millimetre. */
    public static String svg(String title, Patch patch, List<double[]> outline, List<Cut> cuts) {
        double w = patch.width().millimetres();
        double h = patch.height().millimetres();
        StringBuilder svg = new StringBuilder(String.format(Locale.ROOT, "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.3fmm\" height=\"%.3fmm\" viewBox=\"-1 -1 %.3f %.3f\">%n<title>%s</title>%n",
                w + 2, h + 2, w + 2, h + 2, Outlines.escaped(title)));
        svg.append(String.format(Locale.ROOT, "<g fill=\"none\" stroke=\"#000\" stroke-width=\"%.2f\">%n<path d=\"%s\"/>%n", LINE, outline(outline)));
        cuts.forEach(cut -> svg.append(path(cut)));
        return svg.append("</g>\n</svg>\n").toString();
    }

    /** A piece's outline as path data, mm. */
    public static String outline(List<double[]> points) {
        return points.stream().map(p -> String.format(Locale.ROOT, "%.3f %.3f", p[0], p[1])).collect(Collectors.joining("L", "M", "Z"));
    }

    private static String path(Cut cut) {
        return String.format(Locale.ROOT, "<path d=\"%s\"/>%n", data(cut));
    }

    /** A cut as path data, mm. */
    public static String data(Cut cut) {
        return String.format(Locale.ROOT, "M%.3f %.3fL%.3f %.3fL%.3f %.3f", cut.leftX(), cut.leftY(), cut.x(), cut.y(), cut.rightX(), cut.rightY());
    }
}
