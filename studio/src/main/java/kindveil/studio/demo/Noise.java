package kindveil.studio.demo;

/** Smooth noise from a lattice of hashed values, several octaves; the same seed gives the same noise. */
final class Noise {
    private final long seed;

    Noise(long seed) {
        this.seed = seed;
    }

    /** About 0 to 1 with a mean of a half; each octave twice as fine and 0.55 as strong. */
    double at(double x, double y, int octaves) {
        double sum = 0;
        double weight = 0;
        double amplitude = 1;
        for (int octave = 0; octave < octaves; octave++) {
            double f = 1 << octave;
            sum += amplitude * smooth(x * f + 17 * octave, y * f + 31 * octave);
            weight += amplitude;
            amplitude *= 0.55;
        }
        return sum / weight;
    }

    private double smooth(double x, double y) {
        long xi = (long) Math.floor(x);
        long yi = (long) Math.floor(y);
        double fx = ease(x - xi);
        double fy = ease(y - yi);
        double top = value(xi, yi) * (1 - fx) + value(xi + 1, yi) * fx;
        double foot = value(xi, yi + 1) * (1 - fx) + value(xi + 1, yi + 1) * fx;
        return top * (1 - fy) + foot * fy;
    }

    private static double ease(double t) {
        return t * t * (3 - 2 * t);
    }

    private double value(long x, long y) {
        long h = seed * 0x9E3779B97F4A7C15L + x * 0xC2B2AE3D27D4EB4FL + y * 0x165667B19E3779F9L;
        h ^= h >>> 31;
        h *= 0xBF58476D1CE4E5B9L;
        h ^= h >>> 29;
        return (h & 0xFFFFFF) / (double) 0xFFFFFF;
    }
}
