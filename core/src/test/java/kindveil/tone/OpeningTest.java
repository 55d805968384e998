package kindveil.tone;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindveil.image.Plane;
import kindveil.measure.UnusableValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** An opening takes exactly what it says, wherever it lies and however finely it is drawn. */
class OpeningTest {
    private static double openSquareMillimetres(Opening opening, int width, int height, double scale) {
        Plane plane = opening.over(width, height, scale);
        return (1 - plane.mean()) * width * height / scale / scale;
    }

    @ParameterizedTest
    @EnumSource(Opening.Shape.class)
    void area_isTheShapes_atEveryFineness(Opening.Shape shape) {
        for (double scale : new double[] {2, 4, 9}) {
            int width = (int) (120 * scale);
            int height = (int) (90 * scale);
            double asked = switch (shape) {
                case ROUND -> Math.PI * 15 * 15;
                case SQUARE -> 30 * 30;
                case STRIP -> 30 * 120;
            };
            assertEquals(asked, openSquareMillimetres(new Opening(shape, 30, 0.5, 0.5), width, height, scale), 0.03 * asked, shape + " at " + scale);
        }
    }

    @Test
    void place_movesItsMiddle_andItIsCutOffAtTheEdge() {
        Plane plane = new Opening(Opening.Shape.SQUARE, 20, 0.25, 0.75).over(400, 400, 4);
        assertEquals(0, plane.at(100, 300));
        assertEquals(0, plane.at(61, 300));
        assertEquals(1, plane.at(58, 300));
        assertEquals(1, plane.at(200, 200));
        double whole = openSquareMillimetres(new Opening(Opening.Shape.ROUND, 20, 0.5, 0.5), 400, 400, 4);
        assertEquals(whole / 4, openSquareMillimetres(new Opening(Opening.Shape.ROUND, 20, 0, 0), 400, 400, 4), 0.03 * whole);
    }

    @Test
    void cut_isAroundIt() {
        assertEquals(Math.PI * 30, new Opening(Opening.Shape.ROUND, 30, 0.5, 0.5).cut(120), 1e-9);
        assertEquals(120, new Opening(Opening.Shape.SQUARE, 30, 0.5, 0.5).cut(120), 1e-9);
        assertEquals(240, new Opening(Opening.Shape.STRIP, 30, 0.5, 0.5).cut(120), 1e-9);
        assertTrue(assertThrows(UnusableValue.class, () -> new Opening(Opening.Shape.ROUND, 30, 1.2, 0.5)).getMessage().contains("1.2"));
    }

    /** Half a millimetre is printed past the cut on every side, so that no white rim stays; the outline is the shape's own. */
    @ParameterizedTest
    @EnumSource(Opening.Shape.class)
    void unprinted_liesHalfAMillimetreInside(Opening.Shape shape) {
        Opening cut = new Opening(shape, 30, 0.4, 0.6);
        Opening white = cut.unprinted();
        assertEquals(29, white.across(), 1e-9);
        assertEquals(1, new Opening(shape, 1.5, 0.4, 0.6).unprinted().across(), 1e-9, "never nothing");
        assertEquals(switch (shape) {
            case ROUND -> "M33.5 54a14.5 14.5 0 1 0 29 0a14.5 14.5 0 1 0 -29 0Z";
            case SQUARE -> "M33.5 39.5H62.5V68.5H33.5Z";
            case STRIP -> "M0 39.5H120V68.5H0Z";
        }, white.path(120, 90));
    }
}
