package kindveil.tone;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import kindveil.image.Plane;
import kindveil.light.Inks;
import kindveil.light.Tone;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;

/**
 * A sheet run through a weak printer again, over itself. Each run lays the same toner over what lies there, so what one lets
 * through the next takes its share of (the law of Bouguer and Lambert); but the machine does not take the sheet the same way
 * twice. A run after the first lies off by an even chance of up to {@link #FEED_ERROR_MILLIMETRES} either way, across and
 * down (assumed for a home machine fed by hand against marks).
 *
 * @param runs 1 to 3
 * @param once share of the light a solid dark lets through after one run, one way
 */
public record Overrun(int runs, double once) {
    public static final int MOST = 3;
    public static final double FEED_ERROR_MILLIMETRES = 0.5;
    private static final int TRIALS = 4;

    public Overrun {
        requireRuns(runs);
    }

    public static int requireRuns(int runs) {
        return (int) UnusableValue.requireWithin("runs", runs, 1, MOST, "", "A third run still helps; a fourth only blurs.");
    }

    /** What a solid dark lets through after all runs, one way. */
    public double transmittance() {
        return Math.pow(once, runs);
    }

    /** How far all runs together soften a drawing on average, σ in mm: that of as many copies, all but the first off by an even chance. */
    public static double softening(int runs) {
        return FEED_ERROR_MILLIMETRES / Math.sqrt(3) * (runs - 1) / runs;
    }

    /** The picture as each run lays it, the first where it is meant. */
    public List<Plane> laid(Plane luminance, double pixelsPerMillimetre, long seed) {
        List<Plane> laid = new ArrayList<>(List.of(luminance));
        Random random = new Random(seed);
        for (int run = 1; run < runs; run++) {
            double dx = off(random) * pixelsPerMillimetre;
            double dy = off(random) * pixelsPerMillimetre;
            laid.add(Plane.compute(luminance.width(), luminance.height(), (x, y) -> luminance.between(x - dx, y - dy)));
        }
        return laid;
    }

    private static double off(Random random) {
        return (2 * random.nextDouble() - 1) * FEED_ERROR_MILLIMETRES;
    }

    /** Light that comes back through all runs off a white sheet, from 0 where all are solid to 1 where none lies. */
    private Plane seen(List<Plane> laid) {
        Tone tone = Tone.of(Inks.black(once));
        float solid = (float) (once * once);
        float least = (float) Math.pow(solid, laid.size());
        Plane first = laid.getFirst();
        return Plane.rows(first.width(), first.height(), (y, out, from) -> {
            for (int x = 0; x < first.width(); x++) {
                float light = 1;
                for (Plane run : laid) {
                    light *= 1 - tone.coverage(run.at(x, y)) * (1 - solid);
                }
                out[from + x] = (light - least) / (1 - least);
            }
        });
    }

    /** Share of the detail that running it over itself takes, 0 to 1: the mean of a few sheets, against runs that all lie right. */
    public double detailLost(Plane luminance, Length printedWidth) {
        if (runs == 1) {
            return 0;
        }
        double lost = 0;
        for (int trial = 0; trial < TRIALS; trial++) {
            int seed = trial;
            lost += Detail.of(luminance, printedWidth, (plane, scale) -> seen(java.util.Collections.nCopies(runs, plane)), (plane, scale) -> seen(laid(plane, scale, seed))).atRisk();
        }
        return lost / TRIALS;
    }
}
