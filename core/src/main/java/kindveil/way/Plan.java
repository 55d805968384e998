package kindveil.way;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import kindveil.bench.Bench;
import kindveil.drying.Airing;
import kindveil.drying.RoomCourse;
import kindveil.way.Answer.Effect;

/**
 * A way expanded for one brief; see the package specification for what valid means.
 *
 * @param bench what lies ready before the first act, with the room's air
 * @param airings what moves the air while each way of the work is done; that of the bench where it is not said
 * @param risks what is set otherwise than is usual
 */
public record Plan(Bench bench, List<Act> acts, List<Window> windows, List<Airing> airings, List<Risk> risks) {
    /** With everything set as is usual. */
    public Plan(Bench bench, List<Act> acts, List<Window> windows, List<Airing> airings) {
        this(bench, acts, windows, airings, List.of());
    }

    /** All of it in the air of its bench. */
    public Plan(Bench bench, List<Act> acts, List<Window> windows) {
        this(bench, acts, windows, List.of());
    }

    public Plan {
        acts = List.copyOf(acts);
        airings = List.copyOf(airings);
        risks = List.copyOf(risks);
        windows = List.copyOf(windows);
        Map<ActId, Integer> places = new HashMap<>();
        for (int i = 0; i < acts.size(); i++) {
            places.put(acts.get(i).id(), i);
        }
        if (acts.isEmpty() || places.size() != acts.size()) {
            throw new IllegalArgumentException("Impossible state: acts %s are empty or named twice.".formatted(acts.stream().map(Act::id).toList()));
        }
        for (Window window : windows) {
            Integer from = places.get(window.from());
            Integer to = places.get(window.to());
            if (from == null || to == null || from >= to) {
                throw new IllegalArgumentException("Impossible state: a window from %s to %s.".formatted(window.from(), window.to()));
            }
        }
        for (Act act : acts) {
            for (Answer answer : act.answers()) {
                if (answer.effect() instanceof Effect.SkipTo skip && !places.containsKey(skip.act())) {
                    throw new IllegalArgumentException("Impossible state: %s leads to %s, which is not in the plan.".formatted(act.id(), skip.act()));
                }
            }
        }
    }

    /** What stands ready is taken and not mixed, and has rested as long as it stood. @param stood by the act that mixes it */
    public Plan taking(Map<ActId, Duration> stood) {
        List<Act> taken = acts.stream().map(act -> stood.containsKey(act.id()) ? act.taken() : act).toList();
        List<Window> rested = windows.stream().map(window -> window instanceof Window.Dry dry && dry.what() instanceof Window.Dries.Practice && stood.containsKey(dry.from()) ? dry.rested(stood.get(dry.from())) : window).toList();
        return new Plan(bench, taken, rested, airings, risks);
    }

    public Optional<Act> act(ActId id) {
        return acts.stream().filter(act -> act.id().equals(id)).findFirst();
    }

    /** The bench in the air an act is done in. */
    Bench aired(Bench now, Act act) {
        int part = act.id().part();
        return part >= airings.size() || now.air().at(now.now()).airing() == airings.get(part) ? now : now.aired(airings.get(part));
    }

    /** Position of an act, from 0; below 0 where it is not in the plan. */
    public int indexOf(ActId id) {
        for (int i = 0; i < acts.size(); i++) {
            if (acts.get(i).id().equals(id)) {
                return i;
            }
        }
        return -1;
    }

    public List<Window> endingAt(ActId id) {
        List<Window> ending = new ArrayList<>();
        for (Window window : windows) {
            if (window.to().equals(id)) {
                ending.add(window);
            }
        }
        return ending;
    }

    /** The position an answer leads to; one past the last when it is the end. */
    public int next(int index, Answer answer) {
        return switch (answer.effect()) {
            case Effect.GoOn go -> index + 1;
            case Effect.SkipTo skip -> indexOf(skip.act());
            case Effect.Rescue rescue -> index;
        };
    }

    /** Positions from {@code index} to the end if every check goes as expected. */
    public List<Integer> path(int index) {
        List<Integer> path = new ArrayList<>();
        for (int i = index; i < acts.size(); i = next(i, acts.get(i).usual())) {
            path.add(i);
        }
        return path;
    }

    /** The same plan in other air, aired as it was planned. */
    public Plan in(RoomCourse air) {
        return new Plan(bench.in(air.with(bench.room().airing())), acts, windows, airings, risks);
    }

    /** With another after it, begun when what this leaves on the support is through. */
    public Plan then(Plan other) {
        List<Window> between = List.of(Sequence.between(acts.getLast(), other.acts.getFirst()));
        return new Plan(bench, Stream.concat(acts.stream(), other.acts.stream()).toList(), Stream.of(windows, other.windows, between).flatMap(List::stream).toList(), Stream.concat(airings.stream(), other.airings.stream()).toList(), Stream.concat(risks.stream(), other.risks.stream()).toList());
    }

    public static Builder on(Bench bench) {
        return new Builder(bench);
    }

    /** Collects acts and windows in the order a way declares them. */
    public static final class Builder {
        private final Bench bench;
        private final List<Act> acts = new ArrayList<>();
        private final List<Window> windows = new ArrayList<>();
        private final List<Airing> airings = new ArrayList<>();
        private final List<Risk> risks = new ArrayList<>();

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

        public Builder aired(Airing airing) {
            airings.add(airing);
            return this;
        }

        void risk(Risk risk) {
            if (risks.stream().noneMatch(other -> other.part() == risk.part() && other.key().equals(risk.key()))) {
                risks.add(risk);
            }
        }

        public Plan build() {
            return new Plan(bench, acts, windows, airings, risks);
        }
    }
}
