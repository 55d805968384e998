package kindveil.light;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import kindveil.light.Fibre.Filling;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The haze check: toner of one-way transmittance 0.2 over a ground of outer Y 0.20, residue on top.
 * L* on darks and clears within 3.
 */
class HazeTest {
    private static final Film TONER = new Toner(0.2).solid();

    private static double lightness(boolean dark, double grams, Filling filling, Surface surface) {
        Film fibre = Fibre.film(grams, filling);
        List<Film> base = dark ? List.of(TONER) : List.of();
        Stack stack = filling == Filling.AIR
                ? new Stack(base, surface, List.of(fibre))
                : new Stack(base, surface, List.of()).plusInside(fibre);
        return stack.overNeutral(0.20).lab().lightness();
    }

    @ParameterizedTest
    @CsvSource({
        "5, AIR, MATTE, 53, 63", "5, WATER, GLOSS, 10, 48", "5, OIL, GLOSS, 10, 48", "5, ACRYLIC, GLOSS, 13, 49", "5, ACRYLIC, MATTE, 28, 52",
        "0.5, AIR, MATTE, 31, 53", "0.5, WATER, GLOSS, 6, 48"})
    void lightness_checkTable_withinThree(double grams, Filling filling, Surface surface, double dark, double clear) {
        assertEquals(dark, lightness(true, grams, filling, surface), 3);
        assertEquals(clear, lightness(false, grams, filling, surface), 3);
    }

    @Test
    void lightness_dryResidue_fallsWithEachPass() {
        double before = 100;
        for (int pass = 1; pass <= 4; pass++) {
            double now = lightness(true, Fibre.residue(pass).value(), Filling.AIR, Surface.MATTE);
            assertTrue(now < before - 1, "pass %d: %.1f after %.1f".formatted(pass, now, before));
            before = now;
        }
    }

    @Test
    void lightness_fiveGrams_atLeastTwentyLighterDryAndBackWhenCleared() {
        double wet = lightness(true, 5, Filling.WATER, Surface.GLOSS);
        assertTrue(lightness(true, 5, Filling.AIR, Surface.MATTE) >= wet + 20);
        assertEquals(wet, lightness(true, 5, Filling.ACRYLIC, Surface.GLOSS), 5);
    }
}
