package kindveil.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.sheet.PrintSheet.Rect;
import org.junit.jupiter.api.Test;

class PrintSheetTest {
    private static Length mm(double mm) {
        return Length.ofMillimetres(mm);
    }

    /** The numbered list of what a valid sheet is, on many sizes. */
    @Test
    void of_anySize_isValid() {
        Random random = new Random(4);
        for (int i = 0; i < 500; i++) {
            Length w = mm(random.nextInt(10, 180));
            Length h = mm(random.nextInt(10, 240));
            PrintSheet sheet = PrintSheet.of(i % 2 == 0 ? Paper.A4 : Paper.LETTER, w, h, 1 + i % 7);
            List<Rect> all = sheet.places().stream().map(PrintSheet.Placed::rect).toList();
            for (Rect r : all) {
                assertTrue(r.x().compareTo(PrintSheet.MARGIN) >= 0 && r.y().compareTo(PrintSheet.MARGIN) >= 0);
                assertTrue(r.right().compareTo(sheet.width().minus(PrintSheet.MARGIN)) <= 0);
                assertTrue(r.bottom().compareTo(sheet.note().y()) <= 0, "copy reaches the note");
                assertEquals(w, r.width());
                assertEquals(h, r.height());
            }
            for (int a = 0; a < all.size(); a++) {
                for (int b = a + 1; b < all.size(); b++) {
                    assertTrue(apart(all.get(a), all.get(b)));
                }
            }
        }
    }

    private static boolean apart(Rect a, Rect b) {
        return a.right().compareTo(b.x()) <= 0 || b.right().compareTo(a.x()) <= 0
                || a.bottom().compareTo(b.y()) <= 0 || b.bottom().compareTo(a.y()) <= 0;
    }

    @Test
    void of_smallPictures_fillTheSheetAndSayHowManySheets() {
        PrintSheet sheet = PrintSheet.of(Paper.A4, mm(80), mm(60), 10);
        assertEquals(6, sheet.places().size());
        assertEquals(2, sheet.sheetsFor(sheet.places().size() + 1));
        assertTrue(sheet.used() > 0.4 && sheet.used() < 1);
    }

    @Test
    void of_widePicture_turnsTheSheet() {
        PrintSheet sheet = PrintSheet.of(Paper.A4, mm(250), mm(150), 1);
        assertTrue(sheet.turned());
        assertEquals(mm(297), sheet.width());
    }

    @Test
    void of_tooLarge_namesTheLargestThatFits() {
        String message = assertThrows(UnusableValue.class, () -> PrintSheet.of(Paper.A4, mm(290), mm(290), 1)).getMessage();
        assertEquals("print size: “290 mm × 290 mm” cannot be used. Expected at most 186 mm × 259 mm upright or 273 mm × 172 mm turned on A4. "
                + "Print it smaller; it is never scaled to fit.", message);
        assertThrows(UnusableValue.class, () -> PrintSheet.of(Paper.A4, mm(50), mm(50), 0));
    }
}
