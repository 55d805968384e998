package kindveil.making;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import kindveil.measure.UnusableValue;
import kindveil.way.Act;
import kindveil.way.Answer;
import kindveil.bench.Bench;
import kindveil.way.Plan;
import kindveil.bench.Refusal;
import kindveil.way.Trace;
import kindveil.way.Trace.Moment;

/** A plan in the making; see the package specification. */
public final class Making {
    private final Plan plan;
    private final Instant begun;
    private final Map<String, Moment> done = new LinkedHashMap<>();
    private final Set<String> assumed = new HashSet<>();
    private Bench bench;
    private int index;
    private Instant last;
    private Answer rescue;

    private Making(Plan plan, Instant begun) {
        this.plan = plan;
        this.begun = begun;
        this.bench = plan.bench();
        this.last = begun;
    }

    public static Making of(Plan plan, Instant begun, List<Deed> deeds) {
        Making making = new Making(plan, begun);
        deeds.forEach(making::add);
        return making;
    }

    /** As far as the deeds fit: a making told of before its way was written otherwise stands where the two part. */
    public static Making asFarAsItFits(Plan plan, Instant begun, List<Deed> deeds) {
        Making making = new Making(plan, begun);
        for (Deed deed : deeds) {
            if (making.current().map(act -> !act.key().equals(deed.act()) || deed.answer() >= act.answers().size()).orElse(true)) {
                return making;
            }
            making.add(deed);
        }
        return making;
    }

    private void add(Deed deed) {
        Act act = current().orElseThrow(() -> new UnusableValue("act", deed.act(), "nothing more: the plan is finished",
                "Take back the last act if it was a slip."));
        if (!act.key().equals(deed.act())) {
            throw new UnusableValue("act", deed.act(), "“%s”, the act at hand".formatted(act.title()),
                    "The bench has moved on, perhaps in another window: look again.");
        }
        if (deed.answer() >= act.answers().size()) {
            throw new UnusableValue("answer", String.valueOf(deed.answer() + 1), "1 to " + act.answers().size(), "Choose one of the answers shown.");
        }
        if (deed.at().isBefore(last)) {
            throw new UnusableValue("time", deed.at().toString(), "a time after the act before it (%s)".formatted(last),
                    "Take back the act before it first, or give a later time.");
        }
        take(act, deed);
    }

    private void take(Act act, Deed deed) {
        Answer answer = act.answers().get(deed.answer());
        last = deed.at();
        if (answer.effect() instanceof Answer.Effect.Rescue) {
            rescue = answer;
            return;
        }
        rescue = null;
        Duration end = Duration.between(begun, deed.at());
        Moment moment = Trace.moment(act, bench, started(act, end), end, Trace.waits(plan, act, done));
        done.put(act.key(), moment);
        if (deed.assumed()) {
            assumed.add(act.key());
        }
        bench = moment.after();
        index = Trace.next(plan, index, answer);
    }

    /** When the hands must have begun an act that ends at {@code end}. */
    private Duration started(Act act, Duration end) {
        Duration back = end.minus(act.handsOn());
        return back.compareTo(bench.now()) < 0 ? bench.now() : back;
    }

    public Plan plan() {
        return plan;
    }

    public Instant begun() {
        return begun;
    }

    public Optional<Act> current() {
        return index < plan.acts().size() ? Optional.of(plan.acts().get(index)) : Optional.empty();
    }

    /** The act after the one at hand if its check goes as the plan expects. */
    public Optional<Act> following() {
        return current().map(act -> Trace.next(plan, index, act.answers().get(act.expected())))
                .filter(i -> i < plan.acts().size()).map(plan.acts()::get);
    }

    /** Position of the act at hand among those the plan expects, from 1. */
    public int position() {
        return done.size() + 1;
    }

    /** How many acts are left if all goes as the plan expects, the one at hand included. */
    public int remaining() {
        int count = 0;
        int i = index;
        while (i < plan.acts().size()) {
            count++;
            Act act = plan.acts().get(i);
            i = Trace.next(plan, i, act.answers().get(act.expected()));
        }
        return count;
    }

    public boolean finished() {
        return current().isEmpty();
    }

    /** The rescue to show, when the last answer asked for one. */
    public Optional<Answer> rescue() {
        return Optional.ofNullable(rescue);
    }

    /** The last deed's time, before which nothing more can have been done. */
    public Instant lastDeed() {
        return last;
    }

    /** Acts done, oldest first. */
    public List<Moment> moments() {
        return List.copyOf(done.values());
    }

    /** Whether an act was only taken as done. */
    public boolean assumed(String act) {
        return assumed.contains(act);
    }

    /** The window of the act at hand; empty when it can be done at any time. */
    public Optional<Clock> clock() {
        return current().flatMap(act -> Optional.ofNullable(Clock.all(clocks(act))));
    }

    private List<Clock> clocks(Act act) {
        return Trace.waits(plan, act, done).stream().map(pending -> Clock.of(pending, begun)).toList();
    }

    /** Everything else that has begun and leads to an act further on. */
    public List<Clock.Running> running() {
        List<Clock.Running> running = new ArrayList<>();
        for (Act act : plan.acts().subList(Math.min(index + 1, plan.acts().size()), plan.acts().size())) {
            for (Trace.Wait pending : Trace.waits(plan, act, done)) {
                running.add(new Clock.Running(act, pending.window(), Clock.of(pending, begun)));
            }
        }
        return running;
    }

    /**
     * What is still to come if nothing is begun before {@code now}, every check goes as expected and every wait is
     * the advised one.
     */
    public List<Moment> forecast(Instant now) {
        List<Moment> coming = new ArrayList<>();
        Map<String, Moment> all = new LinkedHashMap<>(done);
        Duration earliest = Duration.between(begun, now.isBefore(last) ? last : now);
        Bench state = bench;
        int i = index;
        while (i < plan.acts().size()) {
            Act act = plan.acts().get(i);
            List<Trace.Wait> waits = Trace.waits(plan, act, all);
            Duration start = waits.stream().map(Trace.Wait::advisedEnd).reduce(earliest, (a, b) -> a.compareTo(b) >= 0 ? a : b);
            Moment moment = Trace.moment(act, state, start, start.plus(act.handsOn()), waits);
            coming.add(moment);
            all.put(act.key(), moment);
            state = moment.after();
            earliest = moment.end();
            i = Trace.next(plan, i, act.answers().get(act.expected()));
        }
        return coming;
    }

    /** What the bench has against doing the act at hand so that it is done at {@code at}. */
    public List<Refusal> refusals(Instant at) {
        return current().map(act -> {
            Duration end = Duration.between(begun, at.isBefore(last) ? last : at);
            return bench.at(started(act, end)).refusals(act.step());
        }).orElse(List.of());
    }

    /** The bench as it is at {@code at}. */
    public Bench bench(Instant at) {
        Duration elapsed = Duration.between(begun, at);
        return elapsed.compareTo(bench.now()) <= 0 ? bench : bench.at(elapsed);
    }
}
