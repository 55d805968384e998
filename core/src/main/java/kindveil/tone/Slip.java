package kindveil.tone;

import kindveil.image.Plane;

/**
 * An image that slid and stretched while it was laid: every place moved a little, neighbours together, by smooth value noise.
 *
 * @param millimetres how far at most, each way
 * @param seed which slide
 */
public record Slip(double millimetres, int seed) {
    /** Places so far apart move each their own way (assumed). */
    private static final double TOGETHER_MILLIMETRES = 22;

    public Plane apply(Plane plane, double pixelsPerMillimetre) {
        double cell = TOGETHER_MILLIMETRES * pixelsPerMillimetre;
        double far = millimetres * pixelsPerMillimetre;
        return Plane.compute(plane.width(), plane.height(), (x, y) -> plane.between(x + far * noise(x / cell, y / cell, 1), y + far * noise(x / cell, y / cell, 2)));
    }

    /** -1 to 1, smooth. */
    private double noise(double x, double y, int which) {
        int x0 = (int) Math.floor(x);
        int y0 = (int) Math.floor(y);
        double u = smooth(x - x0);
        double v = smooth(y - y0);
        double top = hashed(x0, y0, which) * (1 - u) + hashed(x0 + 1, y0, which) * u;
        double foot = hashed(x0, y0 + 1, which) * (1 - u) + hashed(x0 + 1, y0 + 1, which) * u;
        return 2 * (top * (1 - v) + foot * v) - 1;
    }

    private static double smooth(double t) {
        return t * t * (3 - 2 * t);
    }

    private double hashed(int x, int y, int which) {
        return Edge.hashed(seed * 31L + which, x, y);
    }
}
