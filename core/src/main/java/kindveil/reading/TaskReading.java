package kindveil.reading;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import kindveil.bench.Bench;
import kindveil.bench.Bond;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.way.Trace;

/**
 * What a scheduler needs of a plan: tasks in their order, the lags between them, and what each keeps busy.
 *
 * @param tasks acts the plan expects, in order
 * @param lags from the end of one to the start of another
 */
public record TaskReading(List<Task> tasks, List<Lag> lags) {

    /** What can be busy. {@code FLAT_SPACE} is kept from the act that lays something until it may be moved. */
    public enum Resource {
        ARTIST, PLATE, WEIGHT, HEAT_TOOL, TRAY, FLAT_SPACE
    }

    /**
     * One act.
     *
     * @param busy while hands are on it
     * @param kept after it, until the next task of the plan begins
     */
    public record Task(String act, String title, Duration handsOn, Set<Resource> busy, Set<Resource> kept) {
    }

    /** @param most null where more never harms */
    public record Lag(String from, String to, Duration least, Duration advised, Duration most) {
        public boolean bounded() {
            return most != null;
        }
    }

    public TaskReading {
        tasks = List.copyOf(tasks);
        lags = List.copyOf(lags);
    }

    public static TaskReading of(Trace trace) {
        List<Task> tasks = new ArrayList<>();
        List<Lag> lags = new ArrayList<>();
        for (Trace.Moment moment : trace.moments()) {
            tasks.add(new Task(moment.act().key(), moment.act().title(), moment.act().handsOn(), busy(moment), kept(moment.after())));
            for (Trace.Wait wait : moment.waits()) {
                lags.add(new Lag(wait.window().from(), wait.window().to(), wait.times().earliest(), wait.times().advised(), wait.times().latest()));
            }
        }
        return new TaskReading(tasks, lags);
    }

    private static Set<Resource> busy(Trace.Moment moment) {
        Set<Resource> busy = EnumSet.of(Resource.ARTIST);
        busy.addAll(kept(moment.before()));
        if (moment.act().step() instanceof Step.Heat) {
            busy.add(Resource.HEAT_TOOL);
        }
        if (moment.act().step() instanceof Step.Dissolve || moment.act().step() instanceof Step.Wet wet && (wet.tool() == Tool.TRAY || wet.tool() == Tool.HOT_TRAY)) {
            busy.add(Resource.TRAY);
        }
        return busy;
    }

    private static Set<Resource> kept(Bench bench) {
        Set<Resource> kept = EnumSet.noneOf(Resource.class);
        if (bench.has(ThingKind.PLATE)) {
            kept.add(Resource.PLATE);
        }
        if (bench.bonds().stream().anyMatch(Bond::loaded)) {
            kept.add(Resource.WEIGHT);
        }
        if (!bench.bonds().isEmpty() || bench.wettest(kindveil.bench.Face.SUPPORT_FRONT).filter(c -> c.wetness().waterShare(bench.now()) > 0.2).isPresent()) {
            kept.add(Resource.FLAT_SPACE);
        }
        return kept;
    }
}
