package kindveil.tone;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindveil.image.Plane;
import kindveil.measure.Length;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Against the figures of the model: σ 0.2 mm on a print 40 mm wide. */
class DetailTest {
    private static final Length WIDTH = Length.ofMillimetres(40);
    private static final Length SOFTENING = Length.ofMillimetres(0.2);

    private static double atRisk(Plane plane) {
        return Detail.softened(plane, WIDTH, SOFTENING).atRisk();
    }

    /** Lines so wide and as far apart, at 20 pixels to the millimetre. */
    private static Plane ruled(double millimetres, double apart) {
        double period = (millimetres + apart) * 20;
        return Plane.compute(800, 800, (x, y) -> x % period < millimetres * 20 ? 0 : 1);
    }

    private static double chequered(int pixels) {
        int side = pixels / 4;
        return atRisk(Plane.compute(pixels, pixels, (x, y) -> (x / side + y / side) % 2));
    }

    @Test
    void chequer_whateverTheFileSize_readsTheSame() {
        double middle = chequered(360);
        assertTrue(middle < 0.03, String.valueOf(middle));
        assertEquals(middle, chequered(120), 0.005);
        assertEquals(middle, chequered(960), 0.005);
    }

    @ParameterizedTest
    @CsvSource({"0.3,0.3,0.60,1", "0.5,0.5,0.45,0.60", "1,1,0.12,0.25", "2,2,0,0.10", "0.3,6,0.20,0.35"})
    void lines_loseAsMuchAsTheirWidthSays(double width, double apart, double least, double most) {
        double risk = atRisk(ruled(width, apart));
        assertTrue(risk >= least && risk <= most, width + " mm: " + risk);
    }

    /** Run over itself half a millimetre off, lines of 2 mm hardly suffer. */
    @Test
    void runsOverEachOther_wideLinesBearIt() {
        Detail.Change twice = (plane, scale) -> {
            int off = (int) Math.round(0.5 * scale);
            return Plane.compute(plane.width(), plane.height(), (x, y) -> plane.at(x, y) * plane.atClamped(x - off, y));
        };
        double wide = Detail.of(ruled(2, 2), WIDTH, (plane, scale) -> plane, twice).atRisk();
        assertTrue(wide < 0.05, String.valueOf(wide));
    }

    @Test
    void worst_namesTheSizeThatSuffers() {
        assertEquals(0.25, Detail.softened(ruled(0.3, 0.3), WIDTH, SOFTENING).worst().millimetres(), 0.3);
        assertEquals(0, atRisk(Plane.filled(40, 40, 0.5f)), 1e-9);
    }

    @Test
    void map_isStrongAtFineLinesAndNoughtWhereNothingIsDrawn() {
        Plane drawn = Plane.compute(400, 400, (x, y) -> x < 200 && x % 6 < 3 ? 0 : 1);
        Plane map = Detail.map(drawn, Length.ofMillimetres(40), SOFTENING);
        assertTrue(map.at(100, 200) > 0.5, String.valueOf(map.at(100, 200)));
        assertTrue(map.at(350, 200) < 0.02, String.valueOf(map.at(350, 200)));
    }
}
