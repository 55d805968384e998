package kindveil.mixing;

import java.time.Duration;
import java.time.Instant;
import kindveil.measure.Span;
import kindveil.measure.UnusableValue;
import kindveil.product.Mixture;
import org.jspecify.annotations.Nullable;

/**
 * Something mixed that stands in a jar.
 *
 * @param bottlePercent strength of the spirit it was mixed with, 0 where there is none
 * @param millilitres mixed
 * @param taken out of it since, ml; may be more than was in it, when hands took more than was told
 * @param opening of the jar, cm²
 * @param lidOff how long its lid was off in all
 * @param look what it looked like the last time somebody looked, or null
 */
public record Jar(Mixture mixture, double bottlePercent, Instant made, double millilitres, double taken, double opening, Duration lidOff, @Nullable Look look) {
    /** What evaporates of alcohol out of an open jar at 20 °C, ml for each cm² and hour: its vapour through still air (derived). */
    private static final double SPIRIT_LOST = 0.096;
    private static final double AT_CELSIUS = 20;
    /** So many points weaker it still lets go: bottles are told no closer (assumed). */
    private static final double SLACK_PERCENT = 2;
    /** Less than this stays on the glass. */
    static final double EMPTY_MILLILITRES = 0.5;
    /** A jar of preserving glass, cm². */
    public static final double USUAL_OPENING = 28;

    /** Seen at some time to be good or not. */
    public record Look(Instant at, boolean sound) {
    }

    /** Where it stands. */
    public enum Phase {
        RESTS, GOOD, LOOK, WEAK, SPOILT, EMPTY;

        public boolean serves() {
            return this == GOOD || this == RESTS;
        }
    }

    /**
     * As it is at some time.
     *
     * @param left ml
     * @param over ml taken that were not in it
     * @param lost spirit, ml: as much brings it back to its ratio
     * @param strength of the spirit in it, per cent by volume
     * @param ready from when; {@code look} from when it is looked at before it is used; {@code until} when it is thrown away
     */
    public record State(Phase phase, double left, double over, double lost, double strength, Instant ready, Instant look, Instant until) {
    }

    public Jar {
        UnusableValue.requireWithin("Mixed", millilitres, 0.05, Recipe.MOST_MILLILITRES, "ml", "Tell how much you mixed.");
        UnusableValue.requireWithin("Taken", taken, 0, 1e6, "ml", "");
        UnusableValue.requireWithin("Opening of the jar", opening, 1, 2000, "cm²", "A jar 6 cm wide has 28 cm².");
    }

    public Keeping keeping() {
        return Keeping.of(mixture);
    }

    /** @param celsius of the room it stands in */
    public State at(Instant now, double celsius) {
        Keeping keeps = keeping();
        double there = Math.max(0, millilitres - taken);
        double share = mixture.spiritShare();
        double gone = SPIRIT_LOST * opening * Span.inMinutes(lidOff) / 60 * Math.pow(2, (celsius - AT_CELSIUS) / 10);
        double lost = share > 0 ? Math.min(gone, share * there) : 0;
        double left = there - lost;
        double strength = share > 0 && left > 0 ? (share * there - lost) / left * bottlePercent : 0;
        Instant looked = look == null ? made : look.at;
        Instant next = look == null || !look.sound ? made.plus(keeps.cautious()) : latest(made.plus(keeps.cautious()), looked.plus(again(keeps)));
        Instant until = made.plus(keeps.longest());
        return new State(phase(keeps, now, left, strength, next, until), left, Math.max(0, taken - millilitres), lost, strength, made.plus(keeps.ready()), next, until);
    }

    private Phase phase(Keeping keeps, Instant now, double left, double strength, Instant next, Instant until) {
        if (left < EMPTY_MILLILITRES) {
            return Phase.EMPTY;
        }
        if (look != null && !look.sound || !now.isBefore(until)) {
            return Phase.SPOILT;
        }
        if (mixture.leastBottlePercent() > 0 && strength < mixture.strength(mixture.leastBottlePercent()) - SLACK_PERCENT) {
            return Phase.WEAK;
        }
        if (now.isBefore(made.plus(keeps.ready()))) {
            return Phase.RESTS;
        }
        return now.isBefore(next) ? Phase.GOOD : Phase.LOOK;
    }

    /** Somebody who looked need not look again for a third of the time nobody doubts it (assumed). */
    private static Duration again(Keeping keeps) {
        return keeps.cautious().dividedBy(3);
    }

    private static Instant latest(Instant one, Instant other) {
        return one.isAfter(other) ? one : other;
    }
}
