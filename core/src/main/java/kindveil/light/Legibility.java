package kindveil.light;

import kindveil.image.Picture;
import kindveil.image.Plane;

/**
 * How much of the drawing can still be read: the share of the source's edges of at least 10 L* that keep at
 * least 3 ΔE00 after stack, softening and the eye's own blur. The rest drown.
 *
 * <p>An edge is a difference between two places one millimetre apart, across and down, in the source as
 * printed. The eye resolves one minute of arc, 0.17 mm at 0.6 m and 0.87 mm at 3 m; that is taken as
 * the width of its blur at half height, σ = width / 2.355.
 *
 * @param survivingShare 0 (all drowns) to 1 (all reads); 1 when the source has no edges
 * @param edges how many edges of the source were looked at
 */
public record Legibility(double survivingShare, int edges) {
    public static final double ARMS_LENGTH_METRES = 0.6;
    public static final double ACROSS_A_ROOM_METRES = 3;
    private static final double SOURCE_EDGE = 10;
    private static final double SEEN_EDGE = 3;
    private static final double ONE_MINUTE = Math.toRadians(1 / 60.0);
    private static final double HALF_HEIGHT = 2.355;

    /** The eye's blur in mm at a distance. */
    public static double eyeBlurMillimetres(double metres) {
        return metres * 1000 * Math.tan(ONE_MINUTE) / HALF_HEIGHT;
    }

    /**
     * Compares {@code source} luminance with {@code seen}, which is already softened by the way and here
     * blurred for the eye.
     */
    public static Legibility of(Plane source, Picture seen, double millimetresPerPixel, double metres) {
        Picture blurred = seen.each(plane -> plane.blurred(eyeBlurMillimetres(metres) / millimetresPerPixel));
        Plane lightness = source.map(y -> (float) Lab.lightnessOf(y));
        Lab[] labs = labs(blurred);
        int step = Math.max(1, (int) Math.round(1 / millimetresPerPixel));
        int width = source.width();
        int edges = 0;
        int kept = 0;
        for (int y = 0; y < source.height() - step; y++) {
            for (int x = 0; x < width - step; x++) {
                for (int side = 0; side < 2; side++) {
                    int dx = side == 0 ? step : 0;
                    int dy = step - dx;
                    if (Math.abs(lightness.at(x, y) - lightness.at(x + dx, y + dy)) < SOURCE_EDGE) {
                        continue;
                    }
                    edges++;
                    Lab here = labs[y * width + x];
                    Lab there = labs[(y + dy) * width + x + dx];
                    if (ColourDifference.between(here, there) >= SEEN_EDGE) {
                        kept++;
                    }
                }
            }
        }
        return new Legibility(edges == 0 ? 1 : kept / (double) edges, edges);
    }

    private static Lab[] labs(Picture picture) {
        Lab[] labs = new Lab[picture.width() * picture.height()];
        for (int y = 0; y < picture.height(); y++) {
            for (int x = 0; x < picture.width(); x++) {
                labs[y * picture.width() + x] = new Colour(picture.red().at(x, y), picture.green().at(x, y),
                        picture.blue().at(x, y)).lab();
            }
        }
        return labs;
    }

    public double drowningShare() {
        return 1 - survivingShare;
    }
}
