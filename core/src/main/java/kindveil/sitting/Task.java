package kindveil.sitting;

import java.util.List;
import kindveil.way.ActId;
import org.jspecify.annotations.Nullable;

/**
 * What hands do in one go: acts that tight windows or no wait tie together.
 *
 * @param job which, from 0
 * @param acts with where each begins and ends, in minutes from the task's beginning
 * @param minutes from its beginning to its end
 * @param hands when hands are on it; between these they may be elsewhere
 * @param rubbing minutes of it that tire the fingers
 * @param earliest it may begin
 * @param latest it may begin
 */
public record Task(int job, List<Timed> acts, int minutes, List<Span> hands, int rubbing, int earliest, int latest) {
    /** One act in it. @param loads colour the roller is loaded with at it, or null where it is not */
    public record Timed(ActId act, String title, int from, int to, @Nullable String loads) {
        public Timed(ActId act, String title, int from, int to) {
            this(act, title, from, to, null);
        }
    }

    /** From a minute up to but not at another. */
    public record Span(int from, int to) {
        public Span {
            if (to <= from) {
                throw new IllegalArgumentException("Impossible state: a span from %d to %d.".formatted(from, to));
            }
        }
    }

    public static final int ANY = Integer.MAX_VALUE;

    public Task {
        acts = List.copyOf(acts);
        hands = List.copyOf(hands);
        if (minutes <= 0 || hands.isEmpty() || hands.stream().anyMatch(span -> span.from() < 0 || span.to() > minutes)) {
            throw new IllegalArgumentException("Impossible state: %d minutes with hands %s.".formatted(minutes, hands));
        }
    }

    /** Whether it asks for the same, whatever it is called. */
    boolean alike(Task other) {
        return minutes == other.minutes && hands.equals(other.hands) && rubbing == other.rubbing && earliest == other.earliest && latest == other.latest && loads().equals(other.loads());
    }

    private List<String> loads() {
        return acts.stream().filter(act -> act.loads() != null).map(act -> act.from() + " " + act.loads()).toList();
    }

    /** What it is called by: its first act. */
    public String words() {
        return acts.getFirst().title();
    }

    public int handsOn() {
        return hands.stream().mapToInt(span -> span.to() - span.from()).sum();
    }

    public Task within(int from, int to) {
        return new Task(job, acts, minutes, hands, rubbing, from, to);
    }

    public Task of(int otherJob) {
        return new Task(otherJob, acts, minutes, hands, rubbing, earliest, latest);
    }
}
