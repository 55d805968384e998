package kindveil.measure;

import java.time.Duration;
import org.jspecify.annotations.Nullable;

/**
 * How long something lasts or must last, as practice gives it.
 *
 * @param least the shortest that works
 * @param most the longest that works, or null where more never harms
 */
public record Span(Duration least, @Nullable Duration most) {
    public Span {
        if (least.isNegative() || most != null && most.compareTo(least) < 0) {
            throw new IllegalArgumentException("Impossible state: a span from %s to %s.".formatted(least, most));
        }
    }

    public static Span atLeastMinutes(double minutes) {
        return new Span(minutes(minutes), null);
    }

    public static Span ofMinutes(double least, double most) {
        return new Span(minutes(least), minutes(most));
    }

    public static Duration minutes(double minutes) {
        return Duration.ofMillis(Math.round(minutes * 60_000));
    }

    public static Duration longer(Duration a, Duration b) {
        return a.compareTo(b) >= 0 ? a : b;
    }

    public static Duration shorter(Duration a, Duration b) {
        return a.compareTo(b) <= 0 ? a : b;
    }

    /** From one time to another; nought where that has passed. */
    public static Duration left(Duration now, Duration then) {
        return longer(Duration.ZERO, then.minus(now));
    }

    public static double inMinutes(Duration duration) {
        return duration.toMillis() / 60_000.0;
    }

    /** In the words of a studio: {@code 45 s}, {@code 12 min}, {@code 2 h 40}, {@code 3 days}. */
    public static String words(Duration duration) {
        long seconds = Math.max(0, Math.round(duration.toMillis() / 1000.0));
        if (seconds < 90) {
            return seconds + " s";
        }
        long minutes = Math.round(seconds / 60.0);
        if (minutes < 120) {
            return minutes + " min";
        }
        if (minutes < 48 * 60) {
            long rest = minutes % 60;
            return rest == 0 ? minutes / 60 + " h" : "%d h %02d".formatted(minutes / 60, rest);
        }
        return Math.round(minutes / 1440.0) + " days";
    }
}
