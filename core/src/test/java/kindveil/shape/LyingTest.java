package kindveil.shape;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LyingTest {
    @Test
    void turnedToTheRight_theUpperLeftCornerGoesUpAndRight() {
        Lying lies = Lying.box(10, 20, 40, 20, 90);
        assertArrayEquals(new double[] {40, 10}, lies.corners().getFirst(), 1e-9);
        assertArrayEquals(new double[] {20, 10, 40, 50}, lies.bounds(), 1e-9);
    }

    @ParameterizedTest
    @ValueSource(doubles = {-170, -45, -10, 0, 33, 90, 180})
    void whateverItsTurn_itCoversAsMuch_aboutTheSameMiddle(double turn) {
        Lying lies = Lying.box(12, 34, 56, 78, turn);
        assertEquals(56 * 78, lies.region().area(), 1e-6);
        double[] bounds = lies.bounds();
        assertEquals(12 + 28, (bounds[0] + bounds[2]) / 2, 1e-9);
        assertEquals(34 + 39, (bounds[1] + bounds[3]) / 2, 1e-9);
        assertEquals(lies.region().area(), lies.over(lies), 1e-6);
        assertEquals(66 * 88, lies.wider(5).region().area(), 1e-6);
    }

    /** Against a count of places in both. */
    @Test
    void whatTwoCover_isWhatACountSays() {
        Random random = new Random(3);
        for (int n = 0; n < 40; n++) {
            Lying one = Lying.box(random.nextDouble() * 40, random.nextDouble() * 40, 20 + random.nextDouble() * 60, 20 + random.nextDouble() * 60, random.nextDouble() * 360 - 180);
            Lying other = Lying.box(random.nextDouble() * 40, random.nextDouble() * 40, 20 + random.nextDouble() * 60, 20 + random.nextDouble() * 60, random.nextDouble() * 360 - 180);
            int both = 0;
            for (double x = -80; x < 160; x += 0.5) {
                for (double y = -80; y < 160; y += 0.5) {
                    both += within(one, x, y) && within(other, x, y) ? 1 : 0;
                }
            }
            assertEquals(both * 0.25, one.over(other), 12, one + " " + other);
        }
    }

    private static boolean within(Lying lies, double x, double y) {
        double angle = Math.toRadians(lies.turn());
        double across = x - lies.x() - lies.width() / 2;
        double along = y - lies.y() - lies.height() / 2;
        double right = across * Math.cos(angle) + along * Math.sin(angle);
        double down = -across * Math.sin(angle) + along * Math.cos(angle);
        return Math.abs(right) <= lies.width() / 2 && Math.abs(down) <= lies.height() / 2;
    }

    @Test
    void aShape_liesWithinItsBox() {
        Lying lies = new Lying(10, 10, 100, 50, 0, Region.rectangle(0, 0, 0.5, 0.25));
        assertEquals(50 * 25, lies.region().area(), 1e-6);
        assertTrue(lies.region().holds(30, 20));
        assertEquals(0, lies.over(Lying.box(70, 40, 20, 20, 0)), 1e-9);
    }

    @Test
    void nearALine_itIsDrawnThere_byItsEdgeOrItsMiddle_andNotFromFarther() {
        Guides guides = Guides.of(300, 200, List.of(new Guides.Other("1, heron", Lying.box(20, 30, 51, 40, 0))));
        assertArrayEquals(new double[] {100, 13}, at(guides.drawn(Lying.box(101.5, 13, 30, 10, 0), 2)), "a third; and nothing near in height");
        assertArrayEquals(new double[] {85, 60}, at(guides.drawn(Lying.box(84, 61, 30, 20, 0), 2)), "its middle on the third, and on the foot of the heron");
        assertArrayEquals(new double[] {71, 70}, at(guides.drawn(Lying.box(72.4, 68.4, 9, 12, 0), 2)), "beside the heron and at its foot");
        assertArrayEquals(new double[] {240, 160}, at(guides.drawn(Lying.box(241.9, 158.1, 60, 40, 0), 2)), "into the corner of the page");
        assertArrayEquals(new double[] {113, 83}, at(guides.drawn(Lying.box(113, 83, 11, 7, 0), 2)), "nothing near");
    }

    private static double[] at(Lying lies) {
        return new double[] {Math.round(lies.x() * 1000) / 1000.0, Math.round(lies.y() * 1000) / 1000.0};
    }

    /** Drawn to a line, some edge or the middle is on it; and it never moves further than the reach. */
    @Test
    void drawnAnywhere_itNeverGoesFartherThanItsReach_andEndsOnALine() {
        Random random = new Random(5);
        Guides guides = Guides.of(210, 297, List.of(new Guides.Other("other", Lying.box(40, 50, 70, 90, 25))));
        for (int n = 0; n < 2000; n++) {
            Lying lies = Lying.box(random.nextDouble() * 250 - 20, random.nextDouble() * 320 - 20, 5 + random.nextDouble() * 100, 5 + random.nextDouble() * 100, random.nextInt(360) - 180);
            Lying drawn = guides.drawn(lies, 2);
            double moved = drawn.x() - lies.x();
            assertTrue(Math.abs(moved) <= 2 + 1e-9);
            if (moved != 0) {
                double[] bounds = drawn.bounds();
                assertTrue(guides.across().stream().anyMatch(line -> List.of(bounds[0], (bounds[0] + bounds[2]) / 2, bounds[2]).stream().anyMatch(edge -> Math.abs(edge - line.at()) < 1e-6)));
            }
        }
    }
}
