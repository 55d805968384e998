package kindveil.way;

import java.time.Duration;
import java.util.List;
import kindveil.bench.Step;
import kindveil.measure.Span;

/**
 * One thing the hands do at a time.
 *
 * @param id its name within the plan
 * @param step what it is to the bench
 * @param title a short imperative
 * @param how how, in a sentence or two
 * @param handsOn how long the hands are busy
 * @param answers the check at its end; never empty, the first goes on
 * @param expected which answer the plan reckons with, from 0
 */
public record Act(ActId id, Step step, String title, String how, Duration handsOn, List<Answer> answers, int expected) {
    private static final Duration TAKES = Duration.ofMinutes(1);

    public Act {
        answers = List.copyOf(answers);
        if (answers.isEmpty() || !(answers.getFirst().effect() instanceof Answer.Effect.GoOn)) {
            throw new IllegalArgumentException("Impossible state: act %s has no usual answer that goes on.".formatted(id));
        }
        if (expected < 0 || expected >= answers.size()) {
            throw new IllegalArgumentException("Impossible state: act %s expects answer %d of %d.".formatted(id, expected, answers.size()));
        }
    }

    /** An act with nothing to check but that it is done. */
    public static Act of(ActId id, Step step, String title, String how, double minutes) {
        return new Act(id, step, title, how, Span.minutes(minutes), List.of(Answer.goOn("Done", "")), 0);
    }

    /** Its name within its way. */
    public String key() {
        return id.key();
    }

    /** The answer the plan reckons with. */
    public Answer usual() {
        return answers.get(expected);
    }

    /** What it would mix stands ready. */
    Act taken() {
        return new Act(id, step, "Take the jar that stands ready", "Enough is in it for this piece. Look at it first: clear and without lumps.", TAKES, answers, expected);
    }

    /** Told otherwise. */
    Act saying(String other) {
        return other.equals(how) ? this : new Act(id, step, title, other, handsOn, answers, expected);
    }

    public Act answered(Answer... possible) {
        return new Act(id, step, title, how, handsOn, List.of(possible), 0);
    }

    public Act expecting(int answer) {
        return new Act(id, step, title, how, handsOn, answers, answer);
    }
}
