package kindveil.light;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HidingTest {
    /** The model's figures: white of outer Y, SX a coat, coats to a glance and to hidden. */
    @ParameterizedTest
    @CsvSource({"0.90,2,5,7", "0.85,2,4,6", "0.90,2.5,4,6", "0.85,2.5,4,5", "0.90,3.5,3,4", "0.85,3.5,3,4", "0.90,5,2,3", "0.85,5,2,3"})
    void white_needsAsManyCoatsAsTheModelSays(double luminance, double sx, int glance, int hidden) {
        double inner = Surface.MATTE.inner(luminance);
        Film coat = Film.of(Spectrum.flat(sx * (1 - inner) * (1 - inner) / (2 * inner)), Spectrum.flat(sx), 1);
        Hiding hiding = Hiding.reckoned(coat);
        assertEquals(glance, hiding.atAGlance());
        assertEquals(hidden, hiding.hidden());
    }

    @Test
    void opaquePaint_ofPractice_isThreeCoats() {
        Paint white = new Paint(Colour.parse("p", "#f4f1e6"), Paint.Opacity.OPAQUE);
        assertEquals(3, Hiding.of(white, 1).atAGlance());
        assertTrue(Hiding.of(white, 0.5).atAGlance() > 4, "thin coats take more");
        assertEquals(Hiding.of(white, 1), Hiding.of(white, 1));
    }

    @Test
    void glaze_doesNotHide() {
        Hiding glaze = Hiding.of(new Paint(Colour.parse("p", "#8a4b2a"), Paint.Opacity.TRANSPARENT), 1);
        assertEquals(0, glaze.hidden());
        assertTrue(glaze.contrastRatio() < 0.5);
    }

    /**
     * Flakes that lie flat: SX 9 a coat. Reckoned here by hyperbolic functions, apart from the films: a white of outer Y hides black
     * and white cards when no more than 1 (2 at a glance) is between them.
     */
    @ParameterizedTest
    @CsvSource({"0.90", "0.60", "0.30"})
    void flakes_needAsManyCoatsAsTheFormulaSays(double luminance) {
        Paint paint = new Paint(Colour.grey(luminance), Paint.Opacity.FLAKES);
        Hiding hiding = Hiding.of(paint, 1);
        assertEquals(coats(luminance, 2), hiding.atAGlance());
        assertEquals(coats(luminance, 1), hiding.hidden());
        assertTrue(hiding.hidden() <= Hiding.of(new Paint(Colour.grey(luminance), Paint.Opacity.OPAQUE), 1).hidden(), "in no more coats than pigment");
    }

    private static int coats(double luminance, double within) {
        double masstone = Surface.MATTE.inner(luminance);
        double a = (1 / masstone + masstone) / 2;
        double b = Math.sqrt(a * a - 1);
        for (int n = 1; n <= 8; n++) {
            double ct = 1 / Math.tanh(b * 9 * n);
            double[] seen = new double[2];
            for (int i = 0; i < 2; i++) {
                double ground = Surface.MATTE.inner(i == 0 ? 0.045 : 0.86);
                double inner = (1 - ground * (a - b * ct)) / (a - ground + b * ct);
                seen[i] = Surface.MATTE.outer(inner);
            }
            if (ColourDifference.between(Colour.grey(seen[0]).lab(), Colour.grey(seen[1]).lab()) < within) {
                return n;
            }
        }
        return 0;
    }
}
