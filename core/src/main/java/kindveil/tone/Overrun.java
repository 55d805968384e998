package kindveil.tone;

import java.util.Random;
import kindveil.image.Plane;
import kindveil.measure.UnusableValue;

/**
 * A sheet run through a weak printer again, over itself. Each run lays the same toner, so densities add (the law of
 * Bouguer and Lambert); but the machine does not take the sheet the same way twice. A run lies off by an even chance of up
 * to {@link #FEED_ERROR_MILLIMETRES} either way, across and down (assumed for a home machine fed by hand against marks).
 *
 * @param runs 1 to 3
 */
public record Overrun(int runs) {
    public static final int MOST = 3;
    public static final double FEED_ERROR_MILLIMETRES = 0.5;
    private static final float BLACKEST = 0.02f;
    private static final int TRIALS = 4;

    public Overrun {
        UnusableValue.requireWithin("runs", runs, 1, MOST, "", "A third run still helps; a fourth only blurs.");
    }

    /** What a solid dark lets through after all runs, of what it lets through after one. */
    public double transmittance(double once) {
        return Math.pow(once, runs);
    }

    /** The picture as it stands on the sheet after all runs, light where no run laid toner. */
    public Plane apply(Plane luminance, double pixelsPerMillimetre, long seed) {
        if (runs == 1) {
            return luminance;
        }
        Random random = new Random(seed);
        Plane density = density(luminance);
        Plane sum = density;
        for (int run = 1; run < runs; run++) {
            double dx = off(random) * pixelsPerMillimetre;
            double dy = off(random) * pixelsPerMillimetre;
            Plane before = sum;
            sum = Plane.compute(luminance.width(), luminance.height(), (x, y) -> before.at(x, y) + between(density, x - dx, y - dy));
        }
        return sum.map(d -> (float) Math.exp(-d / runs));
    }

    private static double off(Random random) {
        return (2 * random.nextDouble() - 1) * FEED_ERROR_MILLIMETRES;
    }

    private static Plane density(Plane luminance) {
        return luminance.map(y -> (float) -Math.log(Math.clamp(y, BLACKEST, 1)));
    }

    private static float between(Plane plane, double x, double y) {
        int x0 = (int) Math.floor(x);
        int y0 = (int) Math.floor(y);
        float u = (float) (x - x0);
        float v = (float) (y - y0);
        return (plane.atClamped(x0, y0) * (1 - u) + plane.atClamped(x0 + 1, y0) * u) * (1 - v) + (plane.atClamped(x0, y0 + 1) * (1 - u) + plane.atClamped(x0 + 1, y0 + 1) * u) * v;
    }

    /** Share of the detail that running it over itself takes, 0 to 1: the mean of a few sheets. */
    public double detailLost(Plane luminance, double pixelsPerMillimetre) {
        if (runs == 1) {
            return 0;
        }
        Plane exact = density(luminance);
        double before = energy(exact);
        double lost = 0;
        for (int trial = 0; trial < TRIALS; trial++) {
            lost += before < 1e-9 ? 0 : Math.clamp(1 - energy(density(apply(luminance, pixelsPerMillimetre, trial))) / before, 0, 1);
        }
        return lost / TRIALS;
    }

    private static double energy(Plane plane) {
        double sum = 0;
        for (int y = 0; y < plane.height() - 1; y++) {
            for (int x = 0; x < plane.width() - 1; x++) {
                double across = plane.at(x + 1, y) - plane.at(x, y);
                double down = plane.at(x, y + 1) - plane.at(x, y);
                sum += across * across + down * down;
            }
        }
        return sum;
    }
}
