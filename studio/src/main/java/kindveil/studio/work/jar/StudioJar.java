package kindveil.studio.work.jar;

import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import kindveil.measure.UnusableValue;
import kindveil.mixing.Jar;
import kindveil.mixing.Pouring;
import kindveil.product.Mixture;
import org.jspecify.annotations.Nullable;

/**
 * A jar of something mixed, as it stands in the studio.
 *
 * @param bottle strength of the spirit it was mixed with, per cent; 0 where there is none
 * @param lidOff how long its lid was off, until it was put on again the last time
 * @param open since when it is off, or null where it is on
 * @param thrown when it was thrown away, or null where it stands
 * @param making at which it was mixed, or null where it was mixed by itself
 */
public record StudioJar(UUID id, int version, String name, Mixture mixture, double bottle, Instant made, double millilitres, double opening, Duration lidOff, @Nullable Instant open, Jar.@Nullable Look look, @Nullable Instant thrown,
        @Nullable UUID making) {
    public static final int LONGEST_NAME = 80;

    public StudioJar {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new UnusableValue("Name", name.length() > LONGEST_NAME ? name.length() + " signs" : name, "1 to %d signs".formatted(LONGEST_NAME), "What stands on its label.");
        }
    }

    /** @param taken out of it, ml */
    public Jar jar(double taken, Instant now) {
        Duration off = open == null || open.isAfter(now) ? lidOff : lidOff.plus(Duration.between(open, now));
        return new Jar(mixture, bottle, made, millilitres, taken, opening, off, look);
    }

    /** Its lid off, or on again. */
    StudioJar lid(boolean off, Instant now) {
        if (off == (open != null)) {
            return this;
        }
        return off ? new StudioJar(id, version, name, mixture, bottle, made, millilitres, opening, lidOff, now, look, thrown, making)
                : new StudioJar(id, version, name, mixture, bottle, made, millilitres, opening, jar(0, now).lidOff(), null, look, thrown, making);
    }

    StudioJar looked(Jar.@Nullable Look seen) {
        return new StudioJar(id, version, name, mixture, bottle, made, millilitres, opening, lidOff, open, seen, thrown, making);
    }

    /** What was lost of its spirit put back. */
    StudioJar toppedUp(Instant now) {
        return new StudioJar(id, version, name, mixture, bottle, made, millilitres, opening, Duration.ZERO, open == null ? null : now, look, thrown, making);
    }

    /** Another jar poured into it. @param taken out of it so far, ml */
    StudioJar with(Pouring pouring, double taken, Instant now) {
        return new StudioJar(id, version, name, mixture, pouring.bottlePercent(), pouring.made(), taken + pouring.millilitres(), opening, Duration.ZERO, open == null ? null : now, pouring.look(), thrown, making);
    }

    StudioJar thrown(@Nullable Instant when) {
        return new StudioJar(id, version, name, mixture, bottle, made, millilitres, opening, lidOff, null, look, when, making);
    }
}
