package kindveil.light;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import kindveil.light.Paint.Opacity;
import org.junit.jupiter.api.Test;

class PaintTest {
    private static final Colour OCHRE = Colour.parse("p", "#c09a68");
    private static final Colour BLACK_CARD = Colour.grey(0.045);
    private static final Colour WHITE_CARD = Colour.grey(0.86);

    private static Colour over(Colour card, Colour masstone, Opacity opacity, double coats) {
        return new Stack(List.of(new Paint(masstone, opacity).film(coats)), Surface.GLOSS, List.of()).over(card);
    }

    /** In full thickness a paint shows its masstone, whatever lies below and however opaque it is. */
    @Test
    void film_manyCoats_isTheMasstone() {
        for (Opacity opacity : List.of(Opacity.OPAQUE, Opacity.SEMI_OPAQUE)) {
            Colour thick = new Stack(List.of(new Paint(OCHRE, opacity).film(60)), Surface.MATTE, List.of()).over(BLACK_CARD);
            assertTrue(ColourDifference.between(thick.lab(), OCHRE.lab()) < 2.5, opacity + " " + thick);
        }
    }

    @Test
    void film_noCoats_isTheCard() {
        assertEquals(new Stack(List.of(), Surface.GLOSS, List.of()).over(WHITE_CARD).luminance(), over(WHITE_CARD, OCHRE, Opacity.OPAQUE, 0).luminance(), 1e-6);
    }

    @Test
    void grades_oneCoatOverBlackAndWhite_hideInTheirOrder() {
        double last = 0;
        for (Opacity opacity : Opacity.values()) {
            double between = ColourDifference.between(over(BLACK_CARD, OCHRE, opacity, 1).lab(), over(WHITE_CARD, OCHRE, opacity, 1).lab());
            assertTrue(between > last, opacity + " " + between);
            last = between;
        }
    }

    @Test
    void coats_moreOfThem_bringBlackAndWhiteTogether() {
        double last = Double.MAX_VALUE;
        for (int coats = 1; coats <= 5; coats++) {
            double between = ColourDifference.between(over(BLACK_CARD, OCHRE, Opacity.SEMI_OPAQUE, coats).lab(), over(WHITE_CARD, OCHRE, Opacity.SEMI_OPAQUE, coats).lab());
            assertTrue(between < last);
            last = between;
        }
    }

    @Test
    void transparent_glaze_darkensButDoesNotHide() {
        Colour over = over(WHITE_CARD, OCHRE, Opacity.TRANSPARENT, 1);
        assertTrue(over.lab().lightness() < WHITE_CARD.lab().lightness());
        assertTrue(ColourDifference.between(over.lab(), over(BLACK_CARD, OCHRE, Opacity.TRANSPARENT, 1).lab()) > 40);
    }
}
