package kindveil.tone;

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
        for (int y = 0; y < h; y++) {
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
        long[] counts = new long[WIDEST];
        long all = 0;
        for (int x = 0; x < w; x++) {
            int start = 0;
            for (int y = 0; y <= h; y++) {
                if (y == h || runs[y * w + x] == 0) {
                    for (int i = start; i < y; i++) {
                        counts[Math.min(WIDEST - 1, Math.min(runs[i * w + x], y - start))]++;
                        all++;
                    }
                    start = y + 1;
                }
            }
        }
        long seen = 0;
        for (int width = 1; width < WIDEST; width++) {
            seen += counts[width];
            if (all > 0 && seen >= SHARE * all) {
                return width;
            }
        }
        return 0;
    }
}
