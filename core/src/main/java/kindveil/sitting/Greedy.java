package kindveil.sitting;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import kindveil.reading.TaskReading.Resource;
import org.jspecify.annotations.Nullable;

/**
 * Serial schedule generation: one group of tasks after another at the earliest place that keeps everything. A group is what a
 * greatest lag or something held ties together; where a later task of it finds no place, the one that tied it begins later.
 */
final class Greedy {
    private static final int MOST_TRIES = 4000;
    private final Problem problem;
    private final int[][] own;
    private final List<List<Lag>> into = new ArrayList<>();
    private final List<List<Holding>> ending = new ArrayList<>();
    private final int[][] groupEnd;
    private final int[] tail;
    private final int span;

    Greedy(Problem problem) {
        this.problem = problem;
        this.span = problem.horizon() + problem.tired().rest(problem.rubbingADay()) + 1;
        int n = problem.tasks().size();
        for (int i = 0; i < n; i++) {
            into.add(new ArrayList<>());
            ending.add(new ArrayList<>());
        }
        problem.lags().forEach(lag -> into.get(lag.to()).add(lag));
        problem.holdings().forEach(holding -> ending.get(holding.until()).add(holding));
        own = new int[problem.jobs().size()][];
        groupEnd = new int[own.length][];
        for (int job = 0; job < own.length; job++) {
            own[job] = problem.tasksOf(job);
            groupEnd[job] = groups(own[job]);
        }
        tail = tails();
    }

    /** For each task of a job, past which one its group ends. */
    private int[] groups(int[] tasks) {
        int[] end = new int[tasks.length];
        int until = 0;
        int first = 0;
        for (int i = 0; i < tasks.length; i++) {
            until = Math.max(until, i + 1);
            for (int j = i + 1; j < tasks.length; j++) {
                if (tied(tasks[i], tasks[j])) {
                    until = Math.max(until, j + 1);
                }
            }
            if (until == i + 1) {
                for (int k = first; k <= i; k++) {
                    end[k] = until;
                }
                first = i + 1;
            }
        }
        return end;
    }

    private boolean tied(int a, int b) {
        return into.get(b).stream().anyMatch(lag -> lag.from() == a && lag.most() != null) || ending.get(b).stream().anyMatch(holding -> holding.from() == a && problem.there().containsKey(holding.what()));
    }

    /** What must follow a task at least, its own minutes included. */
    private int[] tails() {
        int[] tails = new int[problem.tasks().size()];
        for (int i = tails.length - 1; i >= 0; i--) {
            tails[i] = Math.max(tails[i], problem.tasks().get(i).minutes());
            for (Lag lag : into.get(i)) {
                if (lag.from() < i) {
                    tails[lag.from()] = Math.max(tails[lag.from()], lag.least() + tails[i]);
                }
            }
        }
        return tails;
    }

    /** The best of several orders; empty where none led to a whole schedule. @param tries how many at random, besides the usual ones */
    Optional<Schedule> best(int tries, long seed) {
        Random random = new Random(seed);
        Schedule best = null;
        int least = Integer.MAX_VALUE;
        for (int t = 0; t < tries + Rule.values().length; t++) {
            Rule rule = t < Rule.values().length ? Rule.values()[t] : null;
            Schedule found = new Run(rule, random).all();
            if (found != null) {
                int cost = Cost.of(problem, found).total();
                if (cost < least) {
                    least = cost;
                    best = found;
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /** Which job goes on next. */
    private enum Rule {
        SOONEST, LONGEST_TAIL, DUE, IN_ORDER
    }

    private final class Run {
        private final @Nullable Rule rule;
        private final int[] starts = new int[problem.tasks().size()];
        private final BitSet hands = new BitSet(span);
        private final BitSet rubbing = new BitSet(span);
        private final Map<Resource, int[]> used = new EnumMap<>(Resource.class);
        private final int[] day = new int[problem.daysUsed()];
        private final double[] weight = new double[own.length];
        private int tries;

        Run(@Nullable Rule rule, Random random) {
            this.rule = rule;
            java.util.Arrays.fill(starts, -1);
            problem.there().keySet().forEach(what -> used.put(what, new int[span]));
            for (int job = 0; job < weight.length; job++) {
                weight[job] = rule == null ? 0.5 + random.nextDouble() : 1;
            }
        }

        @Nullable Schedule all() {
            int[] next = new int[own.length];
            while (true) {
                int job = -1;
                double most = Double.NEGATIVE_INFINITY;
                for (int j = 0; j < own.length; j++) {
                    if (next[j] < own[j].length) {
                        double urgent = urgency(j, own[j][next[j]]);
                        if (urgent > most) {
                            most = urgent;
                            job = j;
                        }
                    }
                }
                if (job < 0) {
                    return Schedule.of(starts);
                }
                int end = groupEnd[job][next[job]];
                if (!place(own[job], next[job], end)) {
                    return null;
                }
                next[job] = end;
            }
        }

        private double urgency(int job, int task) {
            int soonest = soonest(task);
            return switch (rule) {
                case SOONEST -> -soonest * 10_000.0 + tail[task];
                case LONGEST_TAIL -> tail[task] * 10_000.0 - soonest;
                case DUE -> -(double) problem.latest(own[job][own[job].length - 1]) * 10_000 - soonest + tail[task];
                case IN_ORDER -> -job;
                case null -> weight[job] * tail[task] - soonest;
            };
        }

        private int soonest(int task) {
            int soonest = problem.tasks().get(task).earliest();
            for (Lag lag : into.get(task)) {
                if (starts[lag.from()] >= 0) {
                    soonest = Math.max(soonest, starts[lag.from()] + lag.least());
                }
            }
            return soonest;
        }

        /** A whole group; nothing of it where there is no place for all. */
        private boolean place(int[] tasks, int from, int end) {
            int[] soonest = new int[end];
            int k = from;
            while (k < end) {
                if (++tries > MOST_TRIES) {
                    return false;
                }
                int task = tasks[k];
                int at = free(task, Math.max(soonest[k], soonest(task)));
                if (at < 0 || at > problem.latest(task)) {
                    return false;
                }
                int back = tooLate(tasks, from, k, at, soonest);
                if (back < 0) {
                    back = held(tasks, from, k, at, soonest);
                }
                if (back < 0) {
                    take(task, at, true);
                    k++;
                } else {
                    for (int j = k - 1; j >= back; j--) {
                        take(tasks[j], starts[tasks[j]], false);
                        soonest[j + 1] = 0;
                    }
                    k = back;
                }
            }
            return true;
        }

        /** The task of the group that must begin later for a greatest lag to hold; -1 where all do. */
        private int tooLate(int[] tasks, int from, int k, int at, int[] soonest) {
            for (Lag lag : into.get(tasks[k])) {
                Integer most = lag.most();
                if (most != null && starts[lag.from()] >= 0 && at - starts[lag.from()] > most) {
                    for (int j = from; j < k; j++) {
                        if (tasks[j] == lag.from()) {
                            soonest[j] = at - most;
                            return j;
                        }
                    }
                    return k == from ? -1 : bump(tasks, from, soonest);
                }
            }
            return -1;
        }

        private int bump(int[] tasks, int from, int[] soonest) {
            soonest[from] = starts[tasks[from]] + 1;
            return from;
        }

        /** The task that must take what it takes later, since there is not enough of it; -1 where there is. */
        private int held(int[] tasks, int from, int k, int at, int[] soonest) {
            for (Holding holding : ending.get(tasks[k])) {
                int[] taken = used.get(holding.what());
                if (taken == null) {
                    continue;
                }
                int begin = holding.from() == tasks[k] ? at : starts[holding.from()];
                int last = -1;
                for (int m = at + holding.before() - 1; m >= begin + holding.after() && last < 0; m--) {
                    last = taken[m] + holding.amount() > problem.there().get(holding.what()) ? m : -1;
                }
                if (last >= 0) {
                    int later = last + 1 - holding.after();
                    if (holding.from() == tasks[k]) {
                        soonest[k] = Math.max(later, at + 1);
                        return k;
                    }
                    for (int j = from; j < k; j++) {
                        if (tasks[j] == holding.from()) {
                            soonest[j] = Math.max(later, starts[tasks[j]] + 1);
                            return j;
                        }
                    }
                }
            }
            return -1;
        }

        /** The first minute from one on at which hands and fingers are free for all of a task, within one sitting; -1 where there is none. */
        private int free(int task, int from) {
            Task it = problem.tasks().get(task);
            int rest = it.rubbing() == 0 ? 0 : it.minutes() + problem.tired().rest(it.rubbing());
            for (Sitting sitting : problem.sittings()) {
                if (it.rubbing() > 0 && day[sitting.day()] + it.rubbing() > problem.rubbingADay()) {
                    continue;
                }
                int at = Math.max(from, sitting.from());
                while (at + it.minutes() <= sitting.to()) {
                    int later = at;
                    for (Task.Span span : it.hands()) {
                        int met = hands.nextSetBit(at + span.from());
                        if (met >= 0 && met < at + span.to()) {
                            later = Math.max(later, hands.nextClearBit(met) - span.from());
                        }
                    }
                    int rubbed = rest == 0 ? -1 : rubbing.nextSetBit(at);
                    if (rubbed >= 0 && rubbed < at + rest) {
                        later = Math.max(later, rubbing.nextClearBit(rubbed));
                    }
                    if (later == at) {
                        return at;
                    }
                    at = later;
                }
            }
            return -1;
        }

        private void take(int task, int at, boolean taken) {
            Task it = problem.tasks().get(task);
            it.hands().forEach(span -> hands.set(at + span.from(), at + span.to(), taken));
            starts[task] = at;
            if (it.rubbing() > 0) {
                rubbing.set(at, at + it.minutes() + problem.tired().rest(it.rubbing()), taken);
                problem.sittings().stream().filter(sitting -> sitting.holds(at, at + it.minutes())).findFirst().ifPresent(sitting -> day[sitting.day()] += taken ? it.rubbing() : -it.rubbing());
            }
            for (Holding holding : ending.get(task)) {
                int[] amounts = used.get(holding.what());
                if (amounts != null) {
                    for (int m = starts[holding.from()] + holding.after(); m < at + holding.before(); m++) {
                        amounts[m] += taken ? holding.amount() : -holding.amount();
                    }
                }
            }
            if (!taken) {
                starts[task] = -1;
            }
        }
    }
}
