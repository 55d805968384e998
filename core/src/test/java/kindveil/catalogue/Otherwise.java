package kindveil.catalogue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kindveil.bench.Refusal;
import kindveil.bench.Step;
import kindveil.measure.Span;
import kindveil.way.Act;
import kindveil.way.Plan;
import kindveil.way.Trace;
import kindveil.way.Walk;

/** A plan walked otherwise than advised: acts left out, hurried, late, or done with another step. */
public final class Otherwise {
    private final Plan plan;
    private final Set<String> left = new HashSet<>();
    private final Set<String> hurried = new HashSet<>();
    private final Map<String, Duration> late = new HashMap<>();
    private final Map<String, Step> instead = new HashMap<>();

    private Otherwise(Plan plan) {
        this.plan = plan;
    }

    public static Otherwise of(Plan plan) {
        return new Otherwise(plan);
    }

    /** Leaves every act out whose key begins so. */
    public Otherwise without(String key) {
        requireKnown(key);
        plan.acts().stream().map(Act::key).filter(k -> k.startsWith(key)).forEach(left::add);
        return this;
    }

    /** Begins an act at once, whatever it should wait for. */
    public Otherwise hurrying(String key) {
        requireKnown(key);
        hurried.add(key);
        return this;
    }

    public Otherwise late(String key, Duration by) {
        requireKnown(key);
        late.put(key, by);
        return this;
    }

    public Otherwise instead(String key, Step step) {
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
        Walk walk = Walk.of(new Plan(plan.bench(), plan.acts().stream().map(this::replaced).toList(), plan.windows()));
        while (walk.current().isPresent()) {
            Act act = walk.current().get();
            if (left.contains(act.key())) {
                walk.leaveOut();
                continue;
            }
            Duration advised = walk.waits(act).stream().map(Trace.Wait::advisedEnd).reduce(walk.bench().now(), Span::longer);
            Duration start = (hurried.contains(act.key()) ? walk.bench().now() : advised).plus(late.getOrDefault(act.key(), Duration.ZERO));
            found.addAll(walk.take(start, start.plus(act.handsOn()), act.usual()).refusals());
        }
        return found;
    }

    private Act replaced(Act act) {
        Step step = instead.getOrDefault(act.key(), act.step());
        return new Act(act.id(), step, act.title(), act.how(), act.handsOn(), act.answers(), act.expected());
    }
}
