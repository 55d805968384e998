package kindveil.product;

import java.time.Duration;
import kindveil.drying.Room;
import kindveil.measure.UnusableValue;

/** How something gets dry, and so what tells when it is. */
public sealed interface Law {
    /** Practice counts in a room so warm. */
    double PRACTICE_CELSIUS = 21;

    /** Water leaves it: the drying model tells. @param share water over the whole, 0.05 to 0.95 */
    record LosesWater(double share) implements Law {
        public LosesWater {
            UnusableValue.requireWithin("water in it", share, 0.05, 0.95, "of the whole", "Mediums hold about 0.6, gesso and glue 0.5.");
        }
    }

    /** Alcohol or another solvent leaves it: minutes, by practice. */
    record LosesSolvent(Duration open, Duration sets) implements Law {
        public LosesSolvent {
            requireOrder(open, sets);
        }
    }

    /** The air hardens it: days, by practice. */
    record Oxidises(Duration open, Duration sets) implements Law {
        public Oxidises {
            requireOrder(open, sets);
        }
    }

    /** It sets some other way, by practice: gum, block ink that paper drinks. */
    record Sets(Duration open, Duration sets) implements Law {
        public Sets {
            requireOrder(open, sets);
        }
    }

    /** It stays as it is: adhesive of tape, oil that never dries. @param open how long it can be worked or laid into */
    record Stays(Duration open) implements Law {
        public Stays {
            requireOrder(open, open);
        }
    }

    private static void requireOrder(Duration open, Duration sets) {
        if (open.isNegative() || sets.isNegative()) {
            throw new UnusableValue("time it stays open or sets in", open + ", " + sets, "times that are not negative", "Take them from its label.");
        }
    }

    /** How long it stays wet in a room; for what loses water the model is asked. */
    default Duration open(Room room) {
        return switch (this) {
            case LosesWater w -> throw new IllegalStateException("Impossible state: the drying model knows when it closes.");
            case LosesSolvent s -> inRoom(s.open, room);
            case Oxidises o -> inRoom(o.open, room);
            case Sets s -> inRoom(s.open, room);
            case Stays s -> s.open;
        };
    }

    /** When it has set in a room; nought for what never changes. */
    default Duration sets(Room room) {
        return switch (this) {
            case LosesWater w -> throw new IllegalStateException("Impossible state: the drying model knows when it is through.");
            case LosesSolvent s -> inRoom(s.sets, room);
            case Oxidises o -> inRoom(o.sets, room);
            case Sets s -> inRoom(s.sets, room);
            case Stays s -> Duration.ZERO;
        };
    }

    /** Twice as fast for every 10 K (assumed). */
    private static Duration inRoom(Duration practice, Room room) {
        double factor = Math.pow(2, (PRACTICE_CELSIUS - room.temperature().celsius()) / 10);
        return Duration.ofMillis(Math.round(practice.toMillis() * factor));
    }
}
