package kindveil.tone;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindveil.image.Plane;
import kindveil.measure.UnusableValue;
import org.junit.jupiter.api.Test;

class OverrunTest {
    /** Black lines of some width, one each 8 mm, at 20 pixels to the millimetre. */
    private static Plane lines(double millimetres) {
        return Plane.compute(640, 200, (x, y) -> x % 160 < millimetres * 20 ? 0.03f : 0.9f);
    }

    @Test
    void apply_once_isThePrintItself() {
        Plane plane = lines(1);
        assertSame(plane, new Overrun(1).apply(plane, 20, 5));
        assertEquals(0, new Overrun(1).detailLost(plane, 20));
    }

    /** A flat tone cannot be out of register; a dark of 45 % lets 20 % through after two runs. */
    @Test
    void apply_flat_staysAndDensitiesAdd() {
        Plane flat = Plane.filled(50, 50, 0.4f);
        assertEquals(0.4, new Overrun(3).apply(flat, 20, 1).at(20, 30), 1e-5);
        assertEquals(0.2025, new Overrun(2).transmittance(0.45), 1e-12);
    }

    @Test
    void apply_neverDarkensOrLightensBeyondThePrint() {
        Plane over = new Overrun(2).apply(lines(0.4), 20, 3);
        for (int x = 0; x < 640; x++) {
            assertTrue(over.at(x, 100) >= 0.03f - 1e-4 && over.at(x, 100) <= 0.9f + 1e-4);
        }
    }

    @Test
    void apply_sameSeed_sameSheet() {
        assertEquals(new Overrun(2).apply(lines(0.5), 20, 9).at(163, 60), new Overrun(2).apply(lines(0.5), 20, 9).at(163, 60));
    }

    /** The toner laid is the same wherever it lands, up to what falls off the border. */
    @Test
    void apply_inTheMiddle_keepsTheToner() {
        Plane one = Plane.compute(400, 400, (x, y) -> x > 150 && x < 250 && y > 150 && y < 250 ? 0.05f : 1f);
        Plane over = new Overrun(3).apply(one, 20, 11);
        assertEquals(one.map(v -> (float) -Math.log(v)).mean(), over.map(v -> (float) -Math.log(v)).mean(), 1e-4);
    }

    @Test
    void detailLost_growsWithRunsAndWithFineness() {
        double two = new Overrun(2).detailLost(lines(0.3), 20);
        assertTrue(two > 0.3 && two < 1, String.valueOf(two));
        assertTrue(new Overrun(3).detailLost(lines(0.3), 20) > two);
        Plane coarse = Plane.compute(640, 200, (x, y) -> (float) (0.45 + 0.4 * Math.sin(x / 60.0)));
        assertTrue(new Overrun(2).detailLost(coarse, 20) < 0.05);
        assertTrue(assertThrows(UnusableValue.class, () -> new Overrun(4)).getMessage().contains("1 to 3"));
    }
}
