package kindveil.studio.page.stock;

import java.util.Arrays;

/** Text for the cells of a table that a spreadsheet opens: what it would take for a formula is marked as text. */
final class Cells {
    private static final String BEGINS_A_FORMULA = "=+-@\t\r";
    private static final String NUMBER = "[+-]?[0-9]+(\\.[0-9]+)?";

    private Cells() {
    }

    static Object[] of(String... texts) {
        return Arrays.stream(texts).map(Cells::of).toArray();
    }

    /** The same with an apostrophe before it where it begins like a formula and is no number. */
    static String of(String text) {
        return !text.isEmpty() && BEGINS_A_FORMULA.indexOf(text.charAt(0)) >= 0 && !text.matches(NUMBER) ? "'" + text : text;
    }
}
