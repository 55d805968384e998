package kindveil.way;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import kindveil.bench.Bench;
import kindveil.way.Answer.Effect;

/**
 * A way expanded for one brief; see the package specification for what valid means.
 *
 * @param bench what lies ready before the first act, with the room's air
 */
public record Plan(Bench bench, List<Act> acts, List<Window> windows) {
    public Plan {
        acts = List.copyOf(acts);
        windows = List.copyOf(windows);
        List<String> keys = acts.stream().map(Act::key).toList();
        Set<String> distinct = new HashSet<>(keys);
        if (acts.isEmpty() || distinct.size() != keys.size()) {
            throw new IllegalArgumentException("Impossible state: acts %s are empty or named twice.".formatted(keys));
        }
        for (Window window : windows) {
            if (keys.indexOf(window.from()) < 0 || keys.indexOf(window.from()) >= keys.indexOf(window.to())) {
                throw new IllegalArgumentException("Impossible state: a window from %s to %s.".formatted(window.from(), window.to()));
            }
        }
        for (Act act : acts) {
            for (Answer answer : act.answers()) {
                if (answer.effect() instanceof Effect.SkipTo skip && !distinct.contains(skip.act())) {
                    throw new IllegalArgumentException("Impossible state: %s leads to %s, which is not in the plan.".formatted(act.key(), skip.act()));
                }
            }
        }
    }

    public Optional<Act> act(String key) {
        return acts.stream().filter(act -> act.key().equals(key)).findFirst();
    }

    public int indexOf(String key) {
        return acts.stream().map(Act::key).toList().indexOf(key);
    }

    public List<Window> endingAt(String key) {
        return windows.stream().filter(window -> window.to().equals(key)).toList();
    }

    public static Builder on(Bench bench) {
        return new Builder(bench);
    }

    /** Collects acts and windows in the order a way declares them. */
    public static final class Builder {
        private final Bench bench;
        private final List<Act> acts = new ArrayList<>();
        private final List<Window> windows = new ArrayList<>();

        private Builder(Bench bench) {
            this.bench = bench;
        }

        public Builder act(Act act) {
            acts.add(act);
            return this;
        }

        List<Window> windows() {
            return List.copyOf(windows);
        }

        List<Act> acts() {
            return List.copyOf(acts);
        }

        public Builder window(Window window) {
            windows.add(window);
            return this;
        }

        public Plan build() {
            return new Plan(bench, acts, windows);
        }
    }
}
