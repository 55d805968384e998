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
        double[] c = {0, 0, u / Math.sqrt(1 - u * u)};
        double[] residual = residual(c, target);
        double error = squared(residual);
        double damping = 1e-3;
        for (int round = 0; round < ROUNDS && error > CLOSE_ENOUGH; round++) {
            double[] trial = step(c, residual, target, damping);
            double[] trialResidual = residual(trial, target);
            double trialError = squared(trialResidual);
            if (trialError < error) {
                c = trial;
                residual = trialResidual;
                error = trialError;
                damping = Math.max(1e-9, damping * 0.3);
            } else {
                damping = Math.min(1e6, damping * 5);
            }
        }
        return c;
    }

    private static double[] step(double[] c, double[] residual, Lab target, double damping) {
        double[][] jacobian = new double[3][];
        for (int k = 0; k < 3; k++) {
            double[] moved = c.clone();
            moved[k] += 1e-4;
            double[] there = residual(moved, target);
            jacobian[k] = new double[] {(there[0] - residual[0]) / 1e-4, (there[1] - residual[1]) / 1e-4, (there[2] - residual[2]) / 1e-4};
        }
        double[] change = LeastSquares.step(jacobian, residual, damping);
        return new double[] {c[0] - change[0], c[1] - change[1], c[2] - change[2]};
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

    private static double squared(double[] r) {
        return LeastSquares.dot(r, r);
    }
}
