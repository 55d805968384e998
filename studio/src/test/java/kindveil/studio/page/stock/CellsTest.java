package kindveil.studio.page.stock;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CellsTest {
    @ParameterizedTest
    @CsvSource(value = {"=1+1 | '=1+1", "+cmd | '+cmd", "-2+3 | '-2+3", "@SUM(A1) | '@SUM(A1)", "-2.5 | -2.5", "+3 | +3", "gel | gel", "12 ml | 12 ml", "'' | ''"}, delimiter = '|', quoteCharacter = '"')
    void of_beginsLikeAFormula_isMarkedAsText(String text, String cell) {
        assertEquals(cell, Cells.of(text));
    }

    @org.junit.jupiter.api.Test
    void of_tabOrReturn_isMarkedAsText() {
        assertEquals("'\t=1", Cells.of("\t=1"));
        assertEquals("'\r=1", Cells.of("\r=1"));
        assertEquals("", Cells.of(""));
    }
}
