package kindveil.light;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.math.BigDecimal;
import java.math.MathContext;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FilmTest {
    private static double over(double k, double s, double x, double ground) {
        return Film.of(Spectrum.flat(k), Spectrum.flat(s), x).over(Spectrum.flat(ground)).at(0);
    }

    /** Kubelka's closed form with a, b and coth. */
    private static double closedForm(double k, double s, double x, double ground) {
        double a = (s + k) / s;
        double b = Math.sqrt(a * a - 1);
        double coth = 1 / Math.tanh(b * s * x);
        return (1 - ground * (a - b * coth)) / (a - ground + b * coth);
    }

    @ParameterizedTest
    @CsvSource({"0.3,45,0.005,0.2", "0.5,0.3,1,0.8", "3,0.02,1,0.5", "0.01,3,2,0.045", "1,1,0.01,0.9", "0.004,2,3,0.1"})
    void over_ordinaryLayers_equalsTheClosedForm(double k, double s, double x, double ground) {
        assertEquals(closedForm(k, s, x, ground), over(k, s, x, ground), 1e-10);
    }

    @Test
    void over_noScattering_isTwiceTheAbsorption() {
        for (double s : new double[] {0, 1e-12, 1e-9}) {
            assertEquals(0.6 * Math.exp(-2 * 0.7), over(0.7, s, 1, 0.6), 1e-8);
        }
    }

    @Test
    void over_noAbsorption_approachesTheLimitSmoothly() {
        BigDecimal exact = new BigDecimal("0.4").multiply(new BigDecimal("1.5")).add(new BigDecimal("0.6"))
                .divide(new BigDecimal("0.4").multiply(new BigDecimal("1.5")).add(BigDecimal.ONE), MathContext.DECIMAL64);
        for (double k : new double[] {0, 1e-12, 1e-10}) {
            assertEquals(exact.doubleValue(), over(k, 1.5, 1, 0.6), 1e-8);
        }
    }

    @Test
    void over_nothing_showsTheGround() {
        assertEquals(0.37, over(0.5, 45, 0, 0.37), 1e-12);
    }

    @Test
    void over_veryThick_hidesTheGround() {
        assertEquals(over(0.5, 2, 1e6, 0.9), over(0.5, 2, 1e6, 0.1), 1e-9);
    }

    @Test
    void of_negative_cannotBeMade() {
        assertThrows(IllegalArgumentException.class, () -> Film.of(Spectrum.flat(-1), Spectrum.flat(1), 1));
    }

    @Test
    void surface_innerOfOuter_isTheSame() {
        for (Surface surface : Surface.values()) {
            for (double inner = 0.01; inner < 1; inner += 0.07) {
                assertEquals(inner, surface.inner(surface.outer(inner)), 1e-12);
            }
        }
    }

    @Test
    void surface_perfectWhite_losesNothingButTheGlossReflection() {
        assertEquals(1, Surface.MATTE.outer(1), 1e-12);
        assertEquals(0.96, Surface.GLOSS.outer(1), 1e-12);
        assertEquals(0.04, Surface.MATTE.outer(0), 1e-12);
    }
}
