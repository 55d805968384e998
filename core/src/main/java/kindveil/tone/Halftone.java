package kindveil.tone;

import java.util.Arrays;
import java.util.Locale;
import kindveil.image.Plane;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;

/**
 * A screen of dots or lines whose black share is the darkness of the picture. Each place is black where its luminance
 * lies below a threshold that is the rank of a spot function over one cell, so that a flat tone comes out as itself
 * whatever shape the spot has (the rank-equalised screen of clustered-dot halftoning; R. Ulichney, "Digital
 * Halftoning", MIT Press 1987, chapter 5).
 *
 * @param shape what grows in each cell
 * @param degrees of the screen against the horizontal, 0 to 180
 * @param linesPerMillimetre cells to the millimetre on the print, 0.2 to 6
 */
public record Halftone(Shape shape, double degrees, double linesPerMillimetre) implements Treatment {
    private static final int SAMPLES = 360;
    /** Contrast that the fundamental of the screen keeps under the way's softening when it is recommended. */
    private static final double KEPT_CONTRAST = 0.5;
    /** Cells that fall on whole pixels are taken off their middle, so that they grow pixel by pixel and not four at once. */
    private static final double OFF_ACROSS = 0.79;
    private static final double OFF_DOWN = 0.63;
    /** Added to every place so that none lies below 0; a whole number of fours of cells. */
    private static final double FAR = 1 << 20;
    private static final float NEARLY_WHITE = 0.9999f;
    private static final double COARSEST = 0.4;
    private static final double FINEST = 2.5;

    /** What grows in a cell. */
    public enum Shape {
        DOT, LINE;

        private float[] ranks;

        double spot(double u, double v) {
            double across = Math.cos(2 * Math.PI * u);
            return this == DOT ? across + Math.cos(2 * Math.PI * v) : across;
        }

        private synchronized float[] ranks() {
            if (ranks == null) {
                ranks = ranked();
            }
            return ranks;
        }

        private float[] ranked() {
            double[] values = new double[SAMPLES * SAMPLES];
            for (int i = 0; i < values.length; i++) {
                values[i] = spot((i % SAMPLES + 0.5) / SAMPLES, (i / SAMPLES + 0.5) / SAMPLES);
            }
            double[] sorted = values.clone();
            Arrays.sort(sorted);
            float[] ranks = new float[values.length];
            for (int i = 0; i < values.length; i++) {
                int first = firstAtLeast(sorted, values[i] - 1e-12);
                int last = firstAtLeast(sorted, values[i] + 1e-12);
                ranks[i] = (float) ((first + last) / 2.0 / values.length);
            }
            return ranks;
        }

        private static int firstAtLeast(double[] sorted, double value) {
            int at = Arrays.binarySearch(sorted, value);
            return at >= 0 ? at : -at - 1;
        }
    }

    public Halftone {
        UnusableValue.requireWithin("screen angle", degrees, 0, 180, "°", "45 is seen least.");
        UnusableValue.requireWithin("screen", linesPerMillimetre, 0.2, 6, "lines/mm", "Coarser survives the rubbing; 0.9 suits most ways.");
    }

    /** The finest screen whose cells keep half their contrast under a way's softening: f = √(ln 2 / 2) / (π σ). */
    public static Halftone recommended(Shape shape, Length softening) {
        double finest = Math.sqrt(-Math.log(KEPT_CONTRAST) / 2) / (Math.PI * softening.millimetres());
        double bounded = Math.clamp(finest, COARSEST, FINEST);
        return new Halftone(shape, 45, Math.floor(bounded * 20) / 20);
    }

    @Override
    public Plane apply(Plane luminance, double pixelsPerMillimetre) {
        float[] ranks = shape.ranks();
        double angle = Math.toRadians(degrees);
        double scale = linesPerMillimetre / pixelsPerMillimetre;
        float pixel = (float) (scale * scale);
        double cos = Math.cos(angle) * scale;
        double sin = Math.sin(angle) * scale;
        return Plane.rows(luminance.width(), luminance.height(), (y, out, from) -> {
            double alongRow = OFF_ACROSS * cos + (y + OFF_DOWN) * sin + FAR;
            double downRow = (y + OFF_DOWN) * cos - OFF_ACROSS * sin + FAR;
            for (int x = 0; x < luminance.width(); x++) {
                double u = alongRow + x * cos;
                double v = downRow - x * sin;
                int across = (int) u;
                int down = (int) v;
                int i = (int) ((u - across) * SAMPLES);
                int j = (int) ((v - down) * SAMPLES);
                // neighbouring cells grow by turns, so that a tone between two steps of a small cell comes out right on the whole
                float rank = ranks[j * SAMPLES + i] + (((across + 2 * down) & 3) - 1.5f) * pixel;
                float light = luminance.at(x, y);
                out[from + x] = light > 0 && light > Math.min(rank, NEARLY_WHITE) ? 1 : 0;
            }
        });
    }

    @Override
    public boolean screens() {
        return true;
    }

    /** A cell half black has the sides of a square on its corner, of fewer where less or more is black; a line always has two. */
    @Override
    public double edge(double share) {
        return linesPerMillimetre * (shape == Shape.DOT ? 2 * Math.sqrt(2) * 4 * share * (1 - share) : 2);
    }

    @Override
    public boolean blackAndWhite() {
        return true;
    }

    @Override
    public String code() {
        return "halftone %s %s %s".formatted(shape.name().toLowerCase(Locale.ROOT), Figures.plain(degrees), Figures.plain(linesPerMillimetre));
    }

    @Override
    public String words() {
        return "halftone of %ss, %s to the millimetre at %s°".formatted(shape.name().toLowerCase(Locale.ROOT), Figures.plain(linesPerMillimetre), Figures.plain(degrees));
    }
}
