package kindveil.tone;

import java.util.stream.IntStream;
import kindveil.image.Plane;
import kindveil.light.Srgb;
import kindveil.measure.Figures;
import kindveil.measure.UnusableValue;

/**
 * Black and white by what lies around, for uneven light. J. Sauvola &amp; M. Pietikäinen, "Adaptive document image
 * binarization", Pattern Recognition 33 (2000), eq. 5: t = m·(1 + k·(s/R − 1)), with mean m and deviation s of the
 * encoded values in a square window and R = 0.5, half their range. Sums over windows come from summed-area tables, so
 * the cost does not depend on the window.
 *
 * @param windowMillimetres side of the window on the print, 1 to 60 mm
 * @param sensitivity k, 0.02 (everything grey turns black) to 0.9 (only strong lines stay)
 */
public record AdaptiveThreshold(double windowMillimetres, double sensitivity) implements Treatment {
    public static final AdaptiveThreshold USUAL = new AdaptiveThreshold(8, 0.2);
    private static final double RANGE = 0.5;

    public AdaptiveThreshold {
        UnusableValue.requireWithin("window", windowMillimetres, 1, 60, "mm", "About ten times the width of a line.");
        UnusableValue.requireWithin("sensitivity", sensitivity, 0.02, 0.9, "", "0.2 suits most drawings.");
    }

    @Override
    public Plane apply(Plane luminance, double pixelsPerMillimetre) {
        int w = luminance.width();
        int h = luminance.height();
        int reach = Math.max(1, (int) Math.round(windowMillimetres * pixelsPerMillimetre / 2));
        Plane encoded = luminance.map(Srgb::encodeNear);
        double[] sums = summed(encoded, false);
        double[] squares = summed(encoded, true);
        return Plane.compute(w, h, (x, y) -> {
            int x0 = Math.max(0, x - reach);
            int y0 = Math.max(0, y - reach);
            int x1 = Math.min(w, x + reach + 1);
            int y1 = Math.min(h, y + reach + 1);
            double n = (double) (x1 - x0) * (y1 - y0);
            double mean = inside(sums, w, x0, y0, x1, y1) / n;
            double deviation = Math.sqrt(Math.max(0, inside(squares, w, x0, y0, x1, y1) / n - mean * mean));
            return encoded.at(x, y) < mean * (1 + sensitivity * (deviation / RANGE - 1)) ? 0 : 1;
        });
    }

    /** Sums of everything above and left of each corner, one row and column more than the plane. */
    private static double[] summed(Plane plane, boolean squared) {
        int w = plane.width() + 1;
        double[] sums = new double[w * (plane.height() + 1)];
        IntStream.range(0, plane.height()).parallel().forEach(y -> {
            double row = 0;
            for (int x = 0; x < plane.width(); x++) {
                double v = plane.at(x, y);
                row += squared ? v * v : v;
                sums[(y + 1) * w + x + 1] = row;
            }
        });
        for (int y = 2; y <= plane.height(); y++) {
            for (int x = 1; x < w; x++) {
                sums[y * w + x] += sums[(y - 1) * w + x];
            }
        }
        return sums;
    }

    private static double inside(double[] sums, int width, int x0, int y0, int x1, int y1) {
        int w = width + 1;
        return sums[y1 * w + x1] - sums[y0 * w + x1] - sums[y1 * w + x0] + sums[y0 * w + x0];
    }

    @Override
    public boolean blackAndWhite() {
        return true;
    }

    @Override
    public String code() {
        return "local %s %s".formatted(Figures.plain(windowMillimetres), Figures.plain(sensitivity));
    }

    @Override
    public String words() {
        return "black and white by what lies within %s mm".formatted(Figures.plain(windowMillimetres));
    }
}
