package kindveil.reading;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import kindveil.bench.Bench;
import kindveil.bench.Bond;
import kindveil.bench.Face;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.drying.Drying;
import kindveil.drying.Stage;
import kindveil.measure.Area;
import kindveil.measure.Length;
import kindveil.way.ActId;
import kindveil.way.Times;
import kindveil.way.Trace;
import org.jspecify.annotations.Nullable;

/**
 * What a scheduler needs of a plan: tasks in their order, the lags between them, and what each keeps busy.
 *
 * @param tasks acts the plan expects, in order
 * @param lags from the end of one to the start of another
 */
public record TaskReading(List<Task> tasks, List<Lag> lags) {
    /** Around an image something dry must lie free, on each side. */
    private static final Length ROOM_AROUND = Length.ofMillimetres(20);

    /** What can be busy; counted in pieces, flat space in cm². */
    public enum Resource {
        ARTIST("hands"), PLATE("gel plate"), WEIGHT("flat weight"), HEAT_TOOL("heat tool"), TRAY("tray"), FLAT_SPACE("flat space, cm²");

        private final String words;

        Resource(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** So much of a resource. */
    public record Use(Resource resource, double amount) {
    }

    /**
     * One act.
     *
     * @param busy while hands are on it
     * @param kept after it, until the next task of the plan begins
     */
    public record Task(ActId act, String title, Duration handsOn, List<Use> busy, List<Use> kept) {
        public Task {
            busy = List.copyOf(busy);
            kept = List.copyOf(kept);
        }
    }

    /**
     * A wait as a distribution.
     *
     * @param least never sooner
     * @param advised what a plan reckons with: what nine in ten need, and what practice says at least
     * @param spread of the drying behind it, or null where practice alone tells
     * @param most too late after it, or null where more never harms
     * @param never whether it has no end in this room
     */
    public record Lag(ActId from, ActId to, Duration least, Duration advised, Drying.@Nullable Spread spread, @Nullable Duration most, boolean never) {
        public boolean bounded() {
            return most != null;
        }
    }

    public TaskReading {
        tasks = List.copyOf(tasks);
        lags = List.copyOf(lags);
    }

    /** Of a picture of some width and height. */
    public static TaskReading of(Trace trace, Length width, Length height) {
        double space = space(width, height);
        List<Task> tasks = new ArrayList<>();
        List<Lag> lags = new ArrayList<>();
        for (Trace.Moment moment : trace.moments()) {
            tasks.add(new Task(moment.act().id(), moment.act().title(), moment.act().handsOn(), busy(moment, space), kept(moment, space)));
            for (Trace.Wait wait : moment.waits()) {
                Times times = wait.times();
                lags.add(new Lag(wait.window().from(), wait.window().to(), times.earliest(), times.advised(), times.spread(), times.latest(), times.never()));
            }
        }
        return new TaskReading(tasks, lags);
    }

    /** Flat space a picture takes while it lies, in cm². */
    public static double space(Length width, Length height) {
        return Area.of(width.plus(ROOM_AROUND.times(2)), height.plus(ROOM_AROUND.times(2))).squareMillimetres() / 100;
    }

    /** What an act leaves busy until the next begins. */
    public static List<Use> kept(Trace.Moment moment, double space) {
        List<Use> kept = kept(moment.after(), space);
        if (moment.act().step() instanceof Step.Wet wet && wet.bath().immerses()) {
            kept.add(new Use(Resource.TRAY, 1));
        }
        return kept;
    }

    private static List<Use> busy(Trace.Moment moment, double space) {
        List<Use> busy = new ArrayList<>(List.of(new Use(Resource.ARTIST, 1)));
        busy.addAll(kept(moment.before(), space));
        switch (moment.act().step()) {
            case Step.Heat heat -> busy.add(new Use(Resource.HEAT_TOOL, 1));
            case Step.Dissolve dissolve -> busy.add(new Use(Resource.TRAY, 1));
            case Step.Wet wet when wet.bath().immerses() -> busy.add(new Use(Resource.TRAY, 1));
            case Step.SetOut s -> { }
            case Step.Prepare s -> { }
            case Step.Mix s -> { }
            case Step.Apply s -> { }
            case Step.Join s -> { }
            case Step.Press s -> { }
            case Step.Load s -> { }
            case Step.Unload s -> { }
            case Step.Part s -> { }
            case Step.RubAway s -> { }
            case Step.Wet s -> { }
            case Step.Abrade s -> { }
            case Step.Infuse s -> { }
            case Step.Move s -> { }
            case Step.Cut s -> { }
            case Step.Outline s -> { }
            case Step.Blot s -> { }
            case Step.WashUp s -> { }
            case Step.Judge s -> { }
        }
        return busy;
    }

    private static List<Use> kept(Bench bench, double space) {
        List<Use> kept = new ArrayList<>();
        if (bench.has(ThingKind.PLATE)) {
            kept.add(new Use(Resource.PLATE, 1));
        }
        long weights = bench.bonds().stream().filter(Bond::loaded).count();
        if (weights > 0) {
            kept.add(new Use(Resource.WEIGHT, weights));
        }
        long lying = bench.things().stream().filter(thing -> Stream.of(Face.Side.values())
                .anyMatch(side -> bench.wettest(new Face(thing.kind(), side)).filter(c -> c.waterShare(bench.now()) > Stage.TOUCH_DRY.waterShare()).isPresent())).count();
        if (!bench.bonds().isEmpty() || lying > 0) {
            kept.add(new Use(Resource.FLAT_SPACE, space * Math.max(1, lying - bench.bonds().size())));
        }
        return kept;
    }
}
