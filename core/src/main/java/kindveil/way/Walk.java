package kindveil.way;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import kindveil.bench.Bench;
import kindveil.bench.Concern;
import kindveil.drying.Belief;
import kindveil.measure.Span;
import kindveil.way.Trace.Moment;
import kindveil.way.Trace.Wait;

/**
 * A plan walked act by act on its bench: the one place where that is done. Who walks says when each act begins and ends and
 * how its check was answered; planned, told, forecast, late and rescheduled are only other times through the same walk.
 */
public final class Walk {
    /** What is spread in one go is as wet at its beginning as at its end. */
    private static final Duration ONE_GO = Duration.ofSeconds(30);
    private final Plan plan;
    private final Map<ActId, Moment> done = new LinkedHashMap<>();
    /** What was ready: since when it has stood, where that is before its act. */
    private final Map<ActId, Duration> stood = new HashMap<>();
    private Bench bench;
    private int index;
    /** Whether everything waited for so far gets there. */
    private boolean timed = true;

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
        other.stood.putAll(stood);
        other.bench = bench;
        other.index = index;
        other.timed = timed;
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
        return waits(act, Belief.UNLEARNED);
    }

    /** The same, with what was seen of what dries. */
    public List<Wait> waits(Act act, Belief belief) {
        List<Wait> waits = new ArrayList<>();
        for (Window window : plan.endingAt(act.id())) {
            Moment from = done.get(window.from());
            if (from != null) {
                waits.add(new Wait(window, Times.of(window, from.after(), belief), began(window, from)));
            }
        }
        return waits;
    }

    /** What rests has rested since it was mixed; everything else begins where its act ended. */
    private Duration began(Window window, Moment from) {
        boolean rests = window instanceof Window.Dry dry && dry.what() instanceof Window.Dries.Practice;
        return rests ? stood.getOrDefault(window.from(), from.end()) : from.end();
    }

    /** What an act is to mix is ready, and has stood since some time, which may lie before the plan begins. */
    public Walk stood(ActId act, Duration since) {
        stood.put(act, since);
        return this;
    }

    /** The act at hand done between two times of the bench, its check answered; moves on to where that leads. */
    public Moment take(Duration start, Duration end, Answer answer) {
        Act act = current().orElseThrow();
        return take(act, waits(act), start, end, answer);
    }

    private Moment take(Act act, List<Wait> waits, Duration start, Duration end, Answer answer) {
        Bench before = plan.aired(bench.at(start), act).soaked(past(waits, start));
        Bench after = before.at(end).after(act.step());
        Moment moment = new Moment(act, start, end, before, after, waits, before.refusals(act.step()), concerns(before, act, waits), timed);
        done.put(act.id(), moment);
        bench = after;
        index = plan.next(index, answer);
        return moment;
    }

    /** What the bench doubts of an act, and of one that ends an open wait whether its bed could be spread while it was open. */
    private List<Concern> concerns(Bench before, Act act, List<Wait> waits) {
        List<Concern> found = new ArrayList<>(before.concerns(act.step()));
        for (Wait wait : waits) {
            Moment from = done.get(wait.window().from());
            Duration latest = wait.times().latest();
            if (wait.window() instanceof Window.Open open && open.bed() != null && from != null && latest != null && from.act().handsOn().compareTo(latest) > 0 && from.act().handsOn().compareTo(ONE_GO) > 0) {
                found.add(new Concern(Concern.Grade.CARE, open.bed(), "Spreading it takes about %s, and it stays open for %s: where it was begun it closes before all of it is laid.".formatted(Span.words(from.act().handsOn()), Span.atMost(latest)),
                        "Half of the area at a time, a wider tool, or a slower medium."));
            }
        }
        return found;
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
        return toTheEnd(earliest, List.of());
    }

    /**
     * The same, taking over from another plan what comes to the same.
     *
     * @param other what came of the other plan, from the same bench on and by the same air: good as long as its acts and what they wait for are these
     */
    public List<Moment> toTheEnd(Duration earliest, List<Moment> other) {
        List<Moment> taken = new ArrayList<>();
        Duration free = Span.longer(earliest, bench.now());
        boolean alike = true;
        while (index < plan.acts().size()) {
            Act act = plan.acts().get(index);
            alike = alike && taken.size() < other.size() && same(act, other.get(taken.size()));
            Moment moment = alike ? taken(other.get(taken.size())) : soonest(act, free);
            taken.add(moment);
            free = moment.end();
        }
        return taken;
    }

    /** To the end, each act when it is said to begin but not before the one before it is done; as soon as it is advised where nothing is said; each check as expected. */
    public List<Moment> toTheEndAt(Function<ActId, Optional<Duration>> begins) {
        List<Moment> taken = new ArrayList<>();
        while (index < plan.acts().size()) {
            Act act = plan.acts().get(index);
            Optional<Duration> said = begins.apply(act.id());
            if (said.isEmpty()) {
                taken.add(soonest(act, bench.now()));
            } else {
                Duration start = Span.longer(said.get(), bench.now());
                List<Wait> waits = waits(act);
                timed = timed && gets(waits);
                taken.add(take(act, waits, start, start.plus(act.handsOn()), act.usual()));
            }
        }
        return taken;
    }

    private Moment soonest(Act act, Duration free) {
        List<Wait> waits = waits(act);
        timed = timed && gets(waits);
        Duration start = waits.stream().map(Wait::advisedEnd).reduce(free, Span::longer);
        return take(act, waits, start, start.plus(act.handsOn()), act.usual());
    }

    private static boolean gets(List<Wait> waits) {
        return waits.stream().noneMatch(wait -> wait.times().never());
    }

    private boolean same(Act act, Moment moment) {
        return act.equals(moment.act()) && plan.endingAt(act.id()).stream().filter(window -> done.containsKey(window.from())).toList().equals(moment.waits().stream().map(Wait::window).toList());
    }

    private Moment taken(Moment moment) {
        done.put(moment.act().id(), moment);
        bench = moment.after();
        timed = moment.timed();
        index = plan.next(index, moment.act().usual());
        return moment;
    }
}
