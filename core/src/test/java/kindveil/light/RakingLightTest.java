package kindveil.light;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindveil.image.Picture;
import kindveil.image.Plane;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RakingLightTest {
    private static final int SIZE = 200;
    private static final double SCALE = 5;
    private static final Picture GREY = Picture.grey(Plane.filled(SIZE, SIZE, 0.3f));
    private static final Plane MATTE = Plane.filled(SIZE, SIZE, 0);
    private static final Plane GLOSS = Plane.filled(SIZE, SIZE, 1);

    private static Plane raked(Plane height, Plane gloss) {
        return RakingLight.RAKING.over(GREY, height, gloss, SCALE).luminance();
    }

    @Test
    void flat_staysAsItIs_howeverHighItLies() {
        Plane flat = raked(Plane.filled(SIZE, SIZE, 1.6f), GLOSS);
        assertEquals(0.3, flat.at(100, 100), 1e-6);
        assertEquals(0.3, flat.mean(), 1e-6);
    }

    /** A plane that rises towards the lower right faces the lamp: n·l, reckoned here from the angle between them. */
    @ParameterizedTest
    @CsvSource({"0.02", "0.1", "0.3", "-0.05", "-0.2", "-0.4"})
    void slope_takesUpTheCosineOfItsAngleToTheLamp(double rise) {
        Plane slope = Plane.compute(SIZE, SIZE, (x, y) -> (float) ((x + y) / Math.sqrt(2) / SCALE * rise));
        double toLamp = Math.sin(Math.toRadians(15) + Math.atan(rise));
        boolean inItsOwnShadow = toLamp < 0;
        double diffuse = 0.1 + 0.9 * (inItsOwnShadow ? 0 : toLamp / Math.sin(Math.toRadians(15)));
        // what is mirrored adds the same to a light and a dark surface
        Plane light = RakingLight.RAKING.over(Picture.grey(Plane.filled(SIZE, SIZE, 0.6f)), slope, MATTE, SCALE).luminance();
        assertEquals(0.3 * diffuse, light.at(100, 100) - raked(slope, MATTE).at(100, 100), 0.002);
        assertEquals(rise > 0, raked(slope, MATTE).at(100, 100) > 0.3);
    }

    @Test
    void shadow_ofAStep_isAsLongAsItsHeightOverTheTangent_straightAwayFromTheLamp() {
        double high = 1.6;
        Plane step = Plane.compute(SIZE, SIZE, (x, y) -> x + y < SIZE ? (float) high : 0);
        Plane lit = raked(step, MATTE);
        int dark = 0;
        for (int i = SIZE / 2; i < SIZE; i++) {
            dark += lit.at(i, i) < 0.05 ? 1 : 0;
        }
        double millimetres = dark * Math.sqrt(2) / SCALE;
        assertEquals(high / Math.tan(Math.toRadians(15)), millimetres, 0.5);
        assertEquals(0.3, lit.at(SIZE - 3, SIZE - 3), 0.01, "light comes back behind it");
    }

    @Test
    void gloss_mirrorsTheLamp_whereASlopeStandsHalfwayToTheEye_andNotWhereItLiesFlat() {
        double half = Math.tan(Math.toRadians(37.5));
        Plane steep = Plane.compute(SIZE, SIZE, (x, y) -> (float) ((x + y) / Math.sqrt(2) / SCALE * half));
        Plane gentle = Plane.compute(SIZE, SIZE, (x, y) -> (float) ((x + y) / Math.sqrt(2) / SCALE * 0.05));
        assertTrue(raked(steep, GLOSS).at(100, 100) > raked(steep, MATTE).at(100, 100) + 0.3);
        assertEquals(raked(gentle, MATTE).at(100, 100), raked(gentle, GLOSS).at(100, 100), 0.02);
    }

    @Test
    void contrast_growsWithTheHeight_andLessOfItIsSeenFromFarOrInOrdinaryLight() {
        double last = 0;
        for (double high : new double[] {0.002, 0.01, 0.05, 0.2, 0.8, 1.6}) {
            double now = RakingLight.RAKING.contrast(high, 3 * high, 0.4, false, 0.6);
            assertTrue(now > last, high + " mm: " + now);
            assertTrue(RakingLight.RAKING.contrast(high, 3 * high, 0.4, false, 3) < now, "from across a room");
            assertTrue(RakingLight.ORDINARY.contrast(high, 3 * high, 0.4, false, 0.6) < now, "in an ordinary room");
            last = now;
        }
        assertTrue(RakingLight.RAKING.shows(0.72, 0.4, true, 0.6), "a deep bed");
        assertTrue(!RakingLight.ORDINARY.shows(0.002, 0.4, true, 0.6), "a film from a plate, in ordinary light");
        assertEquals(0, RakingLight.RAKING.contrast(0, 0, 0.4, false, 0.6));
    }

    /** The taper asked for is just enough: a tenth less of it shows, it does not. */
    @ParameterizedTest
    @CsvSource({"0.06,true", "0.1,false", "0.3,true", "0.72,false"})
    void taper_isTheLeastThatHides(double high, boolean gloss) {
        double taper = RakingLight.ORDINARY.taper(high, 0.4, gloss, 0.6);
        assertTrue(taper > 3 * high);
        assertTrue(RakingLight.ORDINARY.contrast(high, taper, 0.4, gloss, 0.6) < 3);
        assertTrue(RakingLight.ORDINARY.contrast(high, taper * 0.9, 0.4, gloss, 0.6) > 3);
    }
}
