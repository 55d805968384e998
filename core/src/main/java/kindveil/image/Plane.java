package kindveil.image;

import java.util.function.IntFunction;
import java.util.stream.IntStream;

/** One number a pixel, row by row from the top left; immutable. */
public final class Plane {
    private final int width;
    private final int height;
    private final float[] values;

    private Plane(int width, int height, float[] values) {
        this.width = width;
        this.height = height;
        this.values = values;
    }

    /** Takes over {@code values}; the caller must not keep it. */
    public static Plane of(int width, int height, float[] values) {
        if (width < 1 || height < 1 || (long) width * height != values.length) {
            throw new IllegalArgumentException("Impossible state: a plane of %d × %d with %d values."
                    .formatted(width, height, values.length));
        }
        return new Plane(width, height, values);
    }

    public static Plane filled(int width, int height, float value) {
        float[] values = new float[width * height];
        java.util.Arrays.fill(values, value);
        return of(width, height, values);
    }

    /** Built by asking for each pixel; rows are computed in parallel, so {@code pixel} must not share state. */
    public static Plane compute(int width, int height, PixelFunction pixel) {
        float[] values = new float[width * height];
        IntStream.range(0, height).parallel().forEach(y -> {
            for (int x = 0; x < width; x++) {
                values[y * width + x] = pixel.at(x, y);
            }
        });
        return of(width, height, values);
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }

    public float at(int x, int y) {
        return values[y * width + x];
    }

    /** The value at the edge for places outside. */
    public float atClamped(int x, int y) {
        return at(Math.clamp(x, 0, width - 1), Math.clamp(y, 0, height - 1));
    }

    /** Whether any value is above {@code limit}. */
    public boolean anyAbove(float limit) {
        for (float value : values) {
            if (value > limit) {
                return true;
            }
        }
        return false;
    }

    public Plane map(ValueFunction f) {
        return compute(width, height, (x, y) -> f.of(at(x, y)));
    }

    /** The same picture seen in a mirror. */
    public Plane mirrored() {
        return compute(width, height, (x, y) -> at(width - 1 - x, y));
    }

    public double mean() {
        double sum = 0;
        for (float v : values) {
            sum += v;
        }
        return sum / values.length;
    }

    /**
     * Scaled by averaging the source area under each new pixel, which is exact for reductions; for
     * enlargements each new pixel takes the value of the area it covers.
     */
    public Plane resized(int newWidth, int newHeight) {
        if (newWidth == width && newHeight == height) {
            return this;
        }
        Plane across = along(newWidth, width, height, (line, i) -> values[line * width + i],
                w -> new float[w * height]);
        return along(newHeight, height, newWidth, (line, i) -> across.values[i * newWidth + line],
                h -> new float[newWidth * h]).transposed(newWidth, newHeight);
    }

    private Plane transposed(int w, int h) {
        return compute(w, h, (x, y) -> values[x * h + y]);
    }

    private static Plane along(int to, int from, int lines, LineSample sample, IntFunction<float[]> make) {
        float[] out = make.apply(to);
        double step = from / (double) to;
        IntStream.range(0, lines).parallel().forEach(line -> {
            for (int i = 0; i < to; i++) {
                out[line * to + i] = average(sample, line, i * step, Math.min(from, (i + 1) * step), from);
            }
        });
        return of(to, lines, out);
    }

    private static float average(LineSample sample, int line, double start, double end, int limit) {
        double sum = 0;
        for (int k = (int) start; k < end && k < limit; k++) {
            sum += sample.at(line, k) * (Math.min(end, k + 1) - Math.max(start, k));
        }
        return (float) (sum / (end - start));
    }

    /** Blurred by a Gaussian of standard deviation {@code sigma} pixels; at most 0.01 leaves it as it is. */
    public Plane blurred(double sigma) {
        if (sigma <= 0.01) {
            return this;
        }
        float[] kernel = kernel(sigma);
        int reach = kernel.length / 2;
        Plane across = compute(width, height, (x, y) -> {
            float sum = 0;
            for (int k = -reach; k <= reach; k++) {
                sum += kernel[k + reach] * atClamped(x + k, y);
            }
            return sum;
        });
        return compute(width, height, (x, y) -> {
            float sum = 0;
            for (int k = -reach; k <= reach; k++) {
                sum += kernel[k + reach] * across.atClamped(x, y + k);
            }
            return sum;
        });
    }

    private static float[] kernel(double sigma) {
        int reach = Math.max(1, (int) Math.ceil(3 * sigma));
        double[] weights = IntStream.rangeClosed(-reach, reach).mapToDouble(k -> Math.exp(-k * k / (2 * sigma * sigma))).toArray();
        double total = java.util.Arrays.stream(weights).sum();
        float[] kernel = new float[weights.length];
        for (int i = 0; i < kernel.length; i++) {
            kernel[i] = (float) (weights[i] / total);
        }
        return kernel;
    }

    /** A value for a place. */
    @FunctionalInterface
    public interface PixelFunction {
        float at(int x, int y);
    }

    /** A value for a value. */
    @FunctionalInterface
    public interface ValueFunction {
        float of(float value);
    }

    @FunctionalInterface
    private interface LineSample {
        float at(int line, int index);
    }
}
