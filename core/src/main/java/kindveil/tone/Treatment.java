package kindveil.tone;

import java.util.Arrays;
import kindveil.image.Plane;
import kindveil.light.Lab;
import kindveil.measure.UnusableValue;

/** Something done to a source's tones before it is printed; the source itself is never altered. */
public sealed interface Treatment permits Treatment.Levels, Treatment.Posterise, Treatment.Invert, Framing, Threshold, AdaptiveThreshold, Halftone, Diffusion, Edge, PlainBackground {
    /** @param pixelsPerMillimetre of the print, for what has a size */
    Plane apply(Plane luminance, double pixelsPerMillimetre);

    /** The size of the picture after it. */
    default Size size(Size before) {
        return before;
    }

    /** Where a place of the picture comes to lie, in the same measure as its size before. */
    default double[] place(double x, double y, Size before) {
        return new double[] {x, y};
    }

    /** Whether only black and white are left. */
    default boolean blackAndWhite() {
        return false;
    }

    /** Whether it draws tones as a screen, which is asked for as much black as, its edges grown in print, gives the tone. */
    default boolean screens() {
        return false;
    }

    /** How much edge such a screen has where {@code share} of it is black, 0 to 1: mm to the mm². */
    default double edge(double share) {
        return 0;
    }

    /** A word and its numbers, as {@link Treatments#parse} reads them back. */
    String code();

    /** What it does, in the words of a button. */
    String words();

    /**
     * Stretches lightness so that {@code black} and all below become black, {@code white} and all above white.
     *
     * @param black L*, 0 to 95
     * @param white L*, at least 5 above black, at most 100
     */
    record Levels(int black, int white) implements Treatment {
        public static final Levels NONE = new Levels(0, 100);
        private static final int LEAST_APART = 5;

        public Levels {
            UnusableValue.requireWithin("black point", black, 0, 100 - LEAST_APART, "L*", "0 leaves the darks as they are.");
            UnusableValue.requireWithin("white point", white, black + LEAST_APART, 100, "L*",
                    "It must lie at least 5 L* above the black point; 100 leaves the lights as they are.");
        }

        @Override
        public Plane apply(Plane luminance, double pixelsPerMillimetre) {
            if (equals(NONE)) {
                return luminance;
            }
            return luminance.map(y -> (float) Lab.luminanceOf(
                    Math.clamp((Lab.lightnessNear(y) - black) * 100 / (white - black), 0, 100)));
        }

        @Override
        public String code() {
            return "levels %d %d".formatted(black, white);
        }

        @Override
        public String words() {
            return "stretch the tones from L* %d to %d".formatted(black, white);
        }
    }

    /**
     * Gathers the tones into a few, evenly spread from black to white. The boundaries are those of least squared
     * error (S. P. Lloyd, "Least squares quantization in PCM", IEEE Trans. IT 28, 1982, method I) on the
     * picture's own histogram.
     *
     * @param values how many tones are kept, 2 to 8
     */
    record Posterise(int values) implements Treatment {
        private static final int ROUNDS = 50;

        public Posterise {
            UnusableValue.requireWithin("number of values", values, 2, 8, "tones", "Three or four suit most pictures.");
        }

        @Override
        public Plane apply(Plane luminance, double pixelsPerMillimetre) {
            double[] bounds = bounds(Histogram.of(luminance));
            float[] kept = new float[values];
            for (int k = 0; k < values; k++) {
                kept[k] = (float) Lab.luminanceOf(100.0 * k / (values - 1));
            }
            return luminance.map(y -> {
                double lightness = Lab.lightnessNear(y);
                int step = 0;
                while (step < bounds.length && lightness >= bounds[step]) {
                    step++;
                }
                return kept[step];
            });
        }

        private double[] bounds(Histogram tones) {
            long[] counts = tones.counts();
            double[] centres = new double[values];
            for (int k = 0; k < values; k++) {
                centres[k] = tones.percentile((k + 0.5) / values);
            }
            double[] bounds = new double[values - 1];
            for (int round = 0; round < ROUNDS; round++) {
                for (int k = 0; k < bounds.length; k++) {
                    bounds[k] = (centres[k] + centres[k + 1]) / 2;
                }
                if (!recentre(counts, bounds, centres)) {
                    break;
                }
            }
            return bounds;
        }

        private static boolean recentre(long[] counts, double[] bounds, double[] centres) {
            double[] before = centres.clone();
            int bin = 0;
            for (int k = 0; k < centres.length; k++) {
                double sum = 0;
                long n = 0;
                double end = k < bounds.length ? bounds[k] : Histogram.BINS;
                for (; bin < end && bin < Histogram.BINS; bin++) {
                    sum += (bin + 0.5) * counts[bin];
                    n += counts[bin];
                }
                if (n > 0) {
                    centres[k] = sum / n;
                }
            }
            return !Arrays.equals(before, centres);
        }

        @Override
        public String code() {
            return "simplify " + values;
        }

        @Override
        public String words() {
            return "simplify to %d tones".formatted(values);
        }
    }

    /** Light for dark: lightness L* becomes 100 − L*. */
    record Invert() implements Treatment {
        @Override
        public Plane apply(Plane luminance, double pixelsPerMillimetre) {
            return luminance.map(y -> (float) Lab.luminanceOf(100 - Lab.lightnessNear(y)));
        }

        @Override
        public String code() {
            return "invert";
        }

        @Override
        public String words() {
            return "invert light and dark";
        }
    }
}
