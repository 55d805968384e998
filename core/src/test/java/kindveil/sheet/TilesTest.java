package kindveil.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class TilesTest {
    /** Every size in steps of 7 mm, on every paper: all of it is drawn, neighbours overlap, and each cross lies on both its sheets. */
    @ParameterizedTest
    @EnumSource
    void allOfIt_isDrawn_andSheetsOverlap(Paper paper) {
        for (int w = 20; w <= 900; w += 7) {
            for (int h = 20; h <= 900; h += 49) {
                Tiles tiles = Tiles.of(Length.ofMillimetres(w), Length.ofMillimetres(h), paper);
                double roomX = Tiles.room(tiles.sheet().width());
                double roomY = Tiles.room(tiles.sheet().height());
                Tiles.Part last = tiles.parts().getLast();
                assertTrue(last.left() + roomX >= w - 1e-6 && last.top() + roomY >= h - 1e-6, w + " × " + h);
                assertTrue(tiles.across() == 1 || last.left() < w && tiles.down() >= 1, "no sheet is empty: " + w + " × " + h);
                assertEquals(tiles.across() * tiles.down(), tiles.parts().size());
                for (double[] cross : tiles.crosses()) {
                    long on = tiles.parts().stream().filter(part -> cross[0] >= part.left() && cross[0] <= part.left() + roomX && cross[1] >= part.top() && cross[1] <= part.top() + roomY).count();
                    assertTrue(on >= 2, "a cross at " + cross[0] + ", " + cross[1] + " lies on " + on);
                }
            }
        }
    }

    @Test
    void asFewAsWillDo_lyingWhereThatIsFewer() {
        assertEquals(1, Tiles.of(Length.ofMillimetres(270), Length.ofMillimetres(190), Paper.A4).parts().size());
        assertEquals(297, Tiles.of(Length.ofMillimetres(270), Length.ofMillimetres(190), Paper.A4).sheet().width().millimetres());
        assertEquals(4, Tiles.of(Length.ofMillimetres(300), Length.ofMillimetres(400), Paper.A4).parts().size());
        assertTrue(assertThrows(UnusableValue.class, () -> Tiles.of(Length.ofMillimetres(5000), Length.ofMillimetres(3000), Paper.A4)).getMessage().contains("1 to 60"));
    }
}
