package kindveil.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.sheet.CurvedForm.Kind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CurvedFormTest {
    private static Length mm(double mm) {
        return Length.ofMillimetres(mm);
    }

    /** The circumference of a circle of latitude, summed as a polygon in space. */
    @ParameterizedTest
    @CsvSource({"60, 10", "60, 20", "44, 15", "200, 40"})
    void lie_onABall_shrinksAsMeasuredInSpace(double diameter, double r) {
        double big = diameter / 2;
        double theta = r / big;
        int n = 200_000;
        double sum = 0;
        for (int i = 0; i < n; i++) {
            double a = 2 * Math.PI * i / n;
            double b = 2 * Math.PI * (i + 1) / n;
            sum += Math.hypot(big * Math.sin(theta) * (Math.cos(b) - Math.cos(a)), big * Math.sin(theta) * (Math.sin(b) - Math.sin(a)));
        }
        assertEquals(1 - sum / (2 * Math.PI * r), new CurvedForm(Kind.BALL, mm(diameter), mm(diameter)).lie(mm(r), 0.06).strain(), 1e-9);
    }

    @Test
    void lie_smallPieces_followTheFirstTermOfTheModel() {
        for (CurvedForm form : new CurvedForm[] {new CurvedForm(Kind.BALL, mm(80), mm(80)), new CurvedForm(Kind.EGG_SIDE, mm(44), mm(60)), new CurvedForm(Kind.WAIST, mm(60), mm(90))}) {
            double r = 4;
            double first = r * r * form.curvature() / 6;
            assertEquals(first, form.lie(mm(r), 0.5).strain(), Math.abs(first) * 0.01, form.toString());
        }
    }

    @Test
    void lie_aSphereByTwoRadii_isTheBall() {
        double ball = new CurvedForm(Kind.BALL, mm(60), mm(60)).curvature();
        assertEquals(ball, new CurvedForm(Kind.EGG_SIDE, mm(60), mm(60)).curvature(), 1e-12);
        assertEquals(ball, new CurvedForm(Kind.EGG_END, mm(60), mm(60)).curvature(), 1e-12);
    }

    /** Principal curvatures of x²/b² + y²/b² + z²/a² = 1 by differences. */
    @Test
    void curvature_ofAnEgg_isTheEllipsoids() {
        double b = 22;
        double a = 30;
        double h = 1e-3;
        double meridian = 2 * (b - b * Math.sqrt(1 - h * h / (a * a))) / (h * h);
        assertEquals(meridian / b, new CurvedForm(Kind.EGG_SIDE, mm(44), mm(60)).curvature(), 1e-7);
        double end = 2 * (a - a * Math.sqrt(1 - h * h / (b * b))) / (h * h);
        assertEquals(end * end, new CurvedForm(Kind.EGG_END, mm(44), mm(60)).curvature(), 1e-7);
    }

    @Test
    void lie_onACylinder_liesFlat() {
        CurvedForm.Lie lie = new CurvedForm(Kind.CYLINDER, mm(60), mm(60)).lie(mm(120), CurvedForm.TAPE_BEARS);
        assertTrue(lie.lies());
        assertEquals(0, lie.strain());
    }

    /** MODELS: n = ⌈π(r/R)/√(2ε)⌉, angle 2π(r − R sin(r/R))/(n r). */
    @Test
    void lie_tapeOnABall_needsTheCutsOfTheModel() {
        CurvedForm.Lie lie = new CurvedForm(Kind.BALL, mm(60), mm(60)).lie(mm(20), CurvedForm.TAPE_BEARS);
        assertEquals(21, lie.cuts());
        assertEquals(Math.toDegrees(2 * Math.PI * (20 - 30 * Math.sin(2 / 3.0)) / (21 * 20)), lie.angle(), 1e-9);
        assertEquals(21, lie.directions().size());
        // all darts together take out just the length the rim has too much
        assertEquals(lie.strain(), lie.cuts() * lie.angle() / 360, 1e-9);
        assertEquals(0.005, new CurvedForm(Kind.BALL, mm(60), mm(60)).lie(lie.from(), 1).strain(), 1e-6);
        assertTrue(new CurvedForm(Kind.BALL, mm(60), mm(60)).lie(mm(15), CurvedForm.SKIN_BEARS).lies());
    }

    /** Along a circle that lies wholly on the piece the darts take out just what is too much there, read off the drawn cuts. */
    @Test
    void cuts_ofASquare_reachItsEdgeAndTakeOutWhatIsTooMuch() {
        CurvedForm form = new CurvedForm(Kind.BALL, mm(90), mm(90));
        var cuts = form.cuts(new CurvedForm.Patch(mm(60), mm(60), false), CurvedForm.TAPE_BEARS);
        CurvedForm.Lie lie = form.lie(new CurvedForm.Patch(mm(60), mm(60), false).reach(), CurvedForm.TAPE_BEARS);
        assertEquals(lie.cuts(), cuts.size());
        for (CurvedForm.Cut cut : cuts) {
            double mouthX = (cut.leftX() + cut.rightX()) / 2 - 30;
            double mouthY = (cut.leftY() + cut.rightY()) / 2 - 30;
            assertEquals(30, Math.max(Math.abs(mouthX), Math.abs(mouthY)), 1e-9);
            double edge = Math.hypot(mouthX, mouthY);
            assertEquals(2 * Math.PI * (edge - 45 * Math.sin(edge / 45)) / lie.cuts(), Math.hypot(cut.leftX() - cut.rightX(), cut.leftY() - cut.rightY()), 1e-9);
            assertEquals(lie.from().millimetres(), Math.hypot(cut.x() - 30, cut.y() - 30), 1e-9);
            assertEquals(0, mouthX * (cut.y() - 30) - mouthY * (cut.x() - 30), 1e-6);
        }
        assertTrue(new CurvedForm(Kind.CYLINDER, mm(90), mm(90)).cuts(new CurvedForm.Patch(mm(60), mm(60), false), CurvedForm.TAPE_BEARS).isEmpty());
        assertTrue(new CurvedForm(Kind.WAIST, mm(40), mm(60)).cuts(new CurvedForm.Patch(mm(60), mm(20), false), CurvedForm.TAPE_BEARS).stream().allMatch(c -> c.leftX() == c.rightX() && c.leftY() == c.rightY()));
    }

    /** Past its half a ball is wrapped on: the rim shrinks as it must by the circles of the sphere, in no more gores than its half needs. */
    @Test
    void lie_pastTheHalfOfABall_goesOnAsItBegan() {
        CurvedForm ball = new CurvedForm(Kind.BALL, mm(80), mm(80));
        double last = 0;
        int cuts = 0;
        for (double r = 20; r <= 113; r += 1) {
            CurvedForm.Lie lie = ball.lie(mm(r), CurvedForm.SKIN_BEARS);
            assertEquals(1 - Math.sin(r / 40) / (r / 40), lie.strain(), 1e-9, "at " + r);
            assertTrue(lie.strain() > last && lie.cuts() >= cuts && lie.cuts() <= Math.ceil(Math.PI * Math.PI / 2 / Math.sqrt(2 * 0.06)), "at " + r);
            last = lie.strain();
            cuts = lie.cuts();
        }
    }

    @Test
    void lie_onAWaist_stretches() {
        CurvedForm.Lie lie = new CurvedForm(Kind.WAIST, mm(50), mm(60)).lie(mm(25), CurvedForm.SKIN_BEARS);
        assertTrue(lie.strain() < -0.06 && lie.cuts() > 0 && lie.angle() > 0);
    }

    @Test
    void lie_whatWrapsRound_isRefusedWithTheMost() {
        CurvedForm egg = new CurvedForm(Kind.BALL, mm(44), mm(44));
        assertTrue(assertThrows(UnusableValue.class, () -> egg.lie(mm(63), 0.06)).getMessage().contains("at most 62 mm on this form"));
        assertTrue(assertThrows(UnusableValue.class, () -> new CurvedForm(Kind.EGG_SIDE, mm(44), mm(60)).lie(mm(60), 0.06)).getMessage().contains("at most 42 mm on this form"));
        assertTrue(assertThrows(UnusableValue.class, () -> new CurvedForm(Kind.BALL, mm(3), mm(3))).getMessage().contains("8 to 2000 mm"));
        assertTrue(assertThrows(UnusableValue.class, () -> new CurvedForm(Kind.EGG_SIDE, mm(44), mm(3))).getMessage().contains("length of the egg"));
    }

    /** A piece of 40 mm on a ball of 75 mm: 4.7 % at its rim cut round, which a thin skin bears; 9 % at its corners. */
    @Test
    void cutRound_liesWhereSquareDoesNot() {
        CurvedForm ball = new CurvedForm(Kind.BALL, mm(75), mm(75));
        CurvedForm.Patch square = new CurvedForm.Patch(mm(40), mm(40), false);
        assertEquals(0.047, ball.lie(square.cutRound().reach(), CurvedForm.SKIN_BEARS).strain(), 0.0015);
        assertEquals(0.09, ball.lie(square.reach(), CurvedForm.SKIN_BEARS).strain(), 0.006);
        assertTrue(ball.lie(square.cutRound().reach(), CurvedForm.SKIN_BEARS).lies());
        assertTrue(ball.cuts(square.cutRound(), CurvedForm.SKIN_BEARS).isEmpty());
        assertTrue(!ball.cuts(square, CurvedForm.SKIN_BEARS).isEmpty());
        for (int wide = 10; wide <= 60; wide += 5) {
            for (int tall = 10; tall <= 60; tall += 5) {
                CurvedForm.Patch patch = new CurvedForm.Patch(mm(wide), mm(tall), false);
                assertTrue(patch.cutRound().reach().compareTo(patch.reach()) < 0, "round never reaches further");
                double rim = Math.min(wide, tall) / 2.0;
                patch.cutRound().outline().forEach(p -> assertEquals(rim, Math.hypot(p[0] - patch.width().millimetres() / 2, p[1] - patch.height().millimetres() / 2), 1e-6));
            }
        }
    }

    @Test
    void wrap_aCylinder_holdsOnlyOnceRound() {
        CurvedForm pipe = new CurvedForm(Kind.CYLINDER, mm(20), mm(20));
        String said = assertThrows(UnusableValue.class, () -> pipe.wrap(new CurvedForm.Patch(mm(120), mm(40), false))).getMessage();
        assertTrue(said.contains("120 mm wide") && said.contains("at most 63 mm"), said);
        assertEquals(360 * 60 / (Math.PI * 20), pipe.wrap(new CurvedForm.Patch(mm(60), mm(40), false)).degrees(), 1e-9);
        assertEquals(null, pipe.wrap(new CurvedForm.Patch(mm(60), mm(40), false)).sector());
    }

    /** All sizes of cone and image, either end up: refused by its size, or its rim is as long as the form is round there and all of it lies within the image. */
    @Test
    void wrap_aCone_isTheSectorItsSideLaysFlatTo() {
        int lay = 0;
        for (double below = 20; below <= 200; below += 15) {
            for (double above = 20; above <= 200; above += 15) {
                for (double width = 20; width <= 260; width += 40) {
                    CurvedForm cone = new CurvedForm(Kind.CONE, mm(below), mm(above));
                    CurvedForm.Patch patch = new CurvedForm.Patch(mm(width), mm(110), false);
                    CurvedForm.Wrap wrap;
                    try {
                        wrap = cone.wrap(patch);
                    } catch (UnusableValue refused) {
                        assertTrue(width > 2 * Math.min(below, above) || refused.getMessage().contains("half the difference") || refused.getMessage().contains("bends so far"), refused.getMessage());
                        continue;
                    }
                    lay++;
                    double wide = Math.max(below, above);
                    assertTrue(wrap.degrees() <= 360 + 1e-6, wrap.toString());
                    if (wrap.sector() == null) {
                        assertEquals(below, above, 0.1);
                        continue;
                    }
                    CurvedForm.Sector sector = wrap.sector();
                    // as long an arc as that part of the rim, in space
                    assertEquals(wrap.degrees() / 360 * Math.PI * wide, Math.toRadians(sector.degrees()) * sector.outer(), 1e-6);
                    // half as wide, half as far from the point
                    assertEquals((wide - Math.abs(below - above)) / wide, (sector.outer() - 110) / sector.outer(), 1e-9);
                    for (double[] point : cone.outline(patch)) {
                        assertTrue(point[0] >= -1e-6 && point[0] <= width + 1e-6 && point[1] >= -1e-6 && point[1] <= 110 + 1e-6, point[0] + " " + point[1]);
                    }
                    assertTrue(sector.inner() > 0 && sector.rise() > 0);
                }
            }
        }
        assertTrue(lay > 300, String.valueOf(lay));
    }
}
