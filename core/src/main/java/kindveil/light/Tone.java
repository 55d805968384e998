package kindveil.light;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.DoubleUnaryOperator;
import kindveil.image.Plane;

/**
 * The one tone function: how much of the paper black covers for a tone of the picture, whichever way it is printed.
 *
 * <p>A picture's L* from 0 to 100 is laid evenly onto what the print can hold, from its own solid black to its own paper; the
 * coverage is the one that gives that L* on that paper, dots mixing with clear paper under the surface (Murray &amp; Davies 1936).
 * The machine's own screen is fine and is taken to keep to it. A screen of the artist's own is coarse, and each edge of its dots
 * grows by {@value #GROWTH_MILLIMETRES} mm (assumed; 0.17 at mid-tone for a screen of six lines to the millimetre, the usual dot
 * gain of dry toner): {@link #screened} asks for as much less, and {@link #grown} adds it where dots are drawn.
 */
public final class Tone {
    /** By how much an edge of toner grows, mm. */
    public static final double GROWTH_MILLIMETRES = 0.01;
    private static final int STEPS = 4096;
    private static final Map<Inks, Tone> KNOWN = new ConcurrentHashMap<>();
    private final double black;
    private final double paper;
    private final float[] byRoot = new float[STEPS + 2];

    private Tone(Inks inks) {
        double rho = inks.innerPaper();
        double solid = rho * inks.black() * inks.black();
        black = Lab.lightnessOf(Surface.MATTE.outer(solid));
        paper = Lab.lightnessOf(Surface.MATTE.outer(rho));
        for (int i = 0; i < byRoot.length; i++) {
            double root = i / (double) STEPS;
            double seen = Surface.MATTE.inner(Lab.luminanceOf(mapped(Lab.lightnessOf(root * root))));
            byRoot[i] = (float) Math.clamp((rho - seen) / (rho - solid), 0, 1);
        }
    }

    public static Tone of(Inks inks) {
        return KNOWN.computeIfAbsent(inks, Tone::new);
    }

    /** L* of its solid black on its own paper. */
    public double black() {
        return black;
    }

    /** L* of its paper. */
    public double paper() {
        return paper;
    }

    /** The L* a tone of the picture comes out at on its own paper. */
    public double mapped(double lightness) {
        return black + (paper - black) * Math.clamp(lightness, 0, 100) / 100;
    }

    /** The share of paper that black covers for a luminance of the picture, 0 (black) to 1 (white). */
    public float coverage(float luminance) {
        float at = (float) Math.sqrt(Math.clamp(luminance, 0f, 1f)) * STEPS;
        int step = (int) at;
        return byRoot[step] + (byRoot[step + 1] - byRoot[step]) * (at - step);
    }

    /**
     * A picture as a screen is asked to draw it: light where the share drawn black, its edges grown, covers what {@link #coverage}
     * asks for.
     *
     * @param edge how much edge the screen has for a share of black, 0 to 1: mm to the mm²
     */
    public Plane screened(Plane luminance, DoubleUnaryOperator edge) {
        float[] shares = new float[STEPS + 1];
        for (int i = 0; i <= STEPS; i++) {
            double least = 0;
            double most = 1;
            for (int halving = 0; halving < 20; halving++) {
                double n = (least + most) / 2;
                boolean enough = n + GROWTH_MILLIMETRES * edge.applyAsDouble(n) >= i / (double) STEPS;
                least = enough ? least : n;
                most = enough ? n : most;
            }
            shares[i] = (float) ((least + most) / 2);
        }
        return luminance.map(light -> light <= 0 ? 0 : light >= 1 ? 1 : 1 - shares[Math.round(coverage(light) * STEPS)]);
    }

    /** What is drawn in black and white as it comes out: covered where it is dark, its edges grown. */
    public static Plane grown(Plane luminance, double pixelsPerMillimetre) {
        float by = (float) (GROWTH_MILLIMETRES * pixelsPerMillimetre);
        return Plane.rows(luminance.width(), luminance.height(), (y, out, from) -> {
            for (int x = 0; x < luminance.width(); x++) {
                float here = luminance.at(x, y);
                float across = darker(here, luminance.atClamped(x - 1, y)) + darker(here, luminance.atClamped(x + 1, y));
                float down = darker(here, luminance.atClamped(x, y - 1)) + darker(here, luminance.atClamped(x, y + 1));
                out[from + x] = Math.min(1, 1 - here + by * (float) Math.sqrt(across * across + down * down));
            }
        });
    }

    private static float darker(float here, float beside) {
        return Math.max(0, here - beside);
    }
}
