package kindveil.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.sheet.Packing.Wanted;
import kindveil.sheet.PrintSheet.Placed;
import kindveil.sheet.PrintSheet.Rect;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class PackingTest {
    private static Length mm(double mm) {
        return Length.ofMillimetres(mm);
    }

    private static List<Wanted> wanted(Random random, int kinds, int mostCopies, int least, int most) {
        return IntStream.range(0, kinds).mapToObj(i -> new Wanted("p" + i, mm(random.nextInt(least, most)), mm(random.nextInt(least, most)), 1 + random.nextInt(mostCopies))).toList();
    }

    @RepeatedTest(60)
    void everyCopyLiesOnASheetApartFromAllOthers(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        List<Wanted> wanted = wanted(random, 1 + random.nextInt(7), 5, 15, 175);
        SheetSize size = Paper.values()[run.getCurrentRepetition() % 3].size();
        List<PrintSheet> sheets = Packing.of(size, wanted);
        for (Wanted w : wanted) {
            List<Placed> own = sheets.stream().flatMap(s -> s.places().stream()).filter(p -> p.what().equals(w.what())).toList();
            assertEquals(w.copies(), own.stream().map(Placed::copy).distinct().count());
            for (Placed p : own) {
                assertEquals(p.turned() ? w.height() : w.width(), p.rect().width());
                assertEquals(p.turned() ? w.width() : w.height(), p.rect().height());
            }
        }
        for (PrintSheet sheet : sheets) {
            assertEquals(List.of(), Packing.wrong(sheet));
            assertTrue(sheet.used() > 0 && sheet.used() + Packing.largestLeft(sheet) <= 1 + 1e-9);
            List<Rect> all = sheet.places().stream().map(Placed::rect).toList();
            for (int a = 0; a < all.size(); a++) {
                for (int b = a + 1; b < all.size(); b++) {
                    double dx = Math.max(all.get(a).x().millimetres() - all.get(b).right().millimetres(), all.get(b).x().millimetres() - all.get(a).right().millimetres());
                    double dy = Math.max(all.get(a).y().millimetres() - all.get(b).bottom().millimetres(), all.get(b).y().millimetres() - all.get(a).bottom().millimetres());
                    assertTrue(Math.max(dx, dy) >= 10 - 1e-6, "%d and %d".formatted(a, b));
                }
            }
        }
    }

    /** As few sheets as trying everything finds, for up to four images. */
    @RepeatedTest(40)
    void asFewSheetsAsExhaustiveSearch(RepetitionInfo run) {
        Random random = new Random(1000 + run.getCurrentRepetition());
        List<Wanted> wanted = wanted(random, 2 + random.nextInt(3), 1, 50, 170);
        int least = Math.min(leastSheets(wanted, 196, 269), leastSheets(wanted, 283, 196 - 14));
        assertEquals(least, Packing.of(Paper.A4.size(), wanted).size(), wanted.toString());
    }

    /** Fewest sheets by trying every way to part the images among sheets. */
    private static int leastSheets(List<Wanted> wanted, double wide, double tall) {
        int n = wanted.size();
        for (int sheets = 1; sheets <= n; sheets++) {
            int ways = (int) Math.pow(sheets, n);
            for (int way = 0; way < ways; way++) {
                boolean all = true;
                for (int s = 0; s < sheets && all; s++) {
                    List<double[]> on = new ArrayList<>();
                    int code = way;
                    for (Wanted w : wanted) {
                        if (code % sheets == s) {
                            on.add(new double[] {w.width().millimetres() + 10, w.height().millimetres() + 10});
                        }
                        code /= sheets;
                    }
                    all = fits(on, new ArrayList<>(), wide, tall);
                }
                if (all) {
                    return sheets;
                }
            }
        }
        return Integer.MAX_VALUE;
    }

    /** Every packing can be pushed left and up until each image touches others or the border: only such places are tried. */
    private static boolean fits(List<double[]> left, List<double[]> placed, double wide, double tall) {
        if (left.isEmpty()) {
            return true;
        }
        for (int i = 0; i < left.size(); i++) {
            List<double[]> rest = new ArrayList<>(left);
            double[] item = rest.remove(i);
            for (int turn = 0; turn < 2; turn++) {
                double w = item[turn];
                double h = item[1 - turn];
                List<Double> xs = new ArrayList<>(List.of(0.0));
                List<Double> ys = new ArrayList<>(List.of(0.0));
                placed.forEach(p -> {
                    xs.add(p[0] + p[2]);
                    ys.add(p[1] + p[3]);
                });
                for (double x : xs) {
                    for (double y : ys) {
                        if (x + w > wide + 1e-9 || y + h > tall + 1e-9
                                || placed.stream().anyMatch(p -> x < p[0] + p[2] - 1e-9 && x + w > p[0] + 1e-9 && y < p[1] + p[3] - 1e-9 && y + h > p[1] + 1e-9)) {
                            continue;
                        }
                        placed.add(new double[] {x, y, w, h});
                        if (fits(rest, placed, wide, tall)) {
                            return true;
                        }
                        placed.removeLast();
                    }
                }
            }
        }
        return false;
    }

    @Test
    void twoUprightPicturesLieOnOneTurnedSheet() {
        List<PrintSheet> sheets = Packing.of(Paper.A4.size(), List.of(new Wanted("heron", mm(120), mm(160), 2)));
        assertEquals(1, sheets.size());
        assertEquals(0.62, sheets.getFirst().used(), 0.01);
    }

    @Test
    void tellsWhatIsWrongWithAnArrangement() {
        PrintSheet good = Packing.of(Paper.A4.size(), List.of(new Wanted("moth", mm(50), mm(50), 2))).getFirst();
        Placed one = good.places().get(0);
        Placed two = good.places().get(1);
        Rect close = new Rect(one.rect().right().plus(mm(1)), one.rect().y(), two.rect().width(), two.rect().height());
        assertTrue(Packing.wrong(with(good, one, close)).getFirst().contains("less than 2 mm apart"));
        assertTrue(Packing.wrong(with(good, one, new Rect(mm(3), mm(200), mm(50), mm(50)))).getFirst().contains("unprinted"));
        assertTrue(Packing.wrong(with(good, one, new Rect(mm(100), mm(236), mm(50), mm(50)))).getFirst().contains("move it up"));
    }

    private static PrintSheet with(PrintSheet sheet, Placed one, Rect two) {
        return new PrintSheet(sheet.paper(), sheet.width(), sheet.height(), List.of(one, new Placed("moth", 2, two, false)), sheet.note());
    }

    @Test
    void largestLeftIsWhatTheScissorsGet() {
        PrintSheet sheet = new PrintSheet("x", mm(200), mm(300), List.of(new Placed("a", 1, new Rect(mm(12), mm(12), mm(80), mm(80)), false)), PrintSheet.note(mm(200), mm(300)));
        // below the picture: 200 wide, from 94 to 276
        assertEquals(200 * (276 - 94) / 60000.0, Packing.largestLeft(sheet), 1e-9);
    }

    @Test
    void refusesWhatNoSheetHolds() {
        String said = assertThrows(UnusableValue.class, () -> Packing.of(Paper.A4.size(), List.of(new Wanted("banner", mm(300), mm(40), 1)))).getMessage();
        assertTrue(said.contains("banner") && said.contains("A4") && said.contains("never scaled"), said);
        assertEquals(1, Packing.of(Paper.A3.size(), List.of(new Wanted("banner", mm(300), mm(40), 1))).size());
        assertThrows(UnusableValue.class, () -> Packing.of(Paper.A4.size(), List.of(new Wanted("moth", mm(20), mm(20), 81))));
        assertThrows(UnusableValue.class, () -> SheetSize.own(mm(60), mm(200)));
        assertTrue(Packing.of(Paper.A4.size(), List.of()).isEmpty());
    }

    /** Images that keep paper around them lie as far apart as both need, and by hand no nearer. */
    @Test
    void margins_areKeptWhenPackedAndAskedForByHand() {
        List<PrintSheet> sheets = Packing.of(Paper.A4.size(), List.of(new Wanted("tape", mm(70), mm(60), 4, mm(10)), new Wanted("bare", mm(40), mm(40), 3)));
        java.util.function.Function<String, Length> margins = what -> what.equals("tape") ? mm(10) : mm(0);
        for (PrintSheet sheet : sheets) {
            assertEquals(List.of(), Packing.wrong(sheet, margins));
        }
        assertEquals(7, sheets.stream().mapToInt(s -> s.places().size()).sum());
        PrintSheet close = new PrintSheet("A4", mm(210), mm(297), List.of(new Placed("tape", 1, new Rect(mm(12), mm(12), mm(70), mm(60)), false),
                new Placed("tape", 2, new Rect(mm(12), mm(84), mm(70), mm(60)), false)), PrintSheet.note(mm(210), mm(297)));
        assertEquals(List.of(), Packing.wrong(close));
        assertEquals(List.of("“tape”, copy 1, and “tape”, copy 2, lie less than 20 mm apart: what is laid over them needs that much paper."), Packing.wrong(close, margins));
    }
}
