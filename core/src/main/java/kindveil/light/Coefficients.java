package kindveil.light;

/**
 * Absorption K and scattering S of one ordinary coat of a paint, per band: how thick it is nobody measures, so both are told per
 * coat. Mixed paints add by their shares (Duncan, "The colour of pigment mixtures", Proc. Phys. Soc. 52, 1940).
 *
 * @param absorption all at least 0; likewise {@code scattering}
 */
public record Coefficients(Spectrum absorption, Spectrum scattering) {
    private static final double LEAST = 1e-9;

    public Coefficients {
        for (int i = 0; i < Spectrum.BANDS; i++) {
            if (!(absorption.at(i) >= 0 && scattering.at(i) >= 0)) {
                throw new IllegalArgumentException("Impossible state: absorption %s and scattering %s.".formatted(absorption.at(i), scattering.at(i)));
            }
        }
    }

    /** {@code coats} ordinary coats of it, 0 or more. */
    public Film film(double coats) {
        return Film.of(absorption, scattering, coats);
    }

    /** The inner reflectance of so much of it that nothing shows through, R∞ = 1 + K/S − √(K/S (K/S + 2)). */
    public Spectrum masstone() {
        return absorption.with(scattering, (k, s) -> infinite(k, s));
    }

    static double infinite(double k, double s) {
        double ratio = k / Math.max(LEAST, s);
        return 1 / (1 + ratio + Math.sqrt(ratio * (ratio + 2)));
    }

    /** Its masstone as it is judged from outside, from a dull face. */
    public Colour seen() {
        return Observer.colour(Surface.MATTE.over(masstone()));
    }

    /** {@code coats} of it with a face of {@code surface} over a ground whose colour was judged from outside. */
    public Colour over(Colour ground, double coats, Surface surface) {
        return Observer.colour(surface.over(film(coats).over(Surface.beneathGround(Upsampling.spectrum(ground)))));
    }

    /** A share of another in this, 0 to 1 by volume. */
    public Coefficients mixed(Coefficients other, double share) {
        return new Coefficients(absorption.mixed(other.absorption, share), scattering.mixed(other.scattering, share));
    }

    /** Both in the same coat. */
    public Coefficients plus(Coefficients other) {
        return new Coefficients(absorption.with(other.absorption, Double::sum), scattering.with(other.scattering, Double::sum));
    }

    /** Thinned with something clear, or drawn out: {@code factor} of it in the same coat. */
    public Coefficients times(double factor) {
        return new Coefficients(absorption.map(k -> factor * k), scattering.map(s -> factor * s));
    }

    /** How far one coat hides: its scattering power SX, weighted as the eye weighs light. */
    public double hidingPower() {
        return Observer.luminance(scattering);
    }

    /** The grade whose scattering power is nearest, by ratio. */
    public Paint.Opacity grade() {
        Paint.Opacity nearest = Paint.Opacity.TRANSPARENT;
        for (Paint.Opacity opacity : Paint.Opacity.values()) {
            if (opacity != Paint.Opacity.FLAKES && away(opacity) < away(nearest)) {
                nearest = opacity;
            }
        }
        return nearest;
    }

    private double away(Paint.Opacity opacity) {
        return Math.abs(Math.log(Math.max(LEAST, hidingPower()) / opacity.scatteringPower()));
    }
}
