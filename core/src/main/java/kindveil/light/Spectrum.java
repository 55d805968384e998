package kindveil.light;

import java.util.Arrays;
import java.util.function.DoubleBinaryOperator;
import java.util.function.DoubleUnaryOperator;
import java.util.function.IntToDoubleFunction;

/** One number for each of 31 bands, 400 to 700 nm in steps of 10 nm; immutable, equal when every band is. */
public final class Spectrum {
    public static final int BANDS = 31;
    private final double[] bands;

    private Spectrum(double[] bands) {
        this.bands = bands;
    }

    public static Spectrum flat(double value) {
        return of(band -> value);
    }

    /** Asks for each band, 0 to 30. */
    public static Spectrum of(IntToDoubleFunction value) {
        double[] bands = new double[BANDS];
        for (int i = 0; i < BANDS; i++) {
            bands[i] = value.applyAsDouble(i);
        }
        return new Spectrum(bands);
    }

    public static double nanometres(int band) {
        return 400 + 10.0 * band;
    }

    public double at(int band) {
        return bands[band];
    }

    public Spectrum map(DoubleUnaryOperator f) {
        return of(band -> f.applyAsDouble(bands[band]));
    }

    public Spectrum with(Spectrum other, DoubleBinaryOperator f) {
        return of(band -> f.applyAsDouble(bands[band], other.bands[band]));
    }

    /** This spectrum and another mixed: {@code share} of the other, 0 to 1. */
    public Spectrum mixed(Spectrum other, double share) {
        return with(other, (a, b) -> a + share * (b - a));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Spectrum spectrum && Arrays.equals(bands, spectrum.bands);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(bands);
    }
}
