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
        Colour inside = new Colour(held(colour.red()), held(colour.green()), held(colour.blue()));
        return curve(fit(inside));
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
        double[][] normal = new double[3][3];
        double[] gradient = new double[3];
        double trace = 0;
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                normal[i][j] = dot(jacobian[i], jacobian[j]);
            }
            gradient[i] = dot(jacobian[i], residual);
            trace += normal[i][i];
        }
        for (int i = 0; i < 3; i++) {
            normal[i][i] += damping * (trace / 3 + 1e-9);
        }
        double[] change = solve(normal, gradient);
        return new double[] {c[0] - change[0], c[1] - change[1], c[2] - change[2]};
    }

    /** Cramer's rule; the damped normal matrix is never singular. */
    private static double[] solve(double[][] m, double[] v) {
        double whole = determinant(m[0], m[1], m[2]);
        return new double[] {determinant(column(m, v, 0)) / whole, determinant(column(m, v, 1)) / whole,
            determinant(column(m, v, 2)) / whole};
    }

    private static double[][] column(double[][] m, double[] v, int index) {
        double[][] out = {m[0].clone(), m[1].clone(), m[2].clone()};
        for (int row = 0; row < 3; row++) {
            out[row][index] = v[row];
        }
        return out;
    }

    private static double determinant(double[]... r) {
        return r[0][0] * (r[1][1] * r[2][2] - r[1][2] * r[2][1]) - r[0][1] * (r[1][0] * r[2][2] - r[1][2] * r[2][0])
                + r[0][2] * (r[1][0] * r[2][1] - r[1][1] * r[2][0]);
    }

    private static double[] residual(double[] c, Lab target) {
        Lab lab = Observer.lab(curve(c));
        return new double[] {lab.lightness() - target.lightness(), lab.a() - target.a(), lab.b() - target.b()};
    }

    private static Spectrum curve(double[] c) {
        return Spectrum.of(band -> {
            double t = band / (double) (Spectrum.BANDS - 1);
            double x = (c[0] * t + c[1]) * t + c[2];
            return 0.5 + x / (2 * Math.sqrt(1 + x * x));
        });
    }

    private static double squared(double[] r) {
        return dot(r, r);
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }
}
