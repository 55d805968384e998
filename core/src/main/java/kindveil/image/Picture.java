package kindveil.image;

import java.util.function.UnaryOperator;

/**
 * A picture in linear light.
 *
 * @param red linear red, 0 = none, 1 = paper white; likewise green and blue
 */
public record Picture(Plane red, Plane green, Plane blue) {
    public Picture {
        if (red.width() != green.width() || red.width() != blue.width()
                || red.height() != green.height() || red.height() != blue.height()) {
            throw new IllegalArgumentException("Impossible state: colour planes of different sizes.");
        }
    }

    public static Picture grey(Plane light) {
        return new Picture(light, light, light);
    }

    public int width() {
        return red.width();
    }

    public int height() {
        return red.height();
    }

    /** Relative luminance, Rec. 709 weights (ITU-R BT.709-6, 2015, item 3.2). */
    public static float luminance(float red, float green, float blue) {
        return 0.2126f * red + 0.7152f * green + 0.0722f * blue;
    }

    /** Of each pixel, as {@link #luminance(float, float, float)} reckons it. */
    public Plane luminance() {
        if (red == green && green == blue) {
            return red;
        }
        return Plane.rows(width(), height(), (y, out, from) -> {
            for (int x = 0; x < width(); x++) {
                out[from + x] = luminance(red.at(x, y), green.at(x, y), blue.at(x, y));
            }
        });
    }

    /**
     * The same hues at another luminance: darkened towards black in proportion, lightened towards white in proportion, so that
     * the result has just that luminance and nothing leaves [0, 1].
     */
    public Picture withLuminance(Plane wanted) {
        Plane present = luminance();
        return each(plane -> Plane.rows(width(), height(), (y, out, from) -> {
            for (int x = 0; x < width(); x++) {
                float is = present.at(x, y);
                float to = wanted.at(x, y);
                float colour = plane.at(x, y);
                out[from + x] = to <= is ? (is <= 0 ? 0 : colour * to / is) : is >= 1 ? 1 : colour + (1 - colour) * (to - is) / (1 - is);
            }
        }));
    }

    public Picture resampled(int width, int height) {
        return each(plane -> plane.resampled(width, height));
    }

    /** What it takes in memory; a grey one is one plane. */
    public int bytes() {
        return red == green && green == blue ? red.bytes() : red.bytes() + green.bytes() + blue.bytes();
    }

    public Picture mirrored() {
        return each(Plane::mirrored);
    }

    public Picture each(UnaryOperator<Plane> change) {
        if (red == green && green == blue) {
            return grey(change.apply(red));
        }
        return new Picture(change.apply(red), change.apply(green), change.apply(blue));
    }

    /** Scaled so that the longer side has at most {@code longest} pixels; never enlarged. */
    public Picture downscaled(int longest) {
        double scale = Math.min(1, longest / (double) Math.max(width(), height()));
        return resampled(Math.max(1, (int) Math.round(width() * scale)), Math.max(1, (int) Math.round(height() * scale)));
    }
}
