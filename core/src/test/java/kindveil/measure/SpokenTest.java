package kindveil.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpokenTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "Keep 20 to 25 cm away, and keep moving.|Keep 8 to 10 in away, and keep moving.",
        "overlap at least 3 mm, 5 mm is good|overlap at least 0.12 in, 0.2 in is good",
        "a bed of 100 µm [60 … 150]|a bed of 3.9 mil [2.4 … 5.9]",
        "60–120 \u03bcm|2.4–4.7 mil",
        "for 10 × 15 cm|for 4 × 6 in",
        "about 15 ml for an A4 area|about 3 1/4 tsp for an A4 area",
        "at 21 °C|at 70 °F",
        "0.5 g/m² of fibre and 0.9 lines/mm stay|0.5 g/m² of fibre and 0.9 lines/mm stay",
        "6 min, 3 months, 12 m away|6 min, 3 months, 472 in away",
        "200 cm² a minute|31 sq in a minute"})
    void measures_areSaidInInchesSpoonsAndMils(String metric, String us) {
        assertEquals(us, Spoken.in(UnitSystem.US, metric));
        assertEquals(metric, Spoken.in(UnitSystem.METRIC, metric));
    }

    /** Whatever the length, what is said lies within three per cent of it, and is never nought. */
    @Test
    void anyLength_isSaidFaithfully() {
        Random lengths = new Random(3);
        Pattern said = Pattern.compile("(?:(\\d+(?:\\.\\d+)?) )?(?:(\\d+)/(\\d+) )?in");
        for (int i = 0; i < 4000; i++) {
            double millimetres = Math.exp(lengths.nextDouble() * Math.log(1e5)) / 100;
            String us = Spoken.in(UnitSystem.US, Figures.plain(millimetres) + " mm");
            Matcher m = said.matcher(us);
            assertTrue(m.matches(), us);
            double inches = (m.group(1) == null ? 0 : Double.parseDouble(m.group(1))) + (m.group(2) == null ? 0 : Double.parseDouble(m.group(2)) / Double.parseDouble(m.group(3)));
            assertEquals(1, inches * 25.4 / millimetres, 0.051, millimetres + " mm is not " + us);
            String printed = Length.ofMillimetres(millimetres).print(UnitSystem.US);
            assertFalse(printed.equals("0 in"), millimetres + " mm");
        }
    }
}
