package kindveil.sheet;

import kindveil.measure.Length;
import kindveil.measure.UnitSystem;

/** Sheets a copy machine takes, upright. */
public enum Paper {
    A4("A4", Length.ofMillimetres(210), Length.ofMillimetres(297)),
    A3("A3", Length.ofMillimetres(297), Length.ofMillimetres(420)),
    LETTER("US Letter", Length.ofInches(8.5), Length.ofInches(11));

    private final String words;
    private final Length width;
    private final Length height;

    Paper(String words, Length width, Length height) {
        this.words = words;
        this.width = width;
        this.height = height;
    }

    /** What machines take where such measures are used. */
    public static Paper usual(UnitSystem system) {
        return system == UnitSystem.US ? LETTER : A4;
    }

    public SheetSize size() {
        return new SheetSize(words, width, height);
    }

    public String words() {
        return words;
    }

    public Length width() {
        return width;
    }

    public Length height() {
        return height;
    }
}
