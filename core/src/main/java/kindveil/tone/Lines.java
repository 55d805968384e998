package kindveil.tone;

import java.util.stream.IntStream;
import kindveil.image.Plane;

/**
 * How fine the lines of a picture are. Each dark pixel counts with the shorter of the dark runs through it, across and
 * down; the tenth percentile of those widths is told. A slanting line comes out up to √2 too wide.
 */
public final class Lines {
    private static final double SHARE = 0.10;
    private static final int WIDEST = 4000;

    private Lines() {
    }

    /** Width below which a tenth of the dark lies, in pixels; 0 where nothing is darker than {@code below}. */
    public static double finest(Plane luminance, double below) {
        int w = luminance.width();
        int h = luminance.height();
        int[] runs = new int[w * h];
        IntStream.range(0, h).parallel().forEach(y -> across(luminance, below, y, runs));
        long[] counts = IntStream.range(0, w).parallel().collect(() -> new long[WIDEST], (found, x) -> down(runs, w, h, x, found), (found, more) -> {
            for (int i = 0; i < WIDEST; i++) {
                found[i] += more[i];
            }
        });
        long all = java.util.Arrays.stream(counts).sum();
        long seen = 0;
        for (int width = 1; width < WIDEST; width++) {
            seen += counts[width];
            if (all > 0 && seen >= SHARE * all) {
                return width;
            }
        }
        return 0;
    }

    /** How long the dark run through each place of a row is; 0 where it is not dark. */
    private static void across(Plane luminance, double below, int y, int[] runs) {
        int w = luminance.width();
        int start = 0;
        for (int x = 0; x <= w; x++) {
            if (x == w || luminance.at(x, y) >= below) {
                for (int i = start; i < x; i++) {
                    runs[y * w + i] = x - start;
                }
                start = x + 1;
            }
        }
    }

    /** Counts each dark place of a column by the shorter of its two runs. */
    private static void down(int[] runs, int w, int h, int x, long[] counts) {
        int start = 0;
        for (int y = 0; y <= h; y++) {
            if (y == h || runs[y * w + x] == 0) {
                for (int i = start; i < y; i++) {
                    counts[Math.min(WIDEST - 1, Math.min(runs[i * w + x], y - start))]++;
                }
                start = y + 1;
            }
        }
    }
}
