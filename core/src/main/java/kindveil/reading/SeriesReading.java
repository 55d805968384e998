package kindveil.reading;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import kindveil.bench.Face;
import kindveil.bench.Preparation;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.measure.Span;
import kindveil.measure.UnusableValue;
import kindveil.way.Act;
import kindveil.way.ActId;
import kindveil.way.Trace;

/**
 * Several pulls of one plan by one pair of hands: what is made ready for all of them is made ready once, and each is begun as soon as
 * hands and plate are free for what of it cannot be interrupted. Acts that an upper limit, water that dries again or no wait ties together keep their times to
 * each other as the plan has them, so no window is missed; between such runs a pull waits as long as it has to.
 *
 * @param pulls in the order they are begun
 * @param single how long one alone takes
 */
public record SeriesReading(List<Pull> pulls, Duration single) {
    public static final int MOST = 12;
    private static final Duration PAUSE = Duration.ofSeconds(30);

    /** One pull. @param acts what hands do for it, in order */
    public record Pull(List<Timed> acts) {
        public Pull {
            acts = List.copyOf(acts);
        }

        public Duration start() {
            return acts.getFirst().start();
        }

        public Duration end() {
            return acts.getLast().end();
        }
    }

    /** One act at its time. */
    public record Timed(Act act, Duration start, Duration end) {
        private boolean meets(Duration otherStart, Duration otherEnd) {
            return otherStart.compareTo(end) < 0 && start.compareTo(otherEnd) < 0;
        }
    }

    public SeriesReading {
        pulls = List.copyOf(pulls);
    }

    /** Whether an act makes something ready for every pull at once: a mixture, the table, a bottle. */
    public static boolean shared(Act act) {
        return act.step() instanceof Step.Mix || act.step() instanceof Step.Prepare prepare
                && (prepare.what() == Preparation.SHAKE_GEL || prepare.what() == Preparation.LAY_STATIONS || prepare.what() == Preparation.PROTECT_TABLE || prepare.what() == Preparation.TEST_SHINE);
    }

    /** From the first act to the end of the last. */
    public Duration elapsed() {
        return pulls.stream().map(Pull::end).reduce(Duration.ZERO, Span::longer);
    }

    /** How long one after the other would take. */
    public Duration oneByOne() {
        return single.multipliedBy(pulls.size());
    }

    public Duration handsOn() {
        return pulls.stream().flatMap(pull -> pull.acts.stream()).map(timed -> timed.end.minus(timed.start)).reduce(Duration.ZERO, Duration::plus);
    }

    /** What is made ready once, each as long as it takes. */
    public List<Act> once() {
        return pulls.getFirst().acts.stream().map(Timed::act).filter(SeriesReading::shared).toList();
    }

    /** @param plates gel plates there are, where the plan takes one */
    public static SeriesReading of(Trace trace, int pulls, int plates) {
        UnusableValue.requireWithin("Pulls", pulls, 1, MOST, "", "More of them are a second series.");
        UnusableValue.requireWithin("Gel plates", plates, 1, MOST, "", "Count those of its size.");
        List<Run> runs = runs(trace.moments());
        List<Pull> placed = new ArrayList<>();
        List<Duration> released = new ArrayList<>();
        Map<ActId, Duration> once = new HashMap<>();
        for (int i = 0; i < pulls; i++) {
            List<Duration> latest = released.stream().sorted(Comparator.reverseOrder()).toList();
            Duration plateFree = latest.size() < plates ? Duration.ZERO : latest.get(plates - 1);
            Placing placing = new Placing(trace, placed, once, plateFree);
            runs.forEach(placing::place);
            placed.add(new Pull(placing.own));
            placing.own.stream().filter(timed -> onPlate(timed.act)).map(Timed::end).reduce(Span::longer).ifPresent(released::add);
            if (i == 0) {
                placing.own.stream().filter(timed -> shared(timed.act)).forEach(timed -> once.put(timed.act.id(), timed.end));
            }
        }
        return new SeriesReading(placed, trace.moments().getLast().end());
    }

    /** Whether the plan takes a gel plate. */
    public static boolean takesPlate(Trace trace) {
        return trace.moments().stream().anyMatch(moment -> onPlate(moment.act()));
    }

    /** Whether an act keeps a gel plate busy: from where it is laid out until what lies on it is off. */
    public static boolean onPlate(Act act) {
        return switch (act.step()) {
            case Step.SetOut out -> out.thing().kind() == ThingKind.PLATE;
            case Step.Apply apply -> plate(apply.onto());
            case Step.Join join -> plate(join.onto()) || plate(join.moving());
            case Step.Press press -> plate(press.over());
            case Step.Part part -> plate(part.from()) || part.away() == ThingKind.PLATE;
            default -> false;
        };
    }

    private static boolean plate(Face face) {
        return face.thing() == ThingKind.PLATE;
    }

    /** Acts that keep their times to each other. @param offsets of their beginnings, from the first */
    private record Run(List<Trace.Moment> moments, List<Duration> offsets) {
    }

    /** How long hands are tied to what comes first of it, until it can be left for as long as one likes. */
    public static Duration tied(List<Trace.Moment> coming) {
        if (coming.isEmpty()) {
            return Duration.ZERO;
        }
        Run first = runs(coming).getFirst();
        return first.moments.getLast().end().minus(first.moments.getFirst().start());
    }

    private static List<Run> runs(List<Trace.Moment> moments) {
        List<Run> runs = new ArrayList<>();
        int from = 0;
        for (int i = 1; i <= moments.size(); i++) {
            if (i == moments.size() || loose(moments, i)) {
                Duration zero = moments.get(from).start();
                List<Trace.Moment> own = moments.subList(from, i);
                runs.add(new Run(own, own.stream().map(moment -> moment.start().minus(zero)).toList()));
                from = i;
            }
        }
        return runs;
    }

    /** Whether hands may be elsewhere before an act for as long as they like. */
    private static boolean loose(List<Trace.Moment> moments, int index) {
        if (moments.get(index).start().minus(moments.get(index - 1).end()).compareTo(PAUSE) < 0) {
            return false;
        }
        Map<ActId, Act> before = new HashMap<>();
        moments.subList(0, index).forEach(moment -> before.put(moment.act().id(), moment.act()));
        return moments.subList(index, moments.size()).stream().flatMap(moment -> moment.waits().stream())
                .noneMatch(wait -> before.containsKey(wait.window().from()) && (wait.times().latest() != null || driesAgain(before.get(wait.window().from()))));
    }

    /** Paper wetted on its face is dry again soon; in a tray it stays wet. */
    private static boolean driesAgain(Act act) {
        return act.step() instanceof Step.Wet wet && !wet.bath().immerses();
    }

    /** One pull while it finds its place among those placed before it. */
    private static final class Placing {
        private final List<Timed> busy;
        private final Map<ActId, Duration> once;
        private final Duration plateFree;
        private final List<Timed> own = new ArrayList<>();
        private final Map<ActId, Duration> ended;

        Placing(Trace trace, List<Pull> placed, Map<ActId, Duration> once, Duration plateFree) {
            this.busy = placed.stream().flatMap(pull -> pull.acts.stream()).toList();
            this.once = once;
            this.plateFree = plateFree;
            this.ended = new HashMap<>(once);
        }

        /** As early as what it waits for, the plate and the hands allow. */
        void place(Run run) {
            List<Timed> rest = new ArrayList<>();
            Duration soonest = own.isEmpty() ? Duration.ZERO : own.getLast().end();
            Duration gained = Duration.ZERO;
            for (int i = 0; i < run.moments.size(); i++) {
                Trace.Moment moment = run.moments.get(i);
                if (once.containsKey(moment.act().id())) {
                    // hands save its time, and what follows without a wait moves up by it
                    gained = gained.plus(i + 1 < run.moments.size() && run.moments.get(i + 1).waits().isEmpty() ? moment.act().handsOn() : Duration.ZERO);
                    soonest = Span.longer(soonest, once.get(moment.act().id()));
                    continue;
                }
                Duration offset = run.offsets.get(i).minus(gained);
                for (Trace.Wait wait : moment.waits()) {
                    Duration from = ended.get(wait.window().from());
                    soonest = from == null ? soonest : Span.longer(soonest, from.plus(wait.times().advised()).minus(offset));
                }
                soonest = onPlate(moment.act()) && own.stream().noneMatch(timed -> onPlate(timed.act)) ? Span.longer(soonest, plateFree.minus(offset)) : soonest;
                rest.add(new Timed(moment.act(), offset, offset.plus(moment.act().handsOn())));
            }
            if (rest.isEmpty()) {
                return;
            }
            Duration zero = rest.getFirst().start;
            Duration at = free(rest, Span.longer(soonest.plus(zero), own.isEmpty() ? Duration.ZERO : own.getLast().end()).minus(zero));
            for (Timed timed : rest) {
                own.add(new Timed(timed.act, at.plus(timed.start), at.plus(timed.end)));
                ended.put(timed.act.id(), at.plus(timed.end));
            }
        }

        /** The first time from {@code at} on at which none of them meets what hands are at already: past each that is met, no sooner one would do. */
        private Duration free(List<Timed> rest, Duration at) {
            Duration free = at;
            boolean met = true;
            while (met) {
                met = false;
                for (Timed timed : rest) {
                    for (Timed other : (Iterable<Timed>) busyAt(free.plus(timed.start), free.plus(timed.end))::iterator) {
                        free = Span.longer(free, other.end.minus(timed.start));
                        met = true;
                    }
                }
            }
            return free;
        }

        private Stream<Timed> busyAt(Duration from, Duration to) {
            return busy.stream().filter(timed -> timed.meets(from, to));
        }
    }
}
