package kindveil.making;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import kindveil.drying.DryingAdvice;
import kindveil.drying.Room;
import kindveil.way.Times;
import kindveil.way.Trace;
import org.jspecify.annotations.Nullable;
import kindveil.way.Window;

/**
 * A window in the day: too soon, good, closing, gone.
 *
 * @param began when the wait began
 * @param opens the first check; before it, too soon. Null where the room's air keeps it from ever getting there
 * @param advised from when on it is safe, or null where nobody can say
 * @param closing from when on it is nearly too late, or null
 * @param gone when it is too late, or null
 * @param why in a sentence
 * @param reach whether it gets there at all
 * @param advice what would let it get there, or null where it does
 */
public record Clock(Instant began, @Nullable Instant opens, @Nullable Instant advised, @Nullable Instant closing, @Nullable Instant gone, String why, Times.Reach reach, @Nullable DryingAdvice advice) {

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

    static Clock of(Trace.Wait pending, Instant benchSetUp, Room room) {
        Instant from = benchSetUp.plus(pending.began());
        Times times = pending.times();
        return new Clock(from, times.never() ? null : from.plus(times.earliest()), times.reach() == Times.Reach.REACHED ? from.plus(times.advised()) : null,
                after(from, times.closing()), after(from, times.latest()), pending.window().why(), times.reach(),
                times.never() && pending.window() instanceof Window.Dry dry ? Times.advice(dry, room) : null);
    }

    private static @Nullable Instant after(Instant from, @Nullable Duration time) {
        return time == null ? null : from.plus(time);
    }

    /** The window all of {@code clocks} leave open: opening with the last, closing with the first. */
    static @Nullable Clock all(List<Clock> clocks) {
        return clocks.stream().reduce(Clock::both).orElse(null);
    }

    private Clock both(Clock other) {
        Clock leading = leads(other) ? this : other;
        return new Clock(leading.began, later(opens, other.opens), later(advised, other.advised), first(closing, other.closing), first(gone, other.gone), leading.why,
                reach.and(other.reach), advice == null ? other.advice : advice);
    }

    /** Whether this is the one that is waited for: it opens last, or never; of two that open at once, the one that closes. */
    private boolean leads(Clock other) {
        if (opens == null || other.opens == null) {
            return opens == null;
        }
        return !other.opens.isAfter(opens) && !(other.gone != null && gone == null && opens.equals(other.opens));
    }

    /** The later of two; none where one of them never comes. */
    private static @Nullable Instant later(@Nullable Instant a, @Nullable Instant b) {
        return a == null || b == null ? null : a.isAfter(b) ? a : b;
    }

    private static @Nullable Instant first(@Nullable Instant a, @Nullable Instant b) {
        return a == null ? b : b == null || a.isBefore(b) ? a : b;
    }

    public Phase phase(Instant now) {
        if (reach != Times.Reach.REACHED || opens == null || now.isBefore(opens)) {
            return Phase.TOO_SOON;
        }
        if (gone != null && !now.isBefore(gone)) {
            return Phase.GONE;
        }
        return closing != null && !now.isBefore(closing) ? Phase.CLOSING : Phase.GOOD;
    }

    /** Whether the room's air keeps it from ever getting there. */
    public boolean never() {
        return reach == Times.Reach.NEVER;
    }

    /** Whether what was felt fits nothing the model knows, so that only the hand can say. */
    public boolean contradicted() {
        return reach == Times.Reach.CONTRADICTED;
    }

    /** What to do where there is no safe time; empty where there is one. */
    public String unusual() {
        return switch (reach) {
            case REACHED -> "";
            case CONTRADICTED -> "What you felt fits nothing the studio knows of this bed: it may be thicker than planned, or the air damper. Trust your hand, and feel it again then.";
            case NEVER -> "It will not get there in this room’s air. %s".formatted(advice == null ? "" : advice.words()).strip();
        };
    }

    /** Whether it ever becomes too late. */
    public boolean closes() {
        return gone != null;
    }

    /** A window that runs beside the act at hand: the act it leads to, and its clock. */
    public record Running(kindveil.way.Act act, Window window, Clock clock) {
    }
}
