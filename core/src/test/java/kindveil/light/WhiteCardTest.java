package kindveil.light;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.measure.UnusableValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WhiteCardTest {
    private static final Colour PAGE = Colour.parse("page", "#c9a35c");

    /** A page with a card in its lower right, under a lamp. */
    private static Picture photo(double red, double green, double blue) {
        return new Picture(plane(PAGE.red(), red), plane(PAGE.green(), green), plane(PAGE.blue(), blue));
    }

    private static Plane plane(double page, double lamp) {
        return Plane.compute(200, 150, (x, y) -> (float) Math.min(1, lamp * (x > 150 && y > 110 ? WhiteCard.LUMINANCE : page)));
    }

    @ParameterizedTest
    @CsvSource({"1, 1, 1", "0.6, 0.5, 0.3", "0.4, 0.45, 0.6", "0.2, 0.2, 0.2"})
    void whateverTheLamp_thePageIsItsOwnColour(double red, double green, double blue) {
        Picture evened = WhiteCard.evened(photo(red, green, blue), 90, 90);
        assertEquals(0, ColourDifference.between(new Colour(evened.red().at(20, 20), evened.green().at(20, 20), evened.blue().at(20, 20)).lab(), PAGE.lab()), 0.01);
        assertEquals(WhiteCard.LUMINANCE, evened.green().at(190, 140), 1e-5);
    }

    @Test
    void noCard_aBurntOutOne_andAColouredOne_areRefusedInWords() {
        assertTrue(said(photo(0.05, 0.05, 0.05)).contains("more light"));
        assertTrue(said(photo(2, 2, 2)).contains("darker"));
        assertTrue(said(photo(1, 0.25, 0.3)).contains("whatever the lamp"));
    }

    private static String said(Picture photo) {
        return assertThrows(UnusableValue.class, () -> WhiteCard.evened(photo, 90, 90)).getMessage();
    }
}
