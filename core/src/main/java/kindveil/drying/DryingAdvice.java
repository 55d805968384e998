package kindveil.drying;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.Predicate;
import kindveil.measure.Humidity;
import kindveil.measure.Temperature;

/**
 * What would let a stage be reached that a room's air keeps out of reach, each found by trying it in the model: the air warmed with the
 * water that is in it, or dried at the warmth it has. Moving air is never among them: a fan brings a coat to the same rest as still air.
 *
 * @param celsius whole degrees to warm the room to; empty where no warmth a room may have does it
 * @param percent to dry its air to, in steps of five; empty where not even dry air does it
 */
public record DryingAdvice(OptionalInt celsius, OptionalInt percent) {
    /** At rest a coat must hold so much less than the stage asks, or it would take days to get there (assumed). */
    private static final double CLEARLY = 0.8;
    private static final int STEP = 5;

    /** For a coat that is to reach a stage. */
    public static DryingAdvice of(Stage stage, Room room) {
        return of(room, other -> Balance.equilibrium(other) <= CLEARLY * stage.waterShare());
    }

    /** For damp fibre or a damp sheet. */
    public static DryingAdvice of(Damp damp, Room room) {
        return of(room, other -> damp.dry(RoomCourse.of(other), Duration.ZERO).isPresent());
    }

    private static DryingAdvice of(Room room, Predicate<Room> gets) {
        return new DryingAdvice(warmer(room, gets), drier(room, gets));
    }

    private static OptionalInt warmer(Room room, Predicate<Room> gets) {
        for (int celsius = (int) Math.floor(room.temperature().celsius()) + 1; celsius <= Room.WARMEST; celsius++) {
            if (gets.test(warmed(room, celsius))) {
                return OptionalInt.of(celsius);
            }
        }
        return OptionalInt.empty();
    }

    private static OptionalInt drier(Room room, Predicate<Room> gets) {
        for (int percent = (int) Math.ceil(room.humidity().percent() / STEP) * STEP - STEP; percent > 0; percent -= STEP) {
            if (gets.test(new Room(room.temperature(), new Humidity(percent), room.airing()))) {
                return OptionalInt.of(percent);
            }
        }
        return OptionalInt.empty();
    }

    /** The room at another warmth with the same vapour in its air. */
    static Room warmed(Room room, int celsius) {
        double share = room.humidity().share() * Balance.saturation(room.temperature().celsius()) / Balance.saturation(celsius);
        return new Room(new Temperature(celsius), new Humidity(100 * Math.min(1, share)), room.airing());
    }

    /** What to do, in a sentence. */
    public String words() {
        List<String> ways = new ArrayList<>();
        celsius.ifPresent(to -> ways.add("warm the room to %d °C".formatted(to)));
        percent.ifPresent(to -> ways.add("%s air to %d %%".formatted(ways.isEmpty() ? "dry the room’s" : "dry its", to)));
        String said = ways.isEmpty() ? "take it to another room" : String.join(", or ", ways);
        return "%s%s. A fan does not help.".formatted(Character.toUpperCase(said.charAt(0)), said.substring(1));
    }
}
