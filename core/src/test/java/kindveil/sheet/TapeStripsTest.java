package kindveil.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.sheet.TapeStrips.Focal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TapeStripsTest {
    private static final Length TAPE = Length.ofMillimetres(48);
    private static final Length FIVE = Length.ofMillimetres(5);

    @ParameterizedTest
    @CsvSource({"30,1", "48,1", "48.1,2", "91,2", "91.1,3", "134,3", "200,5"})
    void count_isTheLeastThatCovers(double side, int strips) {
        assertEquals(strips, TapeStrips.count(Length.ofMillimetres(side), TAPE, FIVE));
        assertEquals(strips, fewest(side, 48, 5));
    }

    /** By laying one after the other until the side is covered. */
    private static int fewest(double side, double tape, double overlap) {
        int n = 1;
        double covered = tape;
        while (covered < side - 1e-9) {
            covered += tape - overlap;
            n++;
        }
        return n;
    }

    @Test
    void overlap_tooSmall_isRefusedWithWhatHappens() {
        assertTrue(assertThrows(UnusableValue.class, () -> TapeStrips.count(TAPE, TAPE, Length.ofMillimetres(2))).getMessage().contains("part in the water"));
        assertThrows(UnusableValue.class, () -> TapeStrips.count(TAPE, TAPE, Length.ofMillimetres(30)));
    }

    /** Whatever the sizes: the picture is covered, no two strips are butted, and no other direction takes fewer, or spoils less at its fewest. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5})
    void strips_anySizes_coverAndOverlap(int seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 60; i++) {
            Length w = Length.ofMillimetres(20 + random.nextInt(240));
            Length h = Length.ofMillimetres(20 + random.nextInt(240));
            Focal focal = random.nextBoolean() ? null : new Focal(20 + random.nextInt(40), 70 + random.nextInt(60));
            TapeStrips strips = TapeStrips.of(w, h, TAPE, FIVE, focal, focal);
            double side = strips.across() ? h.millimetres() : w.millimetres();
            double first = strips.places().getFirst().millimetres();
            double last = strips.places().getLast().millimetres() + 48;
            assertTrue(first <= 1e-6 && last >= side - 0.02, w + " × " + h + " " + strips);
            assertTrue(strips.places().size() == 1 || strips.overlap().millimetres() >= 4.98, strips.toString());
            int fewest = Math.min(fewest(w.millimetres(), 48, 5), fewest(h.millimetres(), 48, 5));
            if (focal == null) {
                assertEquals(fewest, strips.places().size());
            } else {
                assertTrue(strips.spoiled() <= fewestSpoiled(w.millimetres(), h.millimetres(), focal), w + " × " + h + " " + focal + " " + strips);
            }
        }
    }

    private static int fewestSpoiled(double w, double h, Focal focal) {
        return Math.min(leastSpoiled(w, focal, fewest(w, 48, 5)), leastSpoiled(h, focal, fewest(h, 48, 5)));
    }

    /** A part that two strips must cross is kept whole by a third. */
    @Test
    void strips_whereTheFewestMustCross_takeOneMore() {
        TapeStrips strips = TapeStrips.of(Length.ofMillimetres(75), Length.ofMillimetres(100), TAPE, FIVE, new Focal(30, 60), new Focal(15, 60));
        assertEquals(0, strips.spoiled());
        assertEquals(3, strips.places().size());
        assertTrue(strips.across());
    }

    /** Seams in the marked part, against trying every placing on a fine grid. */
    @Test
    void seams_areKeptOutOfTheMarkedPart_whereAnyPlacingDoes() {
        Random random = new Random(9);
        for (int i = 0; i < 25; i++) {
            double side = 60 + random.nextInt(120);
            double from = 10 + random.nextInt((int) side - 30);
            Focal focal = new Focal(from, from + 8 + random.nextInt(20));
            TapeStrips strips = TapeStrips.of(Length.ofMillimetres(side), Length.ofMillimetres(600), TAPE, FIVE, new Focal(0, 600), focal);
            assertTrue(!strips.across());
            assertTrue(strips.spoiled() <= leastSpoiled(side, focal, strips.places().size()), "side " + side + " focal " + focal);
            assertEquals(counted(strips, focal), strips.spoiled());
        }
    }

    private static int counted(TapeStrips strips, Focal focal) {
        int spoiled = 0;
        for (int i = 1; i < strips.places().size(); i++) {
            spoiled += focal.holds(strips.places().get(i).millimetres()) ? 1 : 0;
            spoiled += focal.holds(strips.places().get(i - 1).millimetres() + 48) ? 1 : 0;
        }
        return spoiled;
    }

    private static int leastSpoiled(double side, Focal focal, int n) {
        int least = n == 1 ? 0 : Integer.MAX_VALUE;
        for (double pitch = Math.max(0, (side - 48) / (n - 1)); n > 1 && pitch <= 43 + 1e-9; pitch += 0.25) {
            double covered = 48 + (n - 1) * pitch;
            for (double start = side - covered; start <= 1e-9; start += 0.25) {
                int spoiled = 0;
                for (int k = 1; k < n; k++) {
                    spoiled += focal.holds(start + k * pitch) ? 1 : 0;
                    spoiled += focal.holds(start + (k - 1) * pitch + 48) ? 1 : 0;
                }
                least = Math.min(least, spoiled);
            }
        }
        return least;
    }

    @Test
    void total_isWhatComesOffTheRoll() {
        TapeStrips strips = TapeStrips.of(Length.ofMillimetres(75), Length.ofMillimetres(100), TAPE, FIVE, null, null);
        assertEquals(2, strips.places().size());
        assertEquals(120, strips.strip().millimetres());
        assertEquals(240, strips.total().millimetres());
    }
}
