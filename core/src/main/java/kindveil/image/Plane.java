package kindveil.image;

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

    /** Built row by row: {@code row} fills the row it is given; rows are computed in parallel. */
    public static Plane rows(int width, int height, RowFunction row) {
        float[] values = new float[width * height];
        IntStream.range(0, height).parallel().forEach(y -> row.fill(y, values, y * width));
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

    /** Between the four values around a place, the middle of the first pixel being 0, 0; the edge's outside. */
    public float between(double x, double y) {
        int x0 = (int) Math.floor(x);
        int y0 = (int) Math.floor(y);
        float u = (float) (x - x0);
        float v = (float) (y - y0);
        float top = atClamped(x0, y0) * (1 - u) + atClamped(x0 + 1, y0) * u;
        float foot = atClamped(x0, y0 + 1) * (1 - u) + atClamped(x0 + 1, y0 + 1) * u;
        return top * (1 - v) + foot * v;
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
        return rows(width, height, (y, out, from) -> {
            for (int i = from; i < from + width; i++) {
                out[i] = f.of(values[i]);
            }
        });
    }

    /** What it takes in memory. */
    public int bytes() {
        return Float.BYTES * width * height;
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
    public Plane resampled(int newWidth, int newHeight) {
        if (newWidth == width && newHeight == height) {
            return this;
        }
        return across(newWidth).down(newHeight);
    }

    /** What part of which old pixels lies under each new one: where they begin, and a weight for each. */
    private record Shares(int[] first, float[][] weights) {
        static Shares of(int from, int to) {
            int[] first = new int[to];
            float[][] weights = new float[to][];
            double step = from / (double) to;
            for (int i = 0; i < to; i++) {
                double start = i * step;
                double end = Math.min(from, (i + 1) * step);
                first[i] = (int) start;
                int last = Math.min(from, Math.max(first[i] + 1, (int) Math.ceil(end)));
                weights[i] = new float[last - first[i]];
                for (int k = first[i]; k < last; k++) {
                    weights[i][k - first[i]] = (float) ((Math.min(end, k + 1) - Math.max(start, k)) / (end - start));
                }
            }
            return new Shares(first, weights);
        }
    }

    private Plane across(int newWidth) {
        if (newWidth == width) {
            return this;
        }
        Shares shares = Shares.of(width, newWidth);
        return rows(newWidth, height, (y, out, from) -> {
            for (int x = 0; x < newWidth; x++) {
                float[] weights = shares.weights[x];
                int at = y * width + shares.first[x];
                float sum = 0;
                for (int k = 0; k < weights.length; k++) {
                    sum += weights[k] * values[at + k];
                }
                out[from + x] = sum;
            }
        });
    }

    private Plane down(int newHeight) {
        if (newHeight == height) {
            return this;
        }
        Shares shares = Shares.of(height, newHeight);
        return rows(width, newHeight, (y, out, from) -> {
            float[] weights = shares.weights[y];
            for (int k = 0; k < weights.length; k++) {
                int at = (shares.first[y] + k) * width;
                float weight = weights[k];
                for (int x = 0; x < width; x++) {
                    out[from + x] += weight * values[at + x];
                }
            }
        });
    }

    /** Blurred by a Gaussian of standard deviation {@code sigma} pixels; at most 0.01 leaves it as it is. */
    public Plane blurred(double sigma) {
        if (sigma <= 0.01) {
            return this;
        }
        float[] kernel = kernel(sigma);
        int reach = kernel.length / 2;
        Plane across = rows(width, height, (y, out, from) -> acrossRow(kernel, reach, y, out, from));
        return rows(width, height, (y, out, from) -> {
            int k = -reach;
            for (; k + 3 <= reach; k += 4) {
                add(out, from, width, across.values, kernel, k + reach, row(y + k), row(y + k + 1), row(y + k + 2), row(y + k + 3));
            }
            for (; k <= reach; k++) {
                add(out, from, width, across.values, kernel[k + reach], row(y + k));
            }
        });
    }

    /** One row, with its ends drawn out so that no place needs asking whether it lies inside. */
    private void acrossRow(float[] kernel, int reach, int y, float[] out, int from) {
        float[] wide = new float[width + 2 * reach];
        System.arraycopy(values, y * width, wide, reach, width);
        java.util.Arrays.fill(wide, 0, reach, values[y * width]);
        java.util.Arrays.fill(wide, reach + width, wide.length, values[y * width + width - 1]);
        int k = 0;
        for (; k + 3 < kernel.length; k += 4) {
            add(out, from, width, wide, kernel, k, k, k + 1, k + 2, k + 3);
        }
        for (; k < kernel.length; k++) {
            add(out, from, width, wide, kernel[k], k);
        }
    }

    /** Where a row begins; beyond an end, the row at that end. */
    private int row(int y) {
        return Math.clamp(y, 0, height - 1) * width;
    }

    private static void add(float[] out, int from, int width, float[] values, float weight, int at) {
        for (int x = 0; x < width; x++) {
            out[from + x] += weight * values[at + x];
        }
    }

    /** Four taps at once: what is summed is fetched and put down once for all of them. */
    private static void add(float[] out, int from, int width, float[] values, float[] kernel, int tap, int a, int b, int c, int d) {
        float wa = kernel[tap];
        float wb = kernel[tap + 1];
        float wc = kernel[tap + 2];
        float wd = kernel[tap + 3];
        for (int x = 0; x < width; x++) {
            out[from + x] += wa * values[a + x] + wb * values[b + x] + wc * values[c + x] + wd * values[d + x];
        }
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

    /** Fills the row {@code y} of the result, which begins at {@code from} in {@code values} and is all 0. */
    @FunctionalInterface
    public interface RowFunction {
        void fill(int y, float[] values, int from);
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
}
