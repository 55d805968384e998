package kindveil.tone;

import kindveil.image.Plane;
import kindveil.measure.Figures;
import kindveil.measure.UnusableValue;

/**
 * Grains of one size, as many as the picture is dark. R. W. Floyd &amp; L. Steinberg, "An adaptive algorithm for
 * spatial greyscale", Proc. SID 17 (1976), weights 7, 3, 5, 1 of 16, rows taken to and fro. The error that would leave
 * the picture at its edge is given to the next place along, so that no tone is lost.
 *
 * @param grainMillimetres side of a grain on the print, 0.05 to 3 mm
 */
public record Diffusion(double grainMillimetres) implements Treatment {
    public Diffusion {
        UnusableValue.requireWithin("grain", grainMillimetres, 0.05, 3, "mm", "0.4 mm survives most ways.");
    }

    @Override
    public Plane apply(Plane luminance, double pixelsPerMillimetre) {
        int side = Math.max(1, (int) Math.round(grainMillimetres * pixelsPerMillimetre));
        int w = Math.max(1, luminance.width() / side);
        int h = Math.max(1, luminance.height() / side);
        float[] grains = diffused(luminance.resampled(w, h));
        return Plane.compute(luminance.width(), luminance.height(), (x, y) -> grains[Math.min(h - 1, y * h / luminance.height()) * w + Math.min(w - 1, x * w / luminance.width())]);
    }

    static float[] diffused(Plane plane) {
        int w = plane.width();
        int h = plane.height();
        float[] out = new float[w * h];
        double[] here = new double[w];
        double[] below = new double[w];
        double carried = 0;
        for (int y = 0; y < h; y++) {
            int step = y % 2 == 0 ? 1 : -1;
            for (int i = 0; i < w; i++) {
                int x = step > 0 ? i : w - 1 - i;
                double wanted = plane.at(x, y) + here[x] + carried;
                float grain = wanted < 0.5 ? 0 : 1;
                out[y * w + x] = grain;
                carried = spread(wanted - grain, x, step, w, y == h - 1, below);
            }
            double[] spent = here;
            here = below;
            below = spent;
            java.util.Arrays.fill(below, 0);
        }
        return out;
    }

    /** Puts shares of an error into the row below and returns what goes to the next place; nothing is lost at an edge. */
    private static double spread(double error, int x, int step, int width, boolean last, double[] below) {
        if (last) {
            return error;
        }
        int back = x - step;
        int ahead = x + step;
        boolean hasBack = back >= 0 && back < width;
        boolean hasAhead = ahead >= 0 && ahead < width;
        if (hasBack) {
            below[back] += error * 3 / 16;
        }
        if (hasAhead) {
            below[ahead] += error / 16;
        }
        below[x] += error * (5 + (hasBack ? 0 : 3) + (hasAhead ? 0 : 8)) / 16;
        return hasAhead ? error * 7 / 16 : 0;
    }

    @Override
    public boolean screens() {
        return true;
    }

    /** Each grain by itself, until half are black and they stand by turns. */
    @Override
    public double edge(double share) {
        return 4 * Math.min(share, 1 - share) / grainMillimetres;
    }

    @Override
    public boolean blackAndWhite() {
        return true;
    }

    @Override
    public String code() {
        return "diffuse " + Figures.plain(grainMillimetres);
    }

    @Override
    public String words() {
        return "grains of %s mm".formatted(Figures.plain(grainMillimetres));
    }
}
