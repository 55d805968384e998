package kindveil.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.shape.Region;
import org.junit.jupiter.api.Test;

/** Figures of blocks whose shapes can be reckoned by hand; an image of 100 × 80 mm. */
class BlockCutTest {
    private static final Length WIDE = Length.ofMillimetres(100);
    private static final Length TALL = Length.ofMillimetres(80);

    private static BlockCut block(Region prints, double border, double tool) {
        return new BlockCut(prints, WIDE, TALL, Length.ofMillimetres(border), Length.ofMillimetres(tool));
    }

    private static Region box(double left, double top, double right, double bottom) {
        return Region.rectangle(left / 100, top / 100, right / 100, bottom / 100);
    }

    @Test
    void plainSquare_isAsReckonedByHand() {
        BlockCut block = block(box(20, 20, 60, 60), 5, 0.2);
        assertEquals(110, block.blockWidth().millimetres(), 1e-6);
        assertEquals(90, block.blockHeight().millimetres(), 1e-6);
        assertEquals(1600.0 / 8000, block.inked(), 1e-9);
        assertEquals(4 * 40 + 2 * (110 + 90), block.outlines().millimetres(), 1e-6);
        assertEquals(110 * 90 - 1600, block.clearedSquareMillimetres(), 1e-6);
        // the largest circle beside the square: from its right edge to the frame
        assertEquals(40, block.widestVoid().millimetres(), 0.1);
        assertEquals(0.8 + 0.05 * 40, block.depth().millimetres(), 0.01);
        assertTrue(block.clean());
    }

    /** For every width of line and of gap and every tool: what is thinner breaks away, what is narrower closes up, and nothing else. */
    @Test
    void linesAndGaps_areJudgedByTheTool_atEverySize() {
        for (double size = 0.3; size < 4; size += 0.35) {
            for (double tool : new double[] {0.2, 0.5, 1, 2, 3}) {
                BlockCut line = block(box(10, 10, 90, 10 + size), 0, tool);
                BlockCut gap = block(box(10, 10, 90, 30).plus(box(10, 30 + size, 90, 50)), 0, tool);
                String at = "size %.2f, tool %.2f".formatted(size, tool);
                if (Math.abs(size - tool) > 0.02) {
                    assertEquals(size < tool, line.tooThin().area() > 0.5 * line.prints().area(), "line of " + at);
                    assertEquals(size < tool, gap.tooNarrow().area() * 1e4 > 0.5 * 80 * size, "gap of " + at);
                }
            }
        }
    }

    @Test
    void edition_growsWithImpressionsFilmAndArea() {
        BlockCut small = block(box(0, 0, 20, 20), 5, 0.2);
        BlockCut large = block(box(0, 0, 80, 80), 5, 0.2);
        BlockCut.Edition ten = small.edition(10, 10);
        assertEquals(11, ten.copies());
        assertEquals(2, ten.scrap());
        assertEquals(13 * 4e-4 * 10 + 2, ten.ink().millilitres(), 1e-9);
        double last = 0;
        for (int impressions = 1; impressions <= 500; impressions++) {
            BlockCut.Edition edition = large.edition(impressions, 10);
            assertTrue(edition.copies() >= impressions && edition.ink().millilitres() >= last);
            assertTrue(edition.ink().millilitres() > small.edition(impressions, 10).ink().millilitres());
            assertTrue(large.edition(impressions, 20).ink().millilitres() > edition.ink().millilitres());
            last = edition.ink().millilitres();
        }
        assertThrows(UnusableValue.class, () -> small.edition(0, 10));
    }

    @Test
    void aVoidTooWideForThePly_isSaid() {
        BlockCut wide = new BlockCut(box(0, 0, 2, 2), Length.ofMillimetres(300), Length.ofMillimetres(300), Length.ofMillimetres(0), Length.ofMillimetres(1));
        assertFalse(wide.clean(), wide.depth().toString());
        assertThrows(UnusableValue.class, () -> block(box(0, 0, 2, 2), 90, 1));
        assertThrows(UnusableValue.class, () -> block(box(0, 0, 2, 2), 5, 0));
        assertEquals(List.of(), block(Region.EMPTY, 5, 1).prints().rings());
        assertEquals(80, block(Region.EMPTY, 5, 1).widestVoid().millimetres(), 0.1);
    }
}
