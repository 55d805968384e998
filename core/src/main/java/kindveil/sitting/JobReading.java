package kindveil.sitting;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.drying.Drying;
import kindveil.drying.DryingAdvice;
import kindveil.measure.Length;
import kindveil.measure.Span;
import kindveil.reading.TaskReading;
import kindveil.reading.TaskReading.Resource;
import kindveil.reading.TaskReading.Use;
import kindveil.way.Act;
import kindveil.way.ActId;
import kindveil.way.Times;
import kindveil.way.Trace.Moment;
import kindveil.way.Trace.Wait;
import kindveil.way.Window;
import org.jspecify.annotations.Nullable;

/**
 * A plan as the tasks of one job. Acts stay in one task where a window between them is too tight to go away in, where wetted paper
 * would dry again, or where nothing is waited for; a long run of them is parted where that never harms.
 *
 * @param plot the job, or null where a wait never ends in this room
 * @param never the wait that never ends, or null
 * @param advice what would let it end, or null
 */
public record JobReading(Problem.@Nullable Plot plot, @Nullable Wait never, @Nullable DryingAdvice advice) {
    private static final Duration PAUSE = Duration.ofSeconds(30);
    /** A window with less room than this is not gone away in. */
    private static final Duration TIGHT = Duration.ofMinutes(20);
    /** In a gap shorter than this hands begin nothing else. */
    private static final int IDLE = 5;
    /** From so many minutes on, hands may stop where it never harms. */
    private static final int LONG = 12;

    /** Of a plan as it is walked from its first act. */
    public static JobReading of(Job job, List<Moment> moments, Length width, Length height) {
        return of(job, moments, width, height, moments.getFirst().start());
    }

    /** Of what is still to come. @param zero the plan's beginning, on the bench's time: what is waited for since before it bounds a task */
    public static JobReading of(Job job, List<Moment> moments, Length width, Length height, Duration zero) {
        for (Moment moment : moments) {
            for (Wait wait : moment.waits()) {
                if (wait.times().never() && wait.window() instanceof Window.Dry dry) {
                    return new JobReading(null, wait, Times.advice(dry, moment.before().air().last()));
                }
            }
        }
        return new JobReading(new Reader(moments, zero, TaskReading.space(width, height)).plot(job), null, null);
    }

    private static final class Reader {
        private final List<Moment> moments;
        private final Duration zero;
        private final double space;
        private final Map<ActId, Integer> index = new HashMap<>();
        private final int[] task;
        private final List<List<Moment>> runs = new ArrayList<>();

        Reader(List<Moment> moments, Duration zero, double space) {
            this.moments = moments;
            this.zero = zero;
            this.space = space;
            this.task = new int[moments.size()];
            for (int i = 0; i < moments.size(); i++) {
                index.put(moments.get(i).act().id(), i);
            }
            int from = 0;
            for (int i = 1; i <= moments.size(); i++) {
                if (i == moments.size() || parted(from, i)) {
                    runs.add(moments.subList(from, i));
                    from = i;
                }
                if (i < moments.size()) {
                    task[i] = runs.size();
                }
            }
        }

        /** Whether hands may be elsewhere between an act and the one before it. */
        private boolean parted(int from, int i) {
            boolean waits = moments.get(i).start().minus(moments.get(i - 1).end()).compareTo(PAUSE) >= 0;
            if (!waits && minutesUp(moments.get(i - 1).end().minus(moments.get(from).start())) < LONG) {
                return false;
            }
            for (int j = i; j < moments.size(); j++) {
                for (Wait wait : moments.get(j).waits()) {
                    Integer began = index.get(wait.window().from());
                    if (began != null && began < i && (tight(wait) || driesAgain(moments.get(began).act()))) {
                        return false;
                    }
                }
            }
            return true;
        }

        private static boolean tight(Wait wait) {
            Duration latest = wait.times().latest();
            return latest != null && latest.minus(wait.times().advised()).compareTo(TIGHT) < 0;
        }

        private static boolean driesAgain(Act act) {
            return act.step() instanceof Step.Wet wet && !wet.bath().immerses();
        }

        Problem.Plot plot(Job job) {
            List<Lag> lags = new ArrayList<>();
            int[] earliest = new int[runs.size()];
            int[] latest = new int[runs.size()];
            java.util.Arrays.fill(latest, Task.ANY);
            for (int i = 0; i < moments.size(); i++) {
                for (Wait wait : moments.get(i).waits()) {
                    lag(lags, earliest, latest, i, wait);
                }
            }
            List<Task> tasks = new ArrayList<>();
            for (int t = 0; t < runs.size(); t++) {
                Task read = task(t);
                tasks.add(read.within(earliest[t], Math.max(earliest[t], latest[t])));
                if (t > 0) {
                    lags.add(new Lag(t - 1, t, tasks.get(t - 1).minutes(), null, ""));
                }
            }
            return new Problem.Plot(job, tasks, lags, holdings());
        }

        private Task task(int number) {
            List<Moment> run = runs.get(number);
            Duration from = run.getFirst().start();
            List<Task.Timed> acts = new ArrayList<>();
            List<Task.Span> hands = new ArrayList<>();
            int rubbing = 0;
            for (Moment moment : run) {
                int start = minutesDown(moment.start().minus(from));
                int end = Math.max(start + 1, minutesUp(moment.end().minus(from)));
                acts.add(new Task.Timed(moment.act().id(), moment.act().title(), start, end, loads(moment.act())));
                if (!hands.isEmpty() && start - hands.getLast().to() < IDLE) {
                    hands.set(hands.size() - 1, new Task.Span(hands.getLast().from(), Math.max(hands.getLast().to(), end)));
                } else {
                    hands.add(new Task.Span(start, end));
                }
                rubbing += moment.act().step() instanceof Step.RubAway ? end - start : 0;
            }
            return new Task(0, acts, hands.getLast().to(), hands, rubbing, 0, Task.ANY);
        }

        /** What a roller takes onto a plate: the product, in its colour. */
        private static @Nullable String loads(Act act) {
            return act.step() instanceof Step.Apply apply && apply.onto().thing() == ThingKind.PLATE ? "%s %s".formatted(apply.product().id(), apply.colour() == null ? "" : apply.colour()) : null;
        }

        /** From the beginning of a task to an act of it. */
        private Duration into(int i) {
            return moments.get(i).start().minus(runs.get(task[i]).getFirst().start());
        }

        private void lag(List<Lag> lags, int[] earliest, int[] latest, int i, Wait wait) {
            Integer began = index.get(wait.window().from());
            Duration most = wait.times().latest();
            if (began == null) {
                earliest[task[i]] = Math.max(earliest[task[i]], minutesUp(wait.advisedEnd().minus(zero).minus(into(i))));
                if (most != null) {
                    latest[task[i]] = Math.min(latest[task[i]], minutesDown(wait.began().plus(most).minus(zero).minus(into(i))));
                }
            } else if (task[began] != task[i]) {
                Duration ends = moments.get(began).end().minus(moments.get(began).start()).plus(into(began));
                lags.add(new Lag(task[began], task[i], minutesUp(ends.plus(wait.times().advised()).minus(into(i))), most == null ? null : minutesDown(ends.plus(most).minus(into(i))), dries(wait), wait.window().why()));
            }
        }

        private static Lag.@Nullable Dries dries(Wait wait) {
            Drying.Spread spread = wait.times().spread();
            return spread == null || wait.times().latest() != null ? null
                    : new Lag.Dries(Span.inMinutes(spread.quarter()), Span.inMinutes(spread.half()), Span.inMinutes(spread.nineTenths()), Span.inMinutes(wait.times().advised()));
        }

        /** Each thing from the act it is taken at until the act at whose beginning it is free. */
        private List<Holding> holdings() {
            List<Holding> holdings = new ArrayList<>();
            for (Resource what : Resource.values()) {
                int from = -1;
                int amount = 0;
                for (int i = 0; i < moments.size(); i++) {
                    int now = i == moments.size() - 1 ? 0 : kept(i, what);
                    if (now != amount) {
                        hold(holdings, what, amount, from, i);
                        from = i;
                        amount = now;
                    }
                }
                if (what == Resource.HEAT_TOOL) {
                    heated(holdings);
                }
            }
            return holdings;
        }

        private void hold(List<Holding> holdings, Resource what, int amount, int from, int until) {
            if (amount > 0) {
                holdings.add(new Holding(what, amount, task[from], minutesDown(into(from)), task[until], minutesUp(into(until))));
            }
        }

        private void heated(List<Holding> holdings) {
            for (int i = 0; i < moments.size(); i++) {
                if (moments.get(i).act().step() instanceof Step.Heat) {
                    holdings.add(new Holding(Resource.HEAT_TOOL, 1, task[i], minutesDown(into(i)), task[i], Math.max(minutesDown(into(i)) + 1, minutesUp(into(i).plus(moments.get(i).act().handsOn())))));
                }
            }
        }

        private int kept(int i, Resource what) {
            return TaskReading.kept(moments.get(i), space).stream().filter(use -> use.resource() == what).mapToDouble(Use::amount).mapToInt(amount -> (int) Math.ceil(amount)).sum();
        }
    }

    private static int minutesUp(Duration duration) {
        return (int) Math.max(0, Math.ceilDiv(duration.toMillis(), 60_000L));
    }

    private static int minutesDown(Duration duration) {
        return (int) Math.max(0, Math.floorDiv(duration.toMillis(), 60_000L));
    }
}
