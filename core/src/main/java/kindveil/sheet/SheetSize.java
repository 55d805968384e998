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
    private static final double LEAST_MILLIMETRES = 80;
    private static final double MOST_MILLIMETRES = 650;

    public SheetSize {
        UnusableValue.requireWithin("sheet width", width.millimetres(), LEAST_MILLIMETRES, MOST_MILLIMETRES, "mm", "Give the sheet as it lies in the machine, upright.");
        UnusableValue.requireWithin("sheet height", height.millimetres(), LEAST_MILLIMETRES, MOST_MILLIMETRES, "mm", "Give the sheet as it lies in the machine, upright.");
    }

    /** A sheet of its own size, as film is sold. */
    public static SheetSize own(Length width, Length height) {
        return new SheetSize("%s × %s".formatted(width.print(UnitSystem.METRIC), height.print(UnitSystem.METRIC)), width, height);
    }

    SheetSize turned() {
        return new SheetSize(words, height, width);
    }
}
