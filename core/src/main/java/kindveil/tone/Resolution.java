package kindveil.tone;

import kindveil.measure.Length;

/**
 * How finely a source is resolved on paper.
 *
 * @param dotsPerInch pixels over printed width
 */
public record Resolution(double dotsPerInch) {
    private static final double ENOUGH = 200;
    private static final double LEAST = 120;

    public static Resolution of(int pixels, Length printed) {
        return new Resolution(pixels / printed.inches());
    }

    public boolean enough() {
        return dotsPerInch >= ENOUGH;
    }

    public boolean poor() {
        return dotsPerInch < LEAST;
    }

    /** The widest print that still has 200 dpi. */
    public Length widestFor(int pixels) {
        return Length.ofInches(pixels / ENOUGH);
    }
}
