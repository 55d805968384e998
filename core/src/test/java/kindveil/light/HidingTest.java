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
}
