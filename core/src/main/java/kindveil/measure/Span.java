package kindveil.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import org.jspecify.annotations.Nullable;

/**
 * How long something lasts or must last, as practice gives it.
 *
 * @param least the shortest that works
 * @param most the longest that works, or null where more never harms
 */
public record Span(Duration least, @Nullable Duration most) {
    private static final long SECONDS_ARE_SAID = 90;
    private static final long SECONDS_MATTER = 600;

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
        if (seconds < SECONDS_ARE_SAID) {
            return seconds + " s";
        }
        return inMinutes(Math.round(seconds / 60.0), RoundingMode.HALF_UP);
    }

    /** A time that may not be passed, in words that never say more of it than there is. */
    public static String atMost(Duration duration) {
        return bound(duration, RoundingMode.FLOOR);
    }

    /** A time that must have passed, in words that never say less of it. */
    public static String atLeast(Duration duration) {
        return bound(duration, RoundingMode.CEILING);
    }

    /** Short ones to the second: half a minute is much of them. */
    private static String bound(Duration duration, RoundingMode mode) {
        long seconds = Math.max(0, divided(duration.toMillis(), 1000, mode));
        if (seconds < SECONDS_ARE_SAID) {
            return seconds + " s";
        }
        if (seconds < SECONDS_MATTER && seconds % 60 != 0) {
            return "%d min %d s".formatted(seconds / 60, seconds % 60);
        }
        return inMinutes(divided(seconds, 60, mode), mode);
    }

    private static String inMinutes(long minutes, RoundingMode mode) {
        if (minutes < 120) {
            return minutes + " min";
        }
        if (minutes < 48 * 60) {
            long rest = minutes % 60;
            return rest == 0 ? minutes / 60 + " h" : "%d h %02d".formatted(minutes / 60, rest);
        }
        return divided(minutes, 1440, mode) + " days";
    }

    private static long divided(long value, long by, RoundingMode mode) {
        return BigDecimal.valueOf(value).divide(BigDecimal.valueOf(by), 0, mode).longValueExact();
    }
}
