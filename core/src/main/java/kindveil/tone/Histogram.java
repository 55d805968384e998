package kindveil.tone;

import java.util.stream.IntStream;
import kindveil.image.Plane;
import kindveil.light.Lab;

/**
 * How the lightness of a picture is spread.
 *
 * @param counts pixels in each of 100 bins of 1 L*
 */
public record Histogram(long[] counts) {
    public static final int BINS = 100;
    public static final int SOLID_BELOW = 25;
    public static final int CLEAR_ABOVE = 85;

    public Histogram {
        if (counts.length != BINS) {
            throw new IllegalArgumentException("Impossible state: %d bins of lightness.".formatted(counts.length));
        }
        counts = counts.clone();
    }

    public static Histogram of(Plane luminance) {
        return new Histogram(IntStream.range(0, luminance.height()).parallel().collect(() -> new long[BINS], (counts, y) -> {
            for (int x = 0; x < luminance.width(); x++) {
                counts[bin(luminance.at(x, y))]++;
            }
        }, Histogram::add));
    }

    private static void add(long[] to, long[] more) {
        for (int i = 0; i < to.length; i++) {
            to[i] += more[i];
        }
    }

    private static int bin(float luminance) {
        return Math.min((int) Lab.lightnessNear(luminance), BINS - 1);
    }

    @Override
    public long[] counts() {
        return counts.clone();
    }

    /** The share of pixels from one L* (included) to another (not included), 0 to 1. */
    public double share(int from, int to) {
        long inside = 0;
        for (int i = from; i < to; i++) {
            inside += counts[i];
        }
        return inside / (double) total();
    }

    public double solidDarks() {
        return share(0, SOLID_BELOW);
    }

    public double clears() {
        return share(CLEAR_ABOVE, BINS);
    }

    public double mids() {
        return share(SOLID_BELOW, CLEAR_ABOVE);
    }

    private long total() {
        long all = 0;
        for (long n : counts) {
            all += n;
        }
        return all;
    }

    /** The L* below which {@code share} of the pixels lie. */
    public int percentile(double share) {
        long wanted = (long) Math.ceil(share * total());
        long seen = 0;
        for (int i = 0; i < BINS; i++) {
            seen += counts[i];
            if (seen >= wanted && seen > 0) {
                return i;
            }
        }
        return BINS - 1;
    }

    /**
     * N. Otsu, "A threshold selection method from gray-level histograms", IEEE Trans. SMC 9 (1979):
     * the L* at which the two classes stand furthest apart, and η, the share of variance that lies between
     * them (0 = one tone, 1 = two).
     */
    public Threshold threshold() {
        double n = total();
        double mean = 0;
        double square = 0;
        for (int i = 0; i < BINS; i++) {
            mean += i * counts[i] / n;
            square += (double) i * i * counts[i] / n;
        }
        double variance = square - mean * mean;
        double weight = 0;
        double sum = 0;
        double best = 0;
        int level = BINS / 2;
        for (int i = 0; i < BINS - 1; i++) {
            weight += counts[i] / n;
            sum += i * counts[i] / n;
            if (weight > 0 && weight < 1) {
                double apart = mean * weight - sum;
                double between = apart * apart / (weight * (1 - weight));
                if (between > best) {
                    best = between;
                    level = i + 1;
                }
            }
        }
        return new Threshold(level, variance < 1e-9 ? 0 : best / variance);
    }

    /**
     * The parting of darks from lights.
     *
     * @param lightness darks lie below this L*
     * @param separability η, 0 to 1
     */
    public record Threshold(int lightness, double separability) {
    }
}
