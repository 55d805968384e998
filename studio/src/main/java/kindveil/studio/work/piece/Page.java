package kindveil.studio.work.piece;

import kindveil.measure.Length;
import kindveil.measure.UnusableValue;

/** The page or panel a piece is made on, in its full size; images lie somewhere on it. */
public record Page(Length width, Length height) {
    public static final Length NARROWEST = Length.ofMillimetres(20);
    public static final Length WIDEST = Length.ofMillimetres(1500);

    public Page {
        require("width of the page", width);
        require("height of the page", height);
    }

    private static void require(String what, Length side) {
        UnusableValue.requireWithin(what, side.millimetres(), NARROWEST.millimetres(), WIDEST.millimetres(), "mm", "Measure the page or panel itself.");
    }

    public double aspect() {
        return height.millimetres() / width.millimetres();
    }
}
