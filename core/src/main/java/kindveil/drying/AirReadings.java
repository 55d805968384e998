package kindveil.drying;

import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import kindveil.measure.Humidity;
import kindveil.measure.Temperature;

/**
 * What a sensor read lately, judged: noisy readings are evened out, absurd ones left out, and one that is silent, stuck or absurd
 * throughout is noticed and not followed. All limits are assumed.
 */
public final class AirReadings {
    /** So long a reading counts. */
    private static final Duration LATELY = Duration.ofMinutes(10);
    /** After so long without one it is silent. */
    private static final Duration SILENT_AFTER = Duration.ofMinutes(5);
    /** The last digit of one that works moves in such a time. */
    private static final Duration STUCK_AFTER = Duration.ofMinutes(30);
    private static final int STUCK_READINGS = 12;
    private static final int FEWEST = 3;
    /** No room where one works leaves these. */
    private static final double COLDEST = -10;
    private static final double WARMEST = 50;
    private static final double DRIEST = 1;
    private static final double DAMPEST = 100;
    /** Further from the middle of the others the air does not jump in ten minutes. */
    private static final double JUMP_CELSIUS = 6;
    private static final double JUMP_PERCENT = 25;

    private AirReadings() {
    }

    /** One reading. */
    public record Reading(Duration at, double celsius, double percent) {
        boolean possible() {
            return celsius >= COLDEST && celsius <= WARMEST && percent >= DRIEST && percent <= DAMPEST;
        }
    }

    /** What is wrong with it. */
    public enum Trouble {
        NONE("works"),
        SILENT("is silent: look at its battery and how far it is"),
        STUCK("says the same to the last digit for half an hour: it is stuck, take its battery out and put it in again"),
        ABSURD("says what no studio has: it is broken, or lies where it should not"),
        TOO_COLD_OR_WARM("says the room is outside the 5 to 40 °C in which acrylic films form: warm it, or wait");

        private final String words;

        Trouble(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** @param air to be dried by; nothing where it cannot be told */
    public record Judged(Optional<Room> air, Trouble trouble) {
        static Judged not(Trouble trouble) {
            return new Judged(Optional.empty(), trouble);
        }
    }

    /** Judges readings, the oldest first, none later than {@code now}. */
    public static Judged judge(List<Reading> readings, Duration now) {
        if (readings.isEmpty() || now.minus(readings.getLast().at).compareTo(SILENT_AFTER) > 0) {
            return Judged.not(Trouble.SILENT);
        }
        List<Reading> possible = since(readings, now.minus(LATELY)).stream().filter(Reading::possible).toList();
        if (possible.isEmpty()) {
            return Judged.not(Trouble.ABSURD);
        }
        List<Reading> spell = since(readings, now.minus(STUCK_AFTER));
        boolean whole = readings.getFirst().at.compareTo(now.minus(STUCK_AFTER)) <= 0;
        if (whole && spell.size() >= STUCK_READINGS && spell.stream().allMatch(each -> each.celsius == spell.getFirst().celsius && each.percent == spell.getFirst().percent)) {
            return Judged.not(Trouble.STUCK);
        }
        double celsius = middle(possible, Reading::celsius);
        double percent = middle(possible, Reading::percent);
        List<Reading> counted = possible.stream().filter(each -> Math.abs(each.celsius - celsius) <= JUMP_CELSIUS && Math.abs(each.percent - percent) <= JUMP_PERCENT).toList();
        if (counted.isEmpty()) {
            return Judged.not(Trouble.ABSURD);
        }
        double degrees = middle(counted, Reading::celsius);
        if (degrees < Room.COLDEST || degrees > Room.WARMEST) {
            return Judged.not(Trouble.TOO_COLD_OR_WARM);
        }
        return counted.size() < FEWEST ? Judged.not(Trouble.NONE) : new Judged(Optional.of(new Room(new Temperature(degrees), new Humidity(middle(counted, Reading::percent)), Airing.STILL)), Trouble.NONE);
    }

    private static List<Reading> since(List<Reading> readings, Duration from) {
        return readings.stream().filter(each -> each.at.compareTo(from) >= 0).toList();
    }

    private static double middle(List<Reading> readings, ToDoubleFunction<Reading> of) {
        double[] values = readings.stream().mapToDouble(of).sorted().toArray();
        return values.length % 2 == 1 ? values[values.length / 2] : Arrays.stream(values, values.length / 2 - 1, values.length / 2 + 1).average().orElseThrow();
    }
}
