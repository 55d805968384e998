package kindveil.light;

import java.util.Locale;
import java.util.regex.Pattern;
import kindveil.measure.UnusableValue;

/**
 * A colour in linear sRGB; components may leave [0, 1] where a spectrum is outside the gamut.
 *
 * @param red linear red; likewise green and blue
 */
public record Colour(double red, double green, double blue) {
    /** No paint reflects less. */
    private static final double DARKEST = 0.004;
    private static final Pattern HEX = Pattern.compile("#[0-9a-fA-F]{6}");

    public static Colour grey(double luminance) {
        return new Colour(luminance, luminance, luminance);
    }

    /** Reads {@code #rrggbb}. */
    public static Colour parse(String thing, String text) {
        String hex = text == null ? "" : text.strip();
        if (!HEX.matcher(hex).matches()) {
            throw new UnusableValue(thing, hex, "a colour written #rrggbb", "Pick a colour, or write for example #c9a35c.");
        }
        int rgb = Integer.parseInt(hex.substring(1), 16);
        return new Colour(Srgb.linear(rgb >> 16), Srgb.linear(rgb >> 8), Srgb.linear(rgb));
    }

    public Lab lab() {
        return Lab.ofXyz(0.4124564 * red + 0.3575761 * green + 0.1804375 * blue,
                0.2126729 * red + 0.7151522 * green + 0.0721750 * blue,
                0.0193339 * red + 0.1191920 * green + 0.9503041 * blue);
    }

    public double luminance() {
        return 0.2126729 * red + 0.7151522 * green + 0.0721750 * blue;
    }

    public Colour mixed(Colour other, double share) {
        return new Colour(red + share * (other.red - red), green + share * (other.green - green),
                blue + share * (other.blue - blue));
    }

    /**
     * Mixed as paint is, one opaque paint into another: K/S adds by concentration (P. Kubelka and F. Munk, 1931; the two of equal
     * scattering), so that a little dark tints a light one far more than the other way round.
     */
    public Colour stirred(Colour other, double share) {
        return new Colour(stirred(red, other.red, share), stirred(green, other.green, share), stirred(blue, other.blue, share));
    }

    private static double stirred(double one, double other, double share) {
        double ks = (1 - share) * absorbed(one) + share * absorbed(other);
        return 1 + ks - Math.sqrt(ks * ks + 2 * ks);
    }

    private static double absorbed(double reflected) {
        double r = Math.clamp(reflected, DARKEST, 1);
        return (1 - r) * (1 - r) / (2 * r);
    }

    /** As {@code #rrggbb}; what lies outside sRGB is printed at its nearest component. */
    @Override
    public String toString() {
        return String.format(Locale.ROOT, "#%02x%02x%02x", Srgb.eightBit(red), Srgb.eightBit(green), Srgb.eightBit(blue));
    }
}
