package kindveil.tone;

import java.util.Locale;
import kindveil.image.Plane;
import kindveil.measure.Figures;
import kindveil.measure.UnusableValue;

/**
 * An edge that is not a hard rectangle: feathered into white, or torn. A tear follows value noise in four octaves along
 * each side, in millimetres of the print, so that it is the same at every resolution and for the same seed.
 *
 * @param kind feathered or torn
 * @param depthMillimetres how far it reaches in, 0.5 to 40 mm
 * @param seed which tear; of no matter for a feathered edge
 */
public record Edge(Kind kind, double depthMillimetres, int seed) implements Treatment {
    private static final int OCTAVES = 4;
    private static final double LONGEST_WAVE_MILLIMETRES = 24;

    /** What kind of edge. */
    public enum Kind {
        FEATHER, TORN
    }

    public Edge {
        UnusableValue.requireWithin("depth of the edge", depthMillimetres, 0.5, 40, "mm", "4 to 8 mm suit most pictures.");
        UnusableValue.requireWithin("seed", seed, 0, 9999, "", "Any whole number gives its own tear.");
    }

    @Override
    public Plane apply(Plane luminance, double pixelsPerMillimetre) {
        double w = luminance.width() / pixelsPerMillimetre;
        double h = luminance.height() / pixelsPerMillimetre;
        double[][] reaches = kind == Kind.FEATHER ? null : reaches(luminance, pixelsPerMillimetre);
        return Plane.rows(luminance.width(), luminance.height(), (py, out, from) -> {
            double y = (py + 0.5) / pixelsPerMillimetre;
            for (int px = 0; px < luminance.width(); px++) {
                double x = (px + 0.5) / pixelsPerMillimetre;
                float keep = reaches == null ? feather(Math.min(Math.min(x, w - x), Math.min(y, h - y)))
                        : x > reaches[0][py] && w - x > reaches[1][py] && y > reaches[2][px] && h - y > reaches[3][px] ? 1 : 0;
                out[from + px] = 1 - keep * (1 - luminance.at(px, py));
            }
        });
    }

    /** How far the tear reaches in from each side, for each row from the left and right, for each column from the top and foot. */
    private double[][] reaches(Plane plane, double pixelsPerMillimetre) {
        double[][] reaches = new double[4][];
        for (int side = 0; side < 4; side++) {
            reaches[side] = new double[side < 2 ? plane.height() : plane.width()];
            for (int i = 0; i < reaches[side].length; i++) {
                reaches[side][i] = reach(side, (i + 0.5) / pixelsPerMillimetre);
            }
        }
        return reaches;
    }

    private float feather(double inside) {
        double t = Math.clamp(inside / depthMillimetres, 0, 1);
        return (float) (t * t * (3 - 2 * t));
    }

    /** How far the tear of a side reaches in, mm, at a place along it. */
    double reach(int side, double along) {
        double sum = 0;
        double weight = 0;
        double wave = LONGEST_WAVE_MILLIMETRES;
        double height = 1;
        for (int octave = 0; octave < OCTAVES; octave++) {
            sum += height * noise(side * 31 + octave, along / wave);
            weight += height;
            wave /= 2.7;
            height *= 0.55;
        }
        return depthMillimetres * sum / weight;
    }

    private double noise(int row, double at) {
        int cell = (int) Math.floor(at);
        double t = at - cell;
        double smooth = Noise.smooth(t);
        return Noise.hashed(seed, row, cell) * (1 - smooth) + Noise.hashed(seed, row, cell + 1) * smooth;
    }

    @Override
    public String code() {
        return "edge %s %s %d".formatted(kind.name().toLowerCase(Locale.ROOT), Figures.plain(depthMillimetres), seed);
    }

    @Override
    public String words() {
        return kind == Kind.FEATHER ? "feathered edge, %s mm".formatted(Figures.plain(depthMillimetres)) : "torn edge, up to %s mm (tear %d)".formatted(Figures.plain(depthMillimetres), seed);
    }
}
