package kindveil.making;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import kindveil.measure.Span;
import org.jspecify.annotations.Nullable;
import kindveil.bench.Refusal;
import kindveil.way.Trace;
import kindveil.way.Window;

/**
 * Where the hands left the plan.
 *
 * @param act title of the act
 * @param words what was different, in a clause
 * @param kind of difference
 * @param took how long was waited, or null where no wait is behind it; likewise {@code asked}
 */
public record Departure(String act, String words, Kind kind, @Nullable Duration took, @Nullable Duration asked) {
    /** Kinds of differences. */
    public enum Kind {
        TOO_SOON, TOO_LATE, LEFT_LONG, AGAINST_THE_BENCH
    }

    private static final double MUCH_LONGER = 3;

    /** In the order they happened; of what was only taken as done nothing is known. */
    public static List<Departure> of(Making making) {
        List<Departure> found = new ArrayList<>();
        for (Trace.Moment moment : making.moments()) {
            if (making.assumed(moment.act().id())) {
                continue;
            }
            for (Trace.Wait wait : moment.waits()) {
                waited(moment, wait).ifPresent(found::add);
            }
            for (Refusal refusal : moment.refusals()) {
                found.add(new Departure(moment.act().title(), "against the bench: " + refusal.reason(), Kind.AGAINST_THE_BENCH, null, null));
            }
        }
        return found;
    }

    /** One on a line, none said twice, as many as fit and how many more there are. @param most signs in all */
    public static String told(List<Departure> departures, int most) {
        List<String> lines = departures.stream().map(departure -> departure.act + ": " + departure.words).distinct().toList();
        StringBuilder said = new StringBuilder();
        for (int i = 0; i < lines.size(); i++) {
            String rest = "%d more of the kind.".formatted(lines.size() - i);
            boolean last = i == lines.size() - 1;
            // a browser sends each end of a line as two signs
            if (said.length() + lines.get(i).length() + 2 * i + (last ? 0 : rest.length() + 2) > most) {
                return said.append(rest).toString();
            }
            said.append(lines.get(i)).append(last ? "" : "\n");
        }
        return said.toString();
    }

    private static Optional<Departure> waited(Trace.Moment moment, Trace.Wait wait) {
        Duration took = moment.start().minus(wait.began());
        if (wait.times().never()) {
            return Optional.empty();
        }
        // a wait to the second is told at the end of the act that ends it: when in that act it ended nobody can say
        Duration atMost = wait.window() instanceof Window.Dwell ? moment.end().minus(wait.began()) : took;
        if (atMost.compareTo(wait.times().earliest()) < 0) {
            return said(moment, Kind.TOO_SOON, took, wait.times().earliest(), "begun after %s, %s at the earliest was asked".formatted(Span.words(took), Span.atLeast(wait.times().earliest())));
        }
        if (wait.times().latest() != null && took.compareTo(wait.times().latest()) > 0) {
            return said(moment, Kind.TOO_LATE, took, wait.times().latest(), "begun after %s, %s was the latest".formatted(Span.words(took), Span.atMost(wait.times().latest())));
        }
        boolean longer = wait.times().latest() == null && !wait.times().advised().isZero()
                && took.toMillis() > MUCH_LONGER * wait.times().advised().toMillis();
        return longer ? said(moment, Kind.LEFT_LONG, took, wait.times().advised(), "left for %s, %s was advised".formatted(Span.words(took), Span.words(wait.times().advised()))) : Optional.empty();
    }

    private static Optional<Departure> said(Trace.Moment moment, Kind kind, Duration took, Duration asked, String words) {
        return Optional.of(new Departure(moment.act().title(), words, kind, took, asked));
    }
}
