package kindveil.shape;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import kindveil.image.Plane;
import kindveil.measure.UnusableValue;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class RegionTest {
    private static final Region SQUARE = Region.rectangle(0.2, 0.2, 0.6, 0.6);

    @Test
    void theOutlineOfADiscLiesBetweenThePixels() {
        // a disc of radius 0.3 in 200 pixels, its signed distance as the plane
        Plane disc = Plane.compute(200, 160, (x, y) -> (float) (Math.hypot((x + 0.5) / 200 - 0.5, (y + 0.5) / 200 - 0.4) - 0.3));
        Region region = Region.below(disc, 0, 0);
        assertEquals(Math.PI * 0.09, region.area(), 2e-5);
        for (double[] p : region.rings().getFirst()) {
            assertEquals(0.3, Math.hypot(p[0] - 0.5, p[1] - 0.4), 1e-4, "a hundredth of a pixel is 0.00005");
        }
    }

    @Test
    void whatIsInsideAtTheBorderEndsExactlyThere() {
        Region all = Region.below(Plane.filled(30, 20, 0), 0.5f, 0);
        assertEquals(2 / 3.0, all.area(), 1e-9);
        Plane left = Plane.compute(30, 20, (x, y) -> x < 15 ? 0 : 1);
        assertEquals(0.5 * 2 / 3, Region.below(left, 0.5f, 0).area(), 1e-6);
    }

    @Test
    void aRingHasAHole() {
        Plane ring = Plane.compute(100, 100, (x, y) -> {
            double r = Math.hypot(x - 49.5, y - 49.5) / 100;
            return (float) Math.max(r - 0.4, 0.2 - r);
        });
        Region region = Region.below(ring, 0, 0);
        assertEquals(2, region.rings().size());
        assertEquals(Math.PI * (0.16 - 0.04), region.area(), 1e-3);
        assertFalse(region.holds(0.5, 0.5));
        assertTrue(region.holds(0.5, 0.2));
        assertEquals(1, Region.below(ring, 0, 0.3).rings().size(), "an outline smaller than asked is left out");
    }

    @Test
    void saddlesCloseTheirLines() {
        Plane board = Plane.compute(8, 8, (x, y) -> (x + y) % 2);
        Region region = Region.below(board, 0.5f, 0);
        assertEquals(32, region.rings().size(), "parted at every saddle");
        assertEquals(0.3, region.area(), 0.02, "half of each dark pixel, and all of it at the border");
    }

    @RepeatedTest(20)
    void coverageIsTheShareOfEachPixel(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Region region = Region.stroke(List.of(new double[] {random.nextDouble(), random.nextDouble() * 0.8}, new double[] {random.nextDouble(), random.nextDouble() * 0.8},
                new double[] {random.nextDouble() * 1.4 - 0.2, random.nextDouble()}), 0.02 + random.nextDouble() * 0.2);
        Plane covered = region.coverage(40, 32);
        double inside = region.and(Region.rectangle(0, 0, 1, 0.8)).area();
        assertEquals(inside, covered.mean() * 0.8, 1e-5);
        for (int i = 0; i < 60; i++) {
            int x = random.nextInt(40);
            int y = random.nextInt(32);
            double exact = region.and(Region.rectangle(x / 40.0, y / 40.0, (x + 1) / 40.0, (y + 1) / 40.0)).area() * 1600;
            assertEquals(exact, covered.at(x, y), 1e-4, "pixel %d, %d".formatted(x, y));
        }
    }

    @Test
    void aBrushAddsTheExactSweepOfItsDisc() {
        Region dot = Region.stroke(List.of(new double[] {0.5, 0.5}), 0.1);
        assertEquals(Math.PI * 0.01, dot.area(), 0.0002);
        Region line = Region.stroke(List.of(new double[] {0.2, 0.5}, new double[] {0.8, 0.5}), 0.1);
        assertEquals(0.6 * 0.2 + Math.PI * 0.01, line.area(), 0.0002);
        assertEquals(SQUARE.area() + line.area() - SQUARE.and(line).area(), SQUARE.plus(line).area(), 1e-9);
        assertEquals(SQUARE.area() - SQUARE.and(line).area(), SQUARE.minus(line).area(), 1e-9);
        assertTrue(SQUARE.minus(SQUARE).isEmpty());
        assertEquals(0.48 * 0.48, SQUARE.wider(0.04).area(), 0.002);
        assertEquals(0.32 * 0.32, SQUARE.wider(-0.04).area(), 1e-9);
    }

    @Test
    void growsFromASeedAndStopsAtAnother() {
        Plane halves = Plane.compute(60, 60, (x, y) -> x < 20 ? 30 : x < 40 ? 80 : 30);
        Region left = Region.grown(halves, 0.1, 0.5, 8);
        assertTrue(left.holds(0.05, 0.95));
        assertFalse(left.holds(0.9, 0.5), "alike, but not reached");
        assertEquals(1 / 3.0, left.area(), 0.02);
        assertEquals(1, Region.grown(halves, 0.1, 0.5, 60).area(), 1e-6);
        assertThrows(UnusableValue.class, () -> Region.grown(halves, 1.5, 0.5, 8));
    }

    @Test
    void takesWhatLiesBetweenTwoTones() {
        Plane ramp = Plane.compute(100, 10, (x, y) -> x + 0.5f);
        Region middle = Region.between(ramp, 30, 60, 0);
        assertEquals(0.03, middle.area(), 1e-6);
        assertTrue(middle.holds(0.45, 0.05));
    }

    @Test
    void itsPointsAreMovedAddedAndTakenAway() {
        Region moved = SQUARE.moved(0, 0, SQUARE.rings().getFirst().getFirst()[0], SQUARE.rings().getFirst().getFirst()[1] + 0.1);
        assertEquals(SQUARE.area(), moved.area(), 0.021);
        assertFalse(moved.equals(SQUARE));
        Region more = SQUARE.with(0, 0, 0.05, 0.4);
        assertEquals(5, more.rings().getFirst().size());
        assertEquals(SQUARE, more.without(0, indexOf(more, 0.05, 0.4)));
        assertEquals(3, SQUARE.without(0, 1).rings().getFirst().size());
        assertTrue(SQUARE.without(0, 1).without(0, 1).isEmpty());
        UnusableValue crossed = assertThrows(UnusableValue.class, () -> SQUARE.with(0, 0, 0.4, 0.9));
        assertTrue(crossed.getMessage().contains("do not cross"), crossed.getMessage());
        assertThrows(UnusableValue.class, () -> SQUARE.moved(1, 0, 0, 0));
        assertThrows(UnusableValue.class, () -> SQUARE.moved(0, 9, 0, 0));
    }

    private static int indexOf(Region region, double x, double y) {
        List<double[]> points = region.rings().getFirst();
        for (int i = 0; i < points.size(); i++) {
            if (Math.hypot(points.get(i)[0] - x, points.get(i)[1] - y) < 1e-9) {
                return i;
            }
        }
        throw new AssertionError("no such point");
    }

    @Test
    void isReadAsItWasWritten() {
        Region region = SQUARE.minus(Region.stroke(List.of(new double[] {0.4, 0.4}), 0.05)).plus(Region.rectangle(0.7, 0.1, 0.9, 0.3));
        Region back = Region.parse(region.toString());
        assertTrue(back.near(region, 1e-5));
        assertEquals(back, Region.parse(back.toString()));
        assertEquals(3, back.rings().size());
        assertEquals(Region.EMPTY, Region.parse("  "));
        for (String bad : List.of("1,1", "a,b c,d e,f", "1,1 2", "1,1 2,2 3,3|x")) {
            assertThrows(UnusableValue.class, () -> Region.parse(bad), bad);
        }
        assertEquals("M20 20L20 60L60 60L60 20Z", SQUARE.path(100));
    }

    @Test
    void isSimplerWithinItsTolerance() {
        Region disc = Region.stroke(List.of(new double[] {0.5, 0.5}), 0.2);
        Region simple = disc.simpler(0.01);
        assertTrue(simple.points() < disc.points());
        assertEquals(disc.area(), simple.area(), 0.01 * 2 * Math.PI * 0.2);
    }

    @Test
    void goesAlongWhenThePictureIsTurned() {
        Region turned = SQUARE.mapped(p -> new double[] {1 - p[0], p[1]});
        assertEquals(SQUARE.area(), turned.area(), 1e-12);
        assertTrue(turned.holds(0.75, 0.5));
    }
}
