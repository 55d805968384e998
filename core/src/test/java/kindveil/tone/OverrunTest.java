package kindveil.tone;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import kindveil.image.Plane;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import org.junit.jupiter.api.Test;

class OverrunTest {
    private static final double WEAK = 0.45;

    /** Black lines of some width, one each 8 mm, at 20 pixels to the millimetre. */
    private static Plane lines(double millimetres) {
        return Plane.compute(640, 200, (x, y) -> x % 160 < millimetres * 20 ? 0 : 1);
    }

    @Test
    void laid_once_isThePrintItself() {
        Plane plane = lines(1);
        assertSame(plane, new Overrun(1, WEAK).laid(plane, 20, 5).getFirst());
        assertEquals(0, new Overrun(1, WEAK).detailLost(plane, Length.ofMillimetres(32)));
    }

    /** A dark of 45 % lets 20 % through after two runs. */
    @Test
    void transmittance_multiplies() {
        assertEquals(0.2025, new Overrun(2, WEAK).transmittance(), 1e-12);
    }

    /** Every run lies within half a millimetre of where it is meant, and the same seed gives the same sheet. */
    @Test
    void laid_runsLieOffByNoMoreThanTheFeedError() {
        Plane dot = Plane.compute(200, 200, (x, y) -> x == 100 && y == 100 ? 0 : 1);
        for (int seed = 0; seed < 40; seed++) {
            List<Plane> laid = new Overrun(3, WEAK).laid(dot, 20, seed);
            assertEquals(3, laid.size());
            for (Plane run : laid) {
                double cx = 0;
                double cy = 0;
                double sum = 0;
                for (int y = 80; y < 121; y++) {
                    for (int x = 80; x < 121; x++) {
                        double ink = 1 - run.at(x, y);
                        sum += ink;
                        cx += ink * x;
                        cy += ink * y;
                    }
                }
                assertEquals(1, sum, 1e-4, "all its ink is there");
                assertTrue(Math.abs(cx / sum - 100) <= 10.001 && Math.abs(cy / sum - 100) <= 10.001, "seed " + seed);
            }
            assertEquals(laid.get(2).at(103, 98), new Overrun(3, WEAK).laid(dot, 20, seed).get(2).at(103, 98));
        }
    }

    @Test
    void detailLost_growsWithFinenessAndLeavesSoftPicturesAlone() {
        double fine = new Overrun(2, WEAK).detailLost(Plane.compute(640, 200, (x, y) -> x % 12 < 6 ? 0 : 1), Length.ofMillimetres(32));
        double wide = new Overrun(2, WEAK).detailLost(lines(3), Length.ofMillimetres(32));
        assertTrue(fine > 0.1 && fine < 1, String.valueOf(fine));
        Plane soft = Plane.compute(640, 200, (x, y) -> (float) (0.45 + 0.4 * Math.sin(x / 60.0)));
        assertTrue(new Overrun(2, WEAK).detailLost(soft, Length.ofMillimetres(32)) < 0.05);
        assertTrue(wide < fine, "wide lines bear it: " + wide);
    }

    @Test
    void runs_outsideTheUsual_areRefused() {
        assertTrue(assertThrows(UnusableValue.class, () -> new Overrun(4, WEAK)).getMessage().contains("1 to 3"));
        assertTrue(assertThrows(UnusableValue.class, () -> Overrun.requireRuns(0)).getMessage().contains("1 to 3"));
    }
}
