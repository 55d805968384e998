package kindveil.light;

/**
 * A colour to a smooth reflectance that looks the same: the sigmoid of a quadratic in wavelength of Jakob
 * &amp; Hanika, "A low-dimensional function space for efficient spectral upsampling", Computer Graphics
 * Forum 38(2), 2019, fitted in L*a*b* by Levenberg–Marquardt. Components are first held to
 * [0.002, 0.98], since no paint reaches 0 or 1; inside that box the round trip stays under 0.5 ΔE00.
 */
public final class Upsampling {
    private static final double DARKEST = 0.002;
    private static final double LIGHTEST = 0.98;
    private static final int ROUNDS = 60;
    private static final double CLOSE_ENOUGH = 1e-4;

    private Upsampling() {
    }

    public static Spectrum spectrum(Colour colour) {
        return curve(coefficients(colour));
    }

    /** The three coefficients of the curve of a colour. */
    static double[] coefficients(Colour colour) {
        return fit(new Colour(held(colour.red()), held(colour.green()), held(colour.blue())));
    }

    private static double held(double component) {
        return Math.clamp(component, DARKEST, LIGHTEST);
    }

    private static double[] fit(Colour colour) {
        Lab target = colour.lab();
        double u = 2 * (colour.red() + colour.green() + colour.blue()) / 3 - 1;
        return LeastSquares.least(c -> residual(c, target), new double[] {0, 0, u / Math.sqrt(1 - u * u)}, 1e-4, CLOSE_ENOUGH, ROUNDS);
    }

    private static double[] residual(double[] c, Lab target) {
        Lab lab = Observer.lab(curve(c));
        return new double[] {lab.lightness() - target.lightness(), lab.a() - target.a(), lab.b() - target.b()};
    }

    /** The smooth reflectance of three coefficients, above 0 and below 1. */
    static Spectrum curve(double... c) {
        return Spectrum.of(band -> {
            double t = band / (double) (Spectrum.BANDS - 1);
            double x = (c[0] * t + c[1]) * t + c[2];
            return 0.5 + x / (2 * Math.sqrt(1 + x * x));
        });
    }
}
