package kindveil.light;

import kindveil.image.Picture;
import kindveil.image.Plane;

/**
 * A lamp low over the table, from the upper left, in a room that is nearly dark: it shows what stands up.
 *
 * <p>What a flat place shows stays as it is. A slope takes up n·l of the lamp, against the flat place's sin of its height; what
 * lies behind something higher is in its shadow, with a tenth of the flat place's light from the room (assumed). On top of that
 * comes what the last coat mirrors: facets after Beckmann with the attenuation of Cook &amp; Torrance (1982), seen from above,
 * less what the flat place mirrors, which the look has already.
 *
 * @param degrees how high the lamp stands above the table
 */
public record RakingLight(double degrees) {
    /** As a conservator holds it (practice). */
    public static final RakingLight RAKING = new RakingLight(15);
    /** A lamp or window of an ordinary room (assumed). */
    public static final RakingLight ORDINARY = new RakingLight(50);
    /** An edge falls away over so many times its height (assumed). */
    public static final double RAMP = 3;
    private static final double ROOM = 0.1;
    /** Facets' slope: of a coat that flowed out, and of one with a matting agent in it (assumed). */
    private static final double GLOSS_SLOPE = 0.15;
    private static final double MATTE_SLOPE = 0.45;
    private static final double AT_GRAZING = 0.04;
    private static final double DIAGONAL = Math.sqrt(0.5);
    private static final double SEEN = 3;
    private static final double WIDEST_TAPER = 50;

    /** σ of the Gaussian that makes an edge so high fall away over its ramp, mm: that of a ramp as wide. */
    public static double rampSigma(double millimetres) {
        return RAMP * millimetres / Math.sqrt(12);
    }

    /**
     * A look under this light.
     *
     * @param height of the surface, mm, of the look's size
     * @param gloss share of each place whose outermost coat is glossy, 0 to 1
     */
    public Picture over(Picture look, Plane height, Plane gloss, double pixelsPerMillimetre) {
        int width = look.width();
        int rows = look.height();
        Plane shadow = shadow(height, pixelsPerMillimetre);
        Plane diffuse = Plane.compute(width, rows, (x, y) -> (float) (ROOM + (1 - ROOM) * (1 - shadow.at(x, y)) * lit(across(height, x, y, pixelsPerMillimetre), down(height, x, y, pixelsPerMillimetre))));
        Plane mirrored = Plane.compute(width, rows, (x, y) -> {
            double a = across(height, x, y, pixelsPerMillimetre);
            double d = down(height, x, y, pixelsPerMillimetre);
            return (float) ((1 - ROOM) * (1 - shadow.at(x, y)) * mirrored(a, d, gloss.at(x, y)));
        });
        return look.each(plane -> Plane.compute(width, rows, (x, y) -> Math.max(0, plane.at(x, y) * diffuse.at(x, y) + mirrored.at(x, y))));
    }

    private static double across(Plane height, int x, int y, double scale) {
        return (height.atClamped(x + 1, y) - height.atClamped(x - 1, y)) / 2 * scale;
    }

    private static double down(Plane height, int x, int y, double scale) {
        return (height.atClamped(x, y + 1) - height.atClamped(x, y - 1)) / 2 * scale;
    }

    /** Light a slope takes up against a flat place. @param across rise to the right; @param down rise downwards */
    private double lit(double across, double down) {
        double sine = Math.sin(Math.toRadians(degrees));
        return Math.max(0, cosine(across, down)) / sine;
    }

    private double cosine(double across, double down) {
        double angle = Math.toRadians(degrees);
        return ((across + down) * DIAGONAL * Math.cos(angle) + Math.sin(angle)) / Math.sqrt(1 + across * across + down * down);
    }

    /** Light mirrored into the eye above, in units of a white that lies flat; less what a flat place mirrors. */
    private double mirrored(double across, double down, double gloss) {
        return across == 0 && down == 0 ? 0 : gloss * (facets(across, down, GLOSS_SLOPE) - facets(0, 0, GLOSS_SLOPE)) + (1 - gloss) * (facets(across, down, MATTE_SLOPE) - facets(0, 0, MATTE_SLOPE));
    }

    private double facets(double across, double down, double slope) {
        double angle = Math.toRadians(degrees);
        double toLamp = cosine(across, down);
        double toEye = 1 / Math.sqrt(1 + across * across + down * down);
        if (toLamp <= 0) {
            return 0;
        }
        // halfway between lamp and eye
        double up = Math.sin(angle) + 1;
        double aside = Math.cos(angle);
        double length = Math.hypot(up, aside);
        double toHalf = ((across + down) * DIAGONAL * aside + up) / length * toEye;
        double eyeToHalf = up / length;
        double tangent = 1 / (toHalf * toHalf) - 1;
        double distribution = Math.exp(-tangent / (slope * slope)) / (Math.PI * slope * slope * Math.pow(toHalf, 4));
        double attenuated = Math.min(1, Math.min(2 * toHalf * toEye / eyeToHalf, 2 * toHalf * toLamp / eyeToHalf));
        double fresnel = AT_GRAZING + (1 - AT_GRAZING) * Math.pow(1 - eyeToHalf, 5);
        return Math.PI * fresnel * distribution * attenuated / (4 * toEye * Math.sin(angle));
    }

    /** 1 where something higher towards the lamp stands in its light, 0 where nothing does. */
    private Plane shadow(Plane height, double pixelsPerMillimetre) {
        double fall = Math.tan(Math.toRadians(degrees)) / DIAGONAL / pixelsPerMillimetre;
        int width = height.width();
        float[] horizon = new float[width * height.height()];
        float[] shadow = new float[width * height.height()];
        for (int y = 0; y < height.height(); y++) {
            for (int x = 0; x < width; x++) {
                float here = height.at(x, y);
                float over = x == 0 || y == 0 ? here : (float) (horizon[(y - 1) * width + x - 1] - fall);
                horizon[y * width + x] = Math.max(here, over);
                shadow[y * width + x] = (float) Math.clamp((over - here) / fall, 0, 1);
            }
        }
        return Plane.of(width, height.height(), shadow);
    }

    /**
     * How much an edge of {@code millimetres} stands out in L* from the same surface beside it, brighter or darker, to an eye at a
     * distance; the lamp stands straight across it.
     *
     * @param ramp over how many mm it falls away
     * @param luminance of the surface, 0 to 1
     */
    public double contrast(double millimetres, double ramp, double luminance, boolean gloss, double metres) {
        if (millimetres <= 0) {
            return 0;
        }
        double eye = Legibility.eyeBlurMillimetres(metres);
        double sigma = ramp / Math.sqrt(12);
        double half = 6 * (sigma + eye) + 2 * millimetres / Math.tan(Math.toRadians(degrees));
        double step = Math.min(sigma, eye) / 8;
        int n = (int) Math.min(20_000, Math.ceil(2 * half / step));
        step = 2 * half / n;
        double most = 0;
        for (int facing = -1; facing <= 1; facing += 2) {
            float[] seen = profile(millimetres, sigma, luminance, gloss, n, step, facing);
            Plane blurred = Plane.of(n, 1, seen).blurred(eye / step);
            double flat = Lab.lightnessOf(luminance);
            for (int i = 0; i < n; i++) {
                most = Math.max(most, Math.abs(Lab.lightnessOf(Math.max(0, blurred.at(i, 0))) - flat));
            }
        }
        return most;
    }

    /** Luminance along a line towards which the lamp shines, over an edge that rises ({@code facing} 1) or falls (-1) along it. */
    private float[] profile(double millimetres, double sigma, double luminance, boolean gloss, int n, double step, int facing) {
        double fall = Math.tan(Math.toRadians(degrees)) * step;
        double horizon = Double.NEGATIVE_INFINITY;
        float[] seen = new float[n];
        double height = facing > 0 ? 0 : millimetres;
        for (int i = 0; i < n; i++) {
            double x = (i - n / 2.0) * step;
            double slope = facing * millimetres / (sigma * Math.sqrt(2 * Math.PI)) * Math.exp(-x * x / (2 * sigma * sigma));
            height += slope * step;
            horizon -= fall;
            double dark = Math.clamp((horizon - height) / fall, 0, 1);
            horizon = Math.max(horizon, height);
            // the lamp's direction lies along the line: the slope is shared between right and down
            double part = slope * DIAGONAL;
            seen[i] = (float) (luminance * (ROOM + (1 - ROOM) * (1 - dark) * lit(part, part)) + (1 - ROOM) * (1 - dark) * mirrored(part, part, gloss ? 1 : 0));
        }
        return seen;
    }

    /** Whether such an edge, falling away by itself, is seen from a distance. */
    public boolean shows(double millimetres, double luminance, boolean gloss, double metres) {
        return contrast(millimetres, RAMP * millimetres, luminance, gloss, metres) >= SEEN;
    }

    /** Over how many mm it would have to be tapered so as not to be seen from a distance; not a number where no taper of 50 mm does it. */
    public double taper(double millimetres, double luminance, boolean gloss, double metres) {
        double shows = RAMP * millimetres;
        double hides = WIDEST_TAPER;
        if (contrast(millimetres, hides, luminance, gloss, metres) >= SEEN) {
            return Double.NaN;
        }
        while (hides - shows > 0.02 * hides) {
            double middle = Math.sqrt(shows * hides);
            if (contrast(millimetres, middle, luminance, gloss, metres) >= SEEN) {
                shows = middle;
            } else {
                hides = middle;
            }
        }
        return hides;
    }
}
