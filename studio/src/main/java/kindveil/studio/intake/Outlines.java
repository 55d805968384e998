package kindveil.studio.intake;

import java.util.List;
import java.util.Locale;
import kindveil.measure.Length;
import kindveil.shape.Region;

/** Outlines as SVG (W3C, Scalable Vector Graphics 1.1) at exact size: one unit of its view box is one millimetre. */
public final class Outlines {
    private static final double LINE_MILLIMETRES = 0.25;
    private static final double CROSS_MILLIMETRES = 4;

    private Outlines() {
    }

    /** Each region as one path, with a frame and a cross at every corner to lay it by. */
    public static String svg(String title, Length width, Length height, boolean mirrored, List<Region> regions) {
        double w = width.millimetres();
        double h = height.millimetres();
        double m = CROSS_MILLIMETRES + 1;
        StringBuilder svg = new StringBuilder();
        svg.append(String.format(Locale.ROOT, "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.3fmm\" height=\"%.3fmm\" viewBox=\"%.3f %.3f %.3f %.3f\">%n",
                w + 2 * m, h + 2 * m, -m, -m, w + 2 * m, h + 2 * m));
        svg.append("<title>").append(escaped(title)).append("</title>\n");
        svg.append(String.format(Locale.ROOT, "<g fill=\"none\" stroke=\"#000\" stroke-width=\"%.2f\" stroke-linejoin=\"round\"%s>%n", LINE_MILLIMETRES,
                mirrored ? String.format(Locale.ROOT, " transform=\"translate(%.3f 0) scale(-1 1)\"", w) : ""));
        for (Region region : regions) {
            svg.append("<path fill-rule=\"evenodd\" d=\"").append(region.path(w)).append("\"/>\n");
        }
        svg.append("</g>\n<g id=\"register\" fill=\"none\" stroke=\"#000\" stroke-width=\"0.15\">\n");
        for (double x : new double[] {0, w}) {
            for (double y : new double[] {0, h}) {
                svg.append(String.format(Locale.ROOT, "<path d=\"M%.3f %.3fh%.1fM%.3f %.3fv%.1f\"/>%n", x - CROSS_MILLIMETRES, y, 2 * CROSS_MILLIMETRES, x, y - CROSS_MILLIMETRES, 2 * CROSS_MILLIMETRES));
            }
        }
        return svg.append("</g>\n</svg>\n").toString();
    }

    static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }
}
