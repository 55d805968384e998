package kindveil.studio.work.piece;

import kindveil.measure.UnusableValue;
import org.jspecify.annotations.Nullable;

/**
 * How something lies on the page.
 *
 * @param turn of its box about its middle, degrees to the right, over -180 and up to 180
 * @param patch where it is kept to if it brings no picture; null where it covers all of the page
 */
public record Lay(double turn, @Nullable Patch patch) {
    public static final Lay STRAIGHT = new Lay(0, null);
    private static final double HALF = 180;

    public Lay {
        UnusableValue.requireWithin("turn", turn, -HALF, HALF, "°", "To the right is above 0.");
        turn = turn == -HALF ? HALF : turn;
    }

    public Lay turned(double degrees) {
        return new Lay(degrees, patch);
    }

    public Lay kept(@Nullable Patch other) {
        return new Lay(turn, other);
    }
}
