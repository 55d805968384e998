package kindveil.catalogue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kindveil.bench.Bench;
import kindveil.bench.Refusal;
import kindveil.bench.Step;
import kindveil.way.Act;
import kindveil.way.Plan;
import kindveil.way.Trace;

/** A plan walked otherwise than advised: acts left out, hurried, late, or done with another step. */
public final class Walk {
    private final Plan plan;
    private final Set<String> left = new HashSet<>();
    private final Set<String> hurried = new HashSet<>();
    private final Map<String, Duration> late = new HashMap<>();
    private final Map<String, Step> instead = new HashMap<>();

    private Walk(Plan plan) {
        this.plan = plan;
    }

    public static Walk of(Plan plan) {
        return new Walk(plan);
    }

    /** Leaves every act out whose key begins so. */
    public Walk without(String key) {
        requireKnown(key);
        plan.acts().stream().map(Act::key).filter(k -> k.startsWith(key)).forEach(left::add);
        return this;
    }

    /** Begins an act at once, whatever it should wait for. */
    public Walk hurrying(String key) {
        requireKnown(key);
        hurried.add(key);
        return this;
    }

    public Walk late(String key, Duration by) {
        requireKnown(key);
        late.put(key, by);
        return this;
    }

    public Walk instead(String key, Step step) {
        requireKnown(key);
        instead.put(key, step);
        return this;
    }

    private void requireKnown(String key) {
        if (plan.acts().stream().noneMatch(act -> act.key().startsWith(key))) {
            throw new IllegalArgumentException("no act " + key + " in " + plan.acts().stream().map(Act::key).toList());
        }
    }

    /** Everything the bench has against it, in order. */
    public List<Refusal> refusals() {
        List<Refusal> found = new ArrayList<>();
        Map<String, Trace.Moment> done = new HashMap<>();
        Bench bench = plan.bench();
        int i = 0;
        while (i < plan.acts().size()) {
            Act act = plan.acts().get(i);
            if (!left.contains(act.key())) {
                Act taken = instead.containsKey(act.key()) ? new Act(act.key(), instead.get(act.key()), act.title(), act.how(), act.handsOn(), act.answers(), act.expected()) : act;
                List<Trace.Wait> waits = Trace.waits(plan, act, done);
                Duration advised = waits.stream().map(Trace.Wait::advisedEnd).reduce(bench.now(), (a, b) -> a.compareTo(b) >= 0 ? a : b);
                Duration start = (hurried.contains(act.key()) ? bench.now() : advised).plus(late.getOrDefault(act.key(), Duration.ZERO));
                Trace.Moment moment = Trace.moment(taken, bench, start, start.plus(act.handsOn()), waits);
                found.addAll(moment.refusals());
                done.put(act.key(), moment);
                bench = moment.after();
            }
            i = Trace.next(plan, i, act.answers().get(act.expected()));
        }
        return found;
    }
}
