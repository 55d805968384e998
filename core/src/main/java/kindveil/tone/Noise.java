package kindveil.tone;

/** Value noise: random at whole places, smooth between them, the same for one seed every time. */
final class Noise {
    private Noise() {
    }

    /** 0 to 1. */
    static double value(double x, double y, long seed) {
        int x0 = (int) Math.floor(x);
        int y0 = (int) Math.floor(y);
        double u = smooth(x - x0);
        double v = smooth(y - y0);
        double top = hashed(seed, x0, y0) * (1 - u) + hashed(seed, x0 + 1, y0) * u;
        double foot = hashed(seed, x0, y0 + 1) * (1 - u) + hashed(seed, x0 + 1, y0 + 1) * u;
        return top * (1 - v) + foot * v;
    }

    static double smooth(double t) {
        return t * t * (3 - 2 * t);
    }

    /** 0 to 1, the same for the same seed, row and cell. */
    static double hashed(long seed, int row, int cell) {
        long z = seed * 0x9E3779B97F4A7C15L + row * 0xBF58476D1CE4E5B9L + cell * 0x94D049BB133111EBL;
        z = (z ^ z >>> 30) * 0xBF58476D1CE4E5B9L;
        z = (z ^ z >>> 27) * 0x94D049BB133111EBL;
        return ((z ^ z >>> 31) >>> 11) * 0x1.0p-53;
    }
}
