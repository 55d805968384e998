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
        return 2 * Noise.value(x, y, seed * 31L + which) - 1;
    }
}
