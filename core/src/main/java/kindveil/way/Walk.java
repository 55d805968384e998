package kindveil.way;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kindveil.bench.Bench;
import kindveil.measure.Span;
import kindveil.way.Trace.Moment;
import kindveil.way.Trace.Wait;

/**
 * A plan walked act by act on its bench: the one place where that is done. Who walks says when each act begins and ends and
 * how its check was answered; planned, told, forecast, late and rescheduled are only other times through the same walk.
 */
public final class Walk {
    private final Plan plan;
    private final Map<ActId, Moment> done = new LinkedHashMap<>();
    private Bench bench;
    private int index;

    private Walk(Plan plan) {
        this.plan = plan;
        this.bench = plan.bench();
    }

    public static Walk of(Plan plan) {
        return new Walk(plan);
    }

    /** Goes on from where another stands, without moving it. */
    public Walk onwards() {
        Walk other = new Walk(plan);
        other.done.putAll(done);
        other.bench = bench;
        other.index = index;
        return other;
    }

    public Plan plan() {
        return plan;
    }

    public Bench bench() {
        return bench;
    }

    /** Position in the plan of the act at hand; one past the last at the end. */
    public int index() {
        return index;
    }

    public Optional<Act> current() {
        return index < plan.acts().size() ? Optional.of(plan.acts().get(index)) : Optional.empty();
    }

    /** What has been taken, oldest first. */
    public List<Moment> moments() {
        return List.copyOf(done.values());
    }

    /** The windows that end at an act and whose first act has taken place. */
    public List<Wait> waits(Act act) {
        List<Wait> waits = new ArrayList<>();
        for (Window window : plan.endingAt(act.id())) {
            Moment from = done.get(window.from());
            if (from != null) {
                waits.add(new Wait(window, Times.of(window, from.after()), from.end()));
            }
        }
        return waits;
    }

    /** The act at hand done between two times of the bench, its check answered; moves on to where that leads. */
    public Moment take(Duration start, Duration end, Answer answer) {
        Act act = current().orElseThrow();
        return take(act, waits(act), start, end, answer);
    }

    private Moment take(Act act, List<Wait> waits, Duration start, Duration end, Answer answer) {
        Bench before = bench.at(start).soaked(past(waits, start));
        Bench after = before.at(end).after(act.step());
        Moment moment = new Moment(act, start, end, before, after, waits, before.refusals(act.step()), before.concerns(act.step()));
        done.put(act.id(), moment);
        bench = after;
        index = plan.next(index, answer);
        return moment;
    }

    /** By how much a soak that ends here was too long, as a share of its window; 0 where none was. */
    private static double past(List<Wait> waits, Duration start) {
        double most = 0;
        for (Wait wait : waits) {
            Duration latest = wait.window() instanceof Window.Soak soak ? soak.latest() : null;
            if (latest != null) {
                most = Math.max(most, start.minus(wait.began()).minus(latest).toMillis() / (double) latest.toMillis());
            }
        }
        return most;
    }

    /** The act at hand passed by as if it were done, with no effect and no time. */
    public void leaveOut() {
        index = plan.next(index, current().orElseThrow().usual());
    }

    /** To the end, each act as soon as it is advised and not before {@code earliest}, each check as expected. */
    public List<Moment> toTheEnd(Duration earliest) {
        List<Moment> taken = new ArrayList<>();
        Duration free = Span.longer(earliest, bench.now());
        while (index < plan.acts().size()) {
            Act act = plan.acts().get(index);
            List<Wait> waits = waits(act);
            Duration start = waits.stream().map(Wait::advisedEnd).reduce(free, Span::longer);
            Moment moment = take(act, waits, start, start.plus(act.handsOn()), act.usual());
            taken.add(moment);
            free = moment.end();
        }
        return taken;
    }
}
