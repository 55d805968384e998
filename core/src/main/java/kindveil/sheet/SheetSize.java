package kindveil.sheet;

import kindveil.measure.Length;
import kindveil.measure.UnitSystem;
import kindveil.measure.UnusableValue;

/**
 * A sheet as it lies in the machine, upright.
 *
 * @param words what it is called
 */
public record SheetSize(String words, Length width, Length height) {
    public static final Length LEAST = Length.ofMillimetres(80);
    public static final Length MOST = Length.ofMillimetres(650);

    public SheetSize {
        UnusableValue.requireWithin("sheet width", width.millimetres(), LEAST.millimetres(), MOST.millimetres(), "mm", "Give the sheet as it lies in the machine, upright.");
        UnusableValue.requireWithin("sheet height", height.millimetres(), LEAST.millimetres(), MOST.millimetres(), "mm", "Give the sheet as it lies in the machine, upright.");
    }

    /** A sheet of its own size, as film is sold. */
    public static SheetSize own(Length width, Length height) {
        return new SheetSize("%s × %s".formatted(width.print(UnitSystem.METRIC), height.print(UnitSystem.METRIC)), width, height);
    }

    SheetSize turned() {
        return new SheetSize(words, height, width);
    }
}
