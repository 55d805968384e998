package kindveil.sitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import kindveil.way.ActId;

/**
 * Something mixed once for several jobs, or standing in a jar already: its rest is counted from then and bounds what it is used for,
 * instead of being a lag of each job.
 */
public final class Mixed {
    private Mixed() {
    }

    /** Which task of a plot an act is in, or -1. */
    public static int task(Problem.Plot plot, ActId act) {
        return IntStream.range(0, plot.tasks().size()).filter(t -> plot.tasks().get(t).acts().stream().anyMatch(timed -> timed.act().equals(act))).findFirst().orElse(-1);
    }

    /** Minutes from the beginning of its task to the end of an act. */
    public static int ends(Problem.Plot plot, ActId act) {
        return plot.tasks().get(task(plot, act)).acts().stream().filter(timed -> timed.act().equals(act)).findFirst().orElseThrow().to();
    }

    /**
     * The plot as it is when what an act is to mix stands ready.
     *
     * @param rests why what is mixed rests, as its windows say it
     * @param since minute it was mixed at, which may lie behind
     * @param until minute after which it is no longer used
     * @param words what hands do instead of mixing
     */
    public static Problem.Plot of(Problem.Plot plot, ActId act, Set<String> rests, int since, int until, String words) {
        int mixes = task(plot, act);
        if (mixes < 0) {
            return plot;
        }
        int end = ends(plot, act);
        List<Task> tasks = new ArrayList<>(plot.tasks());
        tasks.set(mixes, titled(tasks.get(mixes), act, words));
        // nothing is taken out of a jar before it is filled
        bound(tasks, mixes, since - end, Task.ANY);
        List<Lag> lags = new ArrayList<>();
        for (Lag lag : plot.lags()) {
            if (lag.from() == mixes && rests.contains(lag.why())) {
                bound(tasks, lag.to(), since + lag.least() - end, until);
                // the order stays
                lags.add(new Lag(lag.from(), lag.to(), plot.tasks().get(mixes).minutes(), null, ""));
            } else {
                lags.add(lag);
            }
        }
        return new Problem.Plot(plot.job(), tasks, lags, plot.holdings());
    }

    /** The plot whose act mixes for others too, at a minute. */
    public static Problem.Plot at(Problem.Plot plot, ActId act, int minute, String words) {
        int mixes = task(plot, act);
        List<Task> tasks = new ArrayList<>(plot.tasks());
        tasks.set(mixes, titled(tasks.get(mixes), act, words).within(minute, minute));
        return new Problem.Plot(plot.job(), tasks, plot.lags(), plot.holdings());
    }

    private static void bound(List<Task> tasks, int task, int earliest, int latest) {
        Task it = tasks.get(task);
        int from = Math.max(it.earliest(), earliest);
        tasks.set(task, it.within(from, Math.max(from, Math.min(it.latest(), latest))));
    }

    private static Task titled(Task task, ActId act, String words) {
        return new Task(task.job(), task.acts().stream().map(timed -> timed.act().equals(act) ? new Task.Timed(act, words, timed.from(), timed.to(), timed.loads()) : timed).toList(), task.minutes(), task.hands(), task.rubbing(), task.earliest(), task.latest());
    }
}
