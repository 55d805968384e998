package kindveil.studio.work.shelf;

import java.time.Instant;
import java.util.UUID;
import kindveil.measure.UnusableValue;
import org.jspecify.annotations.Nullable;

/**
 * What stands on the shelf that is not poured.
 *
 * @param what sheet it is, where it is one; else empty
 * @param size of one of them, where that matters; of a roll its width, and its length when it is full
 * @param level how full a roll still is, 0 to 1; null for what is none, or full
 * @param grams what a square metre of a sheet weighs, or null where nobody has told
 * @param looked when somebody last looked, or null: the level of a roll counts from then
 */
public record Gear(UUID id, Kind kind, String what, String name, int count, @Nullable Size size, @Nullable Double level, @Nullable Double grams, @Nullable Instant looked) implements Owned {
    public static final double LIGHTEST = 5;
    public static final double HEAVIEST = 600;

    /** Kinds of things, in the order they are shown. */
    public enum Kind {
        PAPER, FILM, TAPE, PLATE, TRAY, WEIGHT, TOOL;

        /** Whether it is counted in sheets. */
        public boolean sheets() {
            return this == PAPER || this == FILM;
        }
    }

    public Gear {
        Owned.require(name, count);
        if (level != null) {
            UnusableValue.requireWithin("level", level, 0, 1, "of the whole", "0 is empty, 1 is full.");
        }
        if (grams != null) {
            UnusableValue.requireWithin("weight", grams, LIGHTEST, HEAVIEST, "g/m²", "It stands on the packet; tissue has about 18, copy paper 80.");
        }
    }

    /** So many fewer; nobody has looked again. */
    public Gear fewer(int gone) {
        return new Gear(id, kind, what, name, Math.max(0, count - gone), size, level, grams, looked);
    }

    /** mm of tape on the rolls when somebody last looked; 0 of what is none. */
    public double run() {
        return kind != Kind.TAPE || size == null ? 0 : size.height().millimetres() * count * (level == null ? 1 : level);
    }
}
