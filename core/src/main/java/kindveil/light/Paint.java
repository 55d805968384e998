package kindveil.light;

/**
 * A pigmented coat, from its masstone and how far one ordinary coat hides.
 *
 * <p>K/S = (1−R∞)²/(2R∞) of the inner masstone (Kubelka &amp; Munk 1931); SX of one ordinary coat (assumed):
 * opaque 3.5, semi-opaque 1.2, semi-transparent 0.4, transparent 0.05. Metallics are a face-on average.
 *
 * @param masstone its colour in full thickness, judged from outside
 */
public record Paint(Colour masstone, Opacity opacity) {
    private static final double DARKEST_INNER = 0.003;

    /** How far one coat hides; the scattering power SX of it. */
    public enum Opacity {
        FLAKES("flakes that lie flat", 9), OPAQUE("opaque", 3.5), SEMI_OPAQUE("semi-opaque", 1.2), SEMI_TRANSPARENT("semi-transparent", 0.4), TRANSPARENT("transparent", 0.05);

        private final String words;
        private final double scatteringPower;

        Opacity(String words, double scatteringPower) {
            this.words = words;
            this.scatteringPower = scatteringPower;
        }

        public String words() {
            return words;
        }

        public double scatteringPower() {
            return scatteringPower;
        }
    }

    /** K and S of one ordinary coat of it. */
    public Coefficients coefficients() {
        Spectrum inner = Surface.beneathGround(Upsampling.spectrum(masstone));
        double s = opacity.scatteringPower;
        return new Coefficients(ratio(inner).map(ratio -> s * ratio), Spectrum.flat(s));
    }

    /** K/S of an inner masstone. */
    static Spectrum ratio(Spectrum inner) {
        return inner.map(r -> {
            double held = Math.max(DARKEST_INNER, r);
            return (1 - held) * (1 - held) / (2 * held);
        });
    }

    /** {@code coats} ordinary coats of it, 0 or more. */
    public Film film(double coats) {
        return coefficients().film(coats);
    }
}
