package kindveil.making;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import kindveil.way.Trace;
import org.jspecify.annotations.Nullable;
import kindveil.way.Window;

/**
 * A window in the day: too soon, good, closing, gone.
 *
 * @param began when the wait began
 * @param opens the first check; before it, too soon
 * @param advised from when on it is safe
 * @param closing from when on it is nearly too late, or null
 * @param gone when it is too late, or null
 * @param why in a sentence
 * @param never whether the room's air keeps it from ever getting there
 */
public record Clock(Instant began, Instant opens, Instant advised, @Nullable Instant closing, @Nullable Instant gone, String why, boolean never) {

    /** Where in the window a moment lies. */
    public enum Phase {
        TOO_SOON("too soon"), GOOD("good"), CLOSING("closing"), GONE("too late");

        private final String words;

        Phase(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    static Clock of(Trace.Wait pending, Instant benchSetUp) {
        Instant from = benchSetUp.plus(pending.began());
        return new Clock(from, from.plus(pending.times().earliest()), from.plus(pending.times().advised()),
                after(from, pending.times().closing()), after(from, pending.times().latest()), pending.window().why(), pending.times().never());
    }

    private static @Nullable Instant after(Instant from, @Nullable Duration time) {
        return time == null ? null : from.plus(time);
    }

    /** The window all of {@code clocks} leave open: opening with the last, closing with the first. */
    static @Nullable Clock all(List<Clock> clocks) {
        return clocks.stream().reduce(Clock::both).orElse(null);
    }

    private Clock both(Clock other) {
        boolean later = other.opens.isAfter(opens);
        Clock leading = later || other.gone != null && gone == null && !opens.isAfter(other.opens) ? other : this;
        return new Clock(leading.began, latest(opens, other.opens), latest(advised, other.advised), first(closing, other.closing),
                first(gone, other.gone), leading.why, never || other.never);
    }

    private static Instant latest(Instant a, Instant b) {
        return a.isAfter(b) ? a : b;
    }

    private static @Nullable Instant first(@Nullable Instant a, @Nullable Instant b) {
        return a == null ? b : b == null || a.isBefore(b) ? a : b;
    }

    public Phase phase(Instant now) {
        if (now.isBefore(opens)) {
            return Phase.TOO_SOON;
        }
        if (gone != null && !now.isBefore(gone)) {
            return Phase.GONE;
        }
        return closing != null && !now.isBefore(closing) ? Phase.CLOSING : Phase.GOOD;
    }

    /** Whether it ever becomes too late. */
    public boolean closes() {
        return gone != null;
    }

    /** A window that runs beside the act at hand: the act it leads to, and its clock. */
    public record Running(kindveil.way.Act act, Window window, Clock clock) {
    }
}
