package kindveil.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import kindveil.measure.Length;
import kindveil.sheet.Packing.Wanted;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class MasterTest {
    private static Wanted wanted(String what, double w, double h, int copies) {
        return new Wanted(what, Length.ofMillimetres(w), Length.ofMillimetres(h), copies);
    }

    /** Three pictures that fit one sheet, three copies each: one master, copied three times. */
    @Test
    void of_picturesThatShareASheet_areCopiedTogether() {
        Master master = Master.of(Paper.A4.size(), List.of(wanted("heron", 120, 150, 3), wanted("rope", 70, 80, 3), wanted("ticket", 80, 80, 3)));
        assertEquals(3, master.copies());
        assertEquals(1, master.sheets().size());
        assertEquals(0, master.extra());
    }

    @RepeatedTest(25)
    void of_givesEnoughOfEachAndNoMoreSheetsThanPackingThemAll(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        List<Wanted> wanted = IntStream.range(0, 1 + random.nextInt(4)).mapToObj(i -> wanted("p" + i, random.nextInt(20, 170), random.nextInt(20, 170), 1 + random.nextInt(5))).toList();
        Master master = Master.of(Paper.A4.size(), wanted);
        int extra = 0;
        for (Wanted w : wanted) {
            long places = master.sheets().stream().flatMap(s -> s.places().stream()).filter(p -> p.what().equals(w.what())).count();
            assertTrue(places * master.copies() >= w.copies());
            extra += (int) places * master.copies() - w.copies();
        }
        assertEquals(extra, master.extra());
        assertTrue(master.paid() <= Packing.of(Paper.A4.size(), wanted).size());
    }

    @Test
    void of_nothing_isNothing() {
        assertEquals(0, Master.of(Paper.A4.size(), List.of()).paid());
    }
}
