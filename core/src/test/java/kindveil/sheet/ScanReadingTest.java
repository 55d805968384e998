package kindveil.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import kindveil.image.Plane;
import kindveil.light.Lab;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScanReadingTest {
    private static final double PER_MM = 6;
    private static final int WIDE = (int) (210 * PER_MM);
    private static final int TALL = (int) (297 * PER_MM);

    /** A sheet with a black block down to just above the note, and the rule, 0.18 mm thick, at x 12 mm. */
    private static float page(double x, double y) {
        boolean block = x > 20 && x < 190 && y > 40 && y < 273;
        boolean rule = x > 12 && x < 62 && y > 285.9 && y < 286.1;
        boolean tick = y > 283.5 && y < 286.1 && (x > 12 && x < 12.2 || x > 61.8 && x < 62);
        return block || rule || tick ? 0.005f : 1f;
    }

    /** What a machine makes of it: each pixel sampled twice across and down. */
    private static Plane scan(double scale, boolean mirrored, double black, double uneven) {
        return Plane.compute(WIDE, TALL, (px, py) -> {
            double sum = 0;
            for (int i = 0; i < 4; i++) {
                double x = ((px + (i % 2 + 0.5) / 2) / PER_MM - 105) / scale + 105;
                double y = ((py + (i / 2 + 0.5) / 2) / PER_MM - 148.5) / scale + 148.5;
                double light = page(mirrored ? 210 - x : x, y);
                double here = black * (1 + uneven * Math.sin(py / 90.0));
                sum += light < 0.5 ? here : 0.92;
            }
            return (float) (sum / 4);
        });
    }


    private static ScanReading read(double scale, boolean mirrored, double black, double uneven) {
        return ScanReading.of(scan(scale, mirrored, black, uneven), scan(1, false, 0.005, 0), PER_MM, 1);
    }

    @ParameterizedTest
    @CsvSource({"1, false", "0.97, false", "0.94, true", "1.03, false", "1, true", "0.9, false"})
    void of_scaledAndMirrored_isMeasured(double scale, boolean mirrored) {
        ScanReading reading = read(scale, mirrored, 0.03, 0);
        assertEquals(50 * scale, reading.rule().millimetres(), 0.2);
        assertEquals(mirrored, reading.mirrored());
        assertEquals(Lab.lightnessOf(0.03), reading.blacks(), 1);
        assertTrue(reading.uneven() < 1);
    }

    @Test
    void faults_ofAGoodSheet_areNone() {
        assertEquals(List.of(), read(1, false, 0.03, 0).faults());
    }

    @Test
    void faults_nameWhatToDo() {
        String said = String.join(" ", read(0.97, true, 0.15, 0.5).faults());
        assertTrue(said.contains("48.5 mm instead of 50 mm: everything came out 3.0 % too small"), said);
        assertTrue(said.contains("mirror off") && said.contains("Run it over itself") && said.contains("worn drum"), said);
    }

    @Test
    void of_withoutARule_asksForTheWholeSheet() {
        ScanReading none = ScanReading.of(Plane.filled(WIDE, TALL, 0.9f), scan(1, false, 0.005, 0), PER_MM, 1);
        assertNull(none.rule());
        assertTrue(none.faults().getFirst().contains("lay the whole sheet"));
        // a black sheet has no rule either
        assertNull(ScanReading.of(Plane.filled(WIDE, TALL, 0.02f), scan(1, false, 0.005, 0), PER_MM, 1).rule());
    }

    /** A file drawn larger by 3 % on a machine that takes 3 % away: the rule is right again and so are the places. */
    @Test
    void of_aCorrectedFile_readsItsBlacksWhereTheyAre() {
        ScanReading reading = ScanReading.of(scan(1, false, 0.03, 0), scan(1.03, false, 0.005, 0), PER_MM, 1.03);
        assertEquals(50, reading.rule().millimetres(), 0.2);
        assertEquals(Lab.lightnessOf(0.03), reading.blacks(), 1);
    }
}
