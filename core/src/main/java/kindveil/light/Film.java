package kindveil.light;

/**
 * A layer that absorbs and scatters: its reflectance and transmittance alone, per band.
 *
 * <p>Two-flux theory, Kubelka &amp; Munk (1931), in the hyperbolic form of Kubelka, "New contributions to
 * the optics of intensely light-scattering materials I", JOSA 38 (1948), hyperbolic solution:
 * a = (S+K)/S, b = √(a²−1), R = sinh(bSX)/(a·sinh + b·cosh), T = b/(a·sinh + b·cosh). Written with
 * bS = √(K(K+2S)) so that S→0 gives T = e^(−KX), R = 0 and K→0 gives R = SX/(1+SX) without cancelling.
 * Layers add by R + T²Rg/(1−R·Rg) (Kubelka 1954).
 */
public final class Film {
    private static final double THICK = 300;
    private final Spectrum reflectance;
    private final Spectrum transmittance;

    private Film(Spectrum reflectance, Spectrum transmittance) {
        this.reflectance = reflectance;
        this.transmittance = transmittance;
    }

    /** Of absorption K and scattering S per unit, {@code amount} units thick; all at least 0. */
    public static Film of(Spectrum absorption, Spectrum scattering, double amount) {
        double[] r = new double[Spectrum.BANDS];
        double[] t = new double[Spectrum.BANDS];
        for (int i = 0; i < Spectrum.BANDS; i++) {
            double kx = absorption.at(i) * amount;
            double sx = scattering.at(i) * amount;
            if (!(kx >= 0 && sx >= 0)) {
                throw new IllegalArgumentException("Impossible state: a film of absorption %s and scattering %s.".formatted(kx, sx));
            }
            double root = Math.sqrt(kx * (kx + 2 * sx));
            if (root > THICK) {
                // sinh and cosh are one by now, and nothing comes through
                r[i] = sx / (sx + kx + root);
                continue;
            }
            double sinhc = root < 1e-6 ? 1 : Math.sinh(root) / root;
            double below = (sx + kx) * sinhc + Math.cosh(root);
            r[i] = sx * sinhc / below;
            t[i] = 1 / below;
        }
        return new Film(Spectrum.of(i -> r[i]), Spectrum.of(i -> t[i]));
    }

    /** A layer that only absorbs, letting {@code oneWay} of the light through at each crossing. */
    public static Film filter(Spectrum oneWay) {
        return new Film(Spectrum.flat(0), oneWay);
    }

    Spectrum reflectance() {
        return reflectance;
    }

    Spectrum transmittance() {
        return transmittance;
    }

    public Spectrum over(Spectrum ground) {
        return Spectrum.of(i -> {
            double t = transmittance.at(i);
            double g = ground.at(i);
            return reflectance.at(i) + t * t * g / (1 - reflectance.at(i) * g);
        });
    }
}
