package kindveil.tone;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import java.util.ArrayList;
import kindveil.image.Plane;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.tone.Framing.Crop;
import kindveil.tone.Framing.Mirror;
import kindveil.tone.Framing.Straighten;
import kindveil.tone.Framing.Turn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FramingTest {
    /** A dark mark of 6 × 6 pixels with its middle at (60, 30) of 120 × 80. */
    private final Plane marked = Plane.compute(120, 80, (x, y) -> x >= 57 && x < 63 && y >= 27 && y < 33 ? 0 : 1);
    private static final Size SIZE = new Size(120, 80);

    private static double[] middleOfTheDark(Plane plane) {
        double x = 0;
        double y = 0;
        double all = 0;
        for (int j = 0; j < plane.height(); j++) {
            for (int i = 0; i < plane.width(); i++) {
                double dark = 1 - plane.at(i, j);
                x += (i + 0.5) * dark;
                y += (j + 0.5) * dark;
                all += dark;
            }
        }
        return new double[] {x / all, y / all};
    }

    @ParameterizedTest
    @ValueSource(strings = {"crop 10 20 25 5", "turn 1", "turn 2", "turn 3", "straighten 7.5", "straighten -11", "mirror", "corners 8 12 88 5 97 90 3 80", "corners 0 0 100 0 100 100 0 100", "corners 8 12 88 5 97 90 3 80 1.414", "corners 20 10 80 10 95 90 5 90; turn 1", "turn 1; mirror; straighten 3; crop 5 5 0 10"})
    void aPlaceGoesWhereItsPixelsGo(String code) {
        Treatments framing = Treatments.parse(code);
        Plane framed = framing.apply(marked, Length.ofMillimetres(100));
        assertArrayEquals(middleOfTheDark(framed), framing.place(60, 30, SIZE), 0.5 * framing.list().size(), code);
        assertEquals(framing.size(SIZE).width(), framed.width(), 1);
        assertEquals(framing.size(SIZE).height(), framed.height(), 1);
        assertEquals(code, Treatments.parse(code).toString());
    }

    /** A page of known proportions seen through a lens from several sides: laid flat it has them again. */
    @ParameterizedTest
    @CsvSource({"1.414, 25, 0", "1.414, 0, 30", "1.414, 20, 25", "0.7, 30, -20", "1, -25, 15", "1.5, 12, 40"})
    void aPageSeenAskew_hasItsOwnProportionsAgain(double aspect, double tilt, double turn) {
        Size photo = new Size(4000, 3000);
        Corners flat = seen(aspect, tilt, turn, 3400, new Random(1), 0);
        double[] percent = {flat.x1(), flat.y1(), flat.x2(), flat.y2(), flat.x3(), flat.y3(), flat.x4(), flat.y4()};
        // tilted one way only, the lens has to be guessed
        assertEquals(aspect, flat.size(photo).aspect(), (tilt == 0 || turn == 0 ? 0.04 : 0.01) * aspect);
        assertArrayEquals(new double[] {0, 0}, flat.place(percent[0] * 40, percent[1] * 30, photo), 1e-6);
        Size after = flat.size(photo);
        assertArrayEquals(new double[] {after.width(), after.height()}, flat.place(percent[4] * 40, percent[5] * 30, photo), 1e-6);
    }

    /** The corners of a page in a photograph of 4000 × 3000, per cent, each handle put by an unsteady hand. */
    private static Corners seen(double aspect, double tilt, double turn, double focal, Random hand, double pixels) {
        double a = Math.toRadians(tilt);
        double b = Math.toRadians(turn);
        double[] percent = new double[8];
        double[][] page = {{-0.5, -aspect / 2}, {0.5, -aspect / 2}, {0.5, aspect / 2}, {-0.5, aspect / 2}};
        for (int i = 0; i < 4; i++) {
            double y1 = page[i][1] * Math.cos(a);
            double z1 = page[i][1] * Math.sin(a);
            double x2 = page[i][0] * Math.cos(b) + z1 * Math.sin(b);
            double z2 = 3.2 - page[i][0] * Math.sin(b) + z1 * Math.cos(b);
            percent[2 * i] = (focal * x2 / z2 + 2000 + pixels * (2 * hand.nextDouble() - 1)) / 40;
            percent[2 * i + 1] = (focal * y1 / z2 + 1500 + pixels * (2 * hand.nextDouble() - 1)) / 30;
        }
        return new Corners(percent[0], percent[1], percent[2], percent[3], percent[4], percent[5], percent[6], percent[7]);
    }

    /** Tilted one way, handles up to 3 pixels off: no more than 1 in 100 is off by 2 %, as long as the lens is a usual one. */
    @Test
    void tiltedAboutOneAxis_handlesALittleOff_keepsItsProportions() {
        Random hand = new Random(8);
        Size photo = new Size(4000, 3000);
        for (double tilt : new double[] {4, 10, 18, 25}) {
            for (boolean across : new boolean[] {true, false}) {
                List<Double> off = new ArrayList<>();
                for (int i = 0; i < 400; i++) {
                    Corners corners = seen(1.2, across ? 0 : tilt, across ? tilt : 0, 3098, hand, 3);
                    off.add(Math.abs(Math.log(corners.size(photo).aspect() / 1.2)));
                }
                off.sort(null);
                assertTrue(off.get(395) < 0.02, "tilt %s: %s at the 99th percentile".formatted(tilt, off.get(395)));
            }
        }
    }

    /** Where the photograph may be off by much it is doubted, and seldom where it is not. */
    @Test
    void doubt_saysHowFarItMayBeOff() {
        Random hand = new Random(9);
        Size photo = new Size(4000, 3000);
        int off = 0;
        int undoubted = 0;
        for (int i = 0; i < 2000; i++) {
            double aspect = 0.9 + 0.5 * hand.nextDouble();
            Corners corners = seen(aspect, 40 * hand.nextDouble() - 20, 40 * hand.nextDouble() - 20, 2900 + 700 * hand.nextDouble(), hand, 3);
            double by = Math.abs(Math.log(corners.size(photo).aspect() / aspect));
            off += by > 0.05 ? 1 : 0;
            undoubted += by > 0.05 && corners.doubt(photo) < 0.03 ? 1 : 0;
        }
        assertTrue(undoubted <= 20, undoubted + " of 2000 off by more than 5 % and not doubted; " + off + " off");
        assertEquals(0, seen(1.3, 20, 0, 3000, hand, 3).proportioned(1.4).doubt(photo));
        assertEquals(1.4, seen(1.3, 20, 0, 3000, hand, 3).proportioned(1.4).size(photo).aspect(), 1e-9);
    }

    @Test
    void cornersThatAreNone_areRefused() {
        for (String wrong : List.of("corners 80 0 0 0 0 100 100 100", "corners 0 0 100 0 40 40 0 100", "corners 0 0 10 0 10 10 0 10", "corners 0 0 101 0 100 100 0 100", "corners 0 0 100 0 100 100", "corners 10 10 10 10 90 90 10 90")) {
            assertThrows(UnusableValue.class, () -> Treatments.parse(wrong), wrong);
        }
    }

    @Test
    void fourQuartersAreNone() {
        Plane turned = Treatments.parse("turn 1; turn 1; turn 1; turn 1").apply(marked, Length.ofMillimetres(10));
        assertEquals(120, turned.width());
        assertArrayEquals(middleOfTheDark(marked), middleOfTheDark(turned), 1e-9);
    }

    @Test
    void straightenedHasNoEmptyCornerAndTheSameProportions() {
        Plane white = Plane.filled(300, 200, 1);
        for (double degrees : new double[] {-15, -4, 0.5, 9, 15}) {
            Straighten straighten = new Straighten(degrees);
            Size after = straighten.size(new Size(300, 200));
            assertEquals(200 / 300.0, after.aspect(), 1e-9);
            // every corner of what stays comes from inside the picture
            for (double[] corner : List.of(new double[] {0, 0}, new double[] {300, 0}, new double[] {300, 200}, new double[] {0, 200})) {
                double[] at = straighten.place(corner[0], corner[1], new Size(300, 200));
                boolean outside = at[0] <= 1e-6 || at[1] <= 1e-6 || at[0] >= after.width() - 1e-6 || at[1] >= after.height() - 1e-6;
                assertTrue(outside, "the old corner lies outside what stays");
            }
            assertEquals(1, straighten.apply(white).mean(), 1e-6);
        }
        assertEquals(300, new Straighten(0).size(new Size(300, 200)).width(), 1e-9);
    }

    @Test
    void aMillimetreKeepsItsPixels() {
        // half the width cut off and the rest printed 50 mm wide: a screen of 1 to the mm has 50 cells, not 100
        Plane screened = Treatments.parse("crop 50 0 0 0; halftone line 0 1").apply(Plane.filled(2000, 20, 0.5f), Length.ofMillimetres(50));
        int edges = 0;
        for (int x = 1; x < screened.width(); x++) {
            edges += screened.at(x, 10) != screened.at(x - 1, 10) ? 1 : 0;
        }
        assertEquals(100, edges, 2);
    }

    @Test
    void framingComesFirstAndLevelsAfterIt() {
        Treatments all = Treatments.parse("crop 5 5 5 5; simplify 3");
        assertEquals("crop 5 5 5 5; levels 10 90; simplify 3", all.having(Treatment.Levels.class, new Treatment.Levels(10, 90)).toString());
        assertEquals("turn 1; crop 1 1 1 1; simplify 3", all.framed(List.of(new Turn(1), new Crop(1, 1, 1, 1))).toString());
        assertEquals("crop 5 5 5 5", all.framing().toString());
        assertEquals(1, all.framed(List.of()).list().size());
    }

    @Test
    void knowsWhenOnlyBlackAndWhiteAreLeft() {
        assertTrue(Treatments.parse("levels 5 90; halftone dot 45 1; edge torn 5 1; mirror").blackAndWhite());
        assertFalse(Treatments.parse("halftone dot 45 1; edge feather 5 0").blackAndWhite());
        assertFalse(Treatments.parse("threshold 40; straighten 2").blackAndWhite());
        assertFalse(Treatments.NONE.blackAndWhite());
    }

    @Test
    void refusesWhatLeavesNothing() {
        assertTrue(assertThrows(UnusableValue.class, () -> new Crop(50, 0, 50, 0)).getMessage().contains("left and right together"));
        assertThrows(UnusableValue.class, () -> new Crop(0, -1, 0, 0));
        assertThrows(UnusableValue.class, () -> new Turn(4));
        assertThrows(UnusableValue.class, () -> new Straighten(15.1));
        assertThrows(UnusableValue.class, () -> Treatments.parse("crop 1 2 3"));
        assertEquals("mirror", new Mirror().code());
    }
}
