package kindveil.light;

/**
 * Spectrum to colour: D65 seen by the CIE 1931 2° observer.
 *
 * <p>Colour matching functions by the analytic fit of Wyman, Sloan &amp; Shirley, "Simple analytic
 * approximations to the CIE XYZ colour matching functions", JCGT 2(2), 2013, equation 4. D65 after CIE
 * 15:2004, table T.1. The three rows are scaled so that a perfect white is exactly the sRGB white; before
 * scaling it lies within 0.1 ΔE00 of it. Valid for reflectances, not for light sources.
 */
final class Observer {
    static final double WHITE_X = 0.95047;
    static final double WHITE_Z = 1.08883;
    private static final double[] D65 = {82.75, 91.49, 93.43, 86.68, 104.86, 117.01, 117.81, 114.86, 115.92, 108.81,
        109.35, 107.80, 104.79, 107.69, 104.41, 104.05, 100.00, 96.33, 95.79, 88.69, 90.01, 89.60, 87.70, 83.29,
        83.70, 80.03, 80.21, 82.28, 78.28, 69.72, 71.61};
    private static final double[] X = new double[Spectrum.BANDS];
    private static final double[] Y = new double[Spectrum.BANDS];
    private static final double[] Z = new double[Spectrum.BANDS];
    private static final double[][] FROM_XYZ = {{3.2404542, -1.5371385, -0.4985314}, {-0.9692660, 1.8760108, 0.0415560}, {0.0556434, -0.2040259, 1.0572252}};
    /** What each band adds to linear red, green and blue. */
    static final double[][] LINEAR_SRGB = new double[3][Spectrum.BANDS];

    static {
        for (int i = 0; i < Spectrum.BANDS; i++) {
            double nm = Spectrum.nanometres(i);
            X[i] = D65[i] * (1.056 * lobe(nm, 599.8, 37.9, 31.0) + 0.362 * lobe(nm, 442.0, 16.0, 26.7)
                    - 0.065 * lobe(nm, 501.1, 20.4, 26.2));
            Y[i] = D65[i] * (0.821 * lobe(nm, 568.8, 46.9, 40.5) + 0.286 * lobe(nm, 530.9, 16.3, 31.1));
            Z[i] = D65[i] * (1.217 * lobe(nm, 437.0, 11.8, 36.0) + 0.681 * lobe(nm, 459.0, 26.0, 13.8));
        }
        scale(X, WHITE_X);
        scale(Y, 1);
        scale(Z, WHITE_Z);
        for (int k = 0; k < 3; k++) {
            for (int i = 0; i < Spectrum.BANDS; i++) {
                LINEAR_SRGB[k][i] = FROM_XYZ[k][0] * X[i] + FROM_XYZ[k][1] * Y[i] + FROM_XYZ[k][2] * Z[i];
            }
        }
    }

    private Observer() {
    }

    private static double lobe(double nm, double peak, double below, double above) {
        double t = (nm - peak) / (nm < peak ? below : above);
        return Math.exp(-0.5 * t * t);
    }

    private static void scale(double[] row, double white) {
        double sum = 0;
        for (double v : row) {
            sum += v;
        }
        for (int i = 0; i < row.length; i++) {
            row[i] *= white / sum;
        }
    }

    static Lab lab(Spectrum s) {
        return Lab.ofXyz(weigh(X, s), weigh(Y, s), weigh(Z, s));
    }

    /** Of one number for each band. */
    static Lab lab(double[] bands) {
        double x = 0;
        double y = 0;
        double z = 0;
        for (int i = 0; i < Spectrum.BANDS; i++) {
            x += X[i] * bands[i];
            y += Y[i] * bands[i];
            z += Z[i] * bands[i];
        }
        return Lab.ofXyz(x, y, z);
    }

    static double luminance(Spectrum s) {
        return weigh(Y, s);
    }

    static Colour colour(Spectrum s) {
        return new Colour(weigh(LINEAR_SRGB[0], s), weigh(LINEAR_SRGB[1], s), weigh(LINEAR_SRGB[2], s));
    }

    private static double weigh(double[] row, Spectrum s) {
        double sum = 0;
        for (int i = 0; i < Spectrum.BANDS; i++) {
            sum += row[i] * s.at(i);
        }
        return sum;
    }
}
