package kindveil.reading;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import kindveil.bench.Bench;
import kindveil.way.Act;
import kindveil.way.Trace;

/**
 * When each act can be done if the plan is begun at nought and every wait is the advised one.
 *
 * @param entries in order
 * @param handsOn how long hands are busy in all
 * @param walked from the first act to the end of the last, with practice's time where a wait has none of its own
 */
public record TimeReading(List<Entry> entries, Duration handsOn, Duration walked) {
    private static final Duration WORTH_SAYING = Duration.ofSeconds(30);

    /**
     * One act.
     *
     * @param pause how long the hands wait before it
     * @param waits the windows that end at it
     * @param before the bench as it is begun
     * @param timed whether it comes at all in this room's air; where not, its times only lay out the thread
     */
    public record Entry(Act act, Duration start, Duration pause, List<Trace.Wait> waits, Bench before, boolean timed) {
        /** From the first act on; empty where it never comes. */
        public Optional<Duration> begins() {
            return timed ? Optional.of(start) : Optional.empty();
        }

        /** Whether the artist can put something down and do something else before it. */
        public boolean worthSaying() {
            return pause.compareTo(WORTH_SAYING) >= 0;
        }
    }

    public TimeReading {
        entries = List.copyOf(entries);
    }

    /** From the first act to the end of the last; empty where a wait never ends in this room. */
    public Optional<Duration> elapsed() {
        return never().isEmpty() ? Optional.of(walked) : Optional.empty();
    }

    /** Acts that this room's air never lets come. */
    public List<Act> never() {
        return entries.stream().filter(entry -> entry.waits().stream().anyMatch(wait -> wait.times().never())).map(Entry::act).toList();
    }

    public static TimeReading of(Trace trace) {
        List<Entry> entries = new java.util.ArrayList<>();
        Duration free = Duration.ZERO;
        Duration hands = Duration.ZERO;
        for (Trace.Moment moment : trace.moments()) {
            entries.add(new Entry(moment.act(), moment.start(), moment.start().minus(free), moment.waits(), moment.before(), moment.timed()));
            hands = hands.plus(moment.act().handsOn());
            free = moment.end();
        }
        return new TimeReading(entries, hands, free);
    }
}
