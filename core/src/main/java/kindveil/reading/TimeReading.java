package kindveil.reading;

import java.time.Duration;
import java.util.List;
import kindveil.way.Act;
import kindveil.way.Trace;

/**
 * When each act can be done if the plan is begun at nought and every wait is the advised one.
 *
 * @param entries in order
 * @param handsOn how long hands are busy in all
 * @param elapsed from the first act to the end of the last
 */
public record TimeReading(List<Entry> entries, Duration handsOn, Duration elapsed) {
    private static final Duration WORTH_SAYING = Duration.ofSeconds(30);

    /**
     * One act.
     *
     * @param pause how long the hands wait before it
     * @param waits the windows that end at it
     */
    public record Entry(Act act, Duration start, Duration pause, List<Trace.Wait> waits) {
        /** Whether the artist can put something down and do something else before it. */
        public boolean worthSaying() {
            return pause.compareTo(WORTH_SAYING) >= 0;
        }
    }

    public TimeReading {
        entries = List.copyOf(entries);
    }

    public static TimeReading of(Trace trace) {
        List<Entry> entries = new java.util.ArrayList<>();
        Duration free = Duration.ZERO;
        Duration hands = Duration.ZERO;
        for (Trace.Moment moment : trace.moments()) {
            entries.add(new Entry(moment.act(), moment.start(), moment.start().minus(free), moment.waits()));
            hands = hands.plus(moment.act().handsOn());
            free = moment.end();
        }
        return new TimeReading(entries, hands, free);
    }
}
