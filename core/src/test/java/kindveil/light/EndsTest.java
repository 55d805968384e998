package kindveil.light;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindveil.image.Picture;
import kindveil.image.Plane;
import org.junit.jupiter.api.Test;

class EndsTest {
    @Test
    void ends_areTheDarkestAndLightestTenth() {
        Colour dark = new Colour(0.02, 0.03, 0.06);
        Colour light = new Colour(0.8, 0.7, 0.5);
        Colour middle = Colour.grey(0.3);
        Picture picture = new Picture(plane(dark.red(), middle.red(), light.red()), plane(dark.green(), middle.green(), light.green()), plane(dark.blue(), middle.blue(), light.blue()));
        Ends ends = Ends.of(picture);
        assertEquals(0, ColourDifference.between(dark.lab(), ends.dark()), 0.1);
        assertEquals(0, ColourDifference.between(light.lab(), ends.light()), 0.1);
        assertEquals(light.lab().lightness() - dark.lab().lightness(), ends.step(), 0.1);
    }

    /** A fifth dark, a fifth light, the rest between. */
    private static Plane plane(double dark, double middle, double light) {
        return Plane.compute(500, 300, (x, y) -> (float) (x < 100 ? dark : x < 400 ? middle : light));
    }

    @Test
    void onePoint_isBoth() {
        Ends ends = Ends.of(Picture.grey(Plane.compute(1, 1, (x, y) -> 0.18f)));
        assertEquals(0, ends.step());
        assertTrue(ends.dark().lightness() > 40);
    }
}
