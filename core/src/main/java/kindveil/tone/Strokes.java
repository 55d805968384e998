package kindveil.tone;

import java.util.Arrays;
import kindveil.image.Plane;
import kindveil.measure.UnusableValue;

/**
 * A cover broken on purpose: the marks of a wide brush that was not filled, and ground between them. Value noise drawn out along the
 * brush and cut at the share that is to be covered, so that exactly so much is; the same for one seed every time.
 *
 * @param share that is covered, 0.05 to 0.99
 * @param seed which strokes
 */
public record Strokes(double share, int seed) {
    /** How long and how wide the marks of a brush are, mm, and how it slants (assumed). */
    private static final double LONG = 34;
    private static final double WIDE = 2.6;
    private static final double SLANT = Math.toRadians(-14);
    private static final int OCTAVES = 3;
    private static final int LEVELS = 4096;

    public Strokes {
        UnusableValue.requireWithin("share covered", share, 0.05, 0.99, "", "0.7 leaves a third of the ground to show.");
    }

    /** 1 where it is covered. */
    public Plane over(int width, int height, double pixelsPerMillimetre) {
        Plane noise = Plane.compute(width, height, (x, y) -> at((x + 0.5) / pixelsPerMillimetre, (y + 0.5) / pixelsPerMillimetre));
        float level = level(noise);
        return noise.map(v -> v <= level ? 1 : 0);
    }

    /** Below which so much lies. */
    private float level(Plane noise) {
        int[] counts = new int[LEVELS + 1];
        for (int y = 0; y < noise.height(); y++) {
            for (int x = 0; x < noise.width(); x++) {
                counts[(int) (noise.at(x, y) * LEVELS)]++;
            }
        }
        long wanted = Math.round(share * Arrays.stream(counts).asLongStream().sum());
        long seen = 0;
        int level = 0;
        while (level < LEVELS && seen + counts[level] <= wanted) {
            seen += counts[level++];
        }
        return (float) level / LEVELS;
    }

    private float at(double x, double y) {
        double along = (x * Math.cos(SLANT) - y * Math.sin(SLANT)) / LONG;
        double across = (x * Math.sin(SLANT) + y * Math.cos(SLANT)) / WIDE;
        double sum = 0;
        double weight = 0;
        double height = 1;
        double finer = 1;
        for (int octave = 0; octave < OCTAVES; octave++) {
            sum += height * Noise.value(along * finer, across * finer, seed * 31L + octave);
            weight += height;
            height *= 0.5;
            finer *= 2.1;
        }
        return (float) Math.clamp(sum / weight, 0, 1);
    }
}
