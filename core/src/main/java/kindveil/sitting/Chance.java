package kindveil.sitting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;

/**
 * How sure a schedule is: so many evenings through it, each bed drying at a rate of its own and hands as fast as they happen to be.
 * What is not ready begins later in its sitting, behind what was to come after it if need be, and otherwise in the next sitting that
 * holds it.
 *
 * @param inTime share of them in which all was done when it was due, and no window was missed
 * @param breaks the task whose wait most often broke the others, or -1
 * @param broke share of all in which it did
 * @param ends of each, in the order of their length: minutes when all was done
 */
public record Chance(double inTime, int breaks, double broke, List<Integer> ends) {
    public static final int EVENINGS = 500;
    private static final long SEED = 43;
    /** Hands differ from what is reckoned by so much, as a logarithm (assumed). */
    private static final double HANDS = 0.15;
    /** What beds of one studio have in common, and what each has of its own: half and half (assumed). */
    private static final double SHARED = Math.sqrt(0.5);

    public Chance {
        ends = List.copyOf(ends);
    }

    public static Chance of(Problem problem, Schedule schedule) {
        Random random = new Random(SEED);
        int[] order = IntStream.range(0, problem.tasks().size()).boxed().sorted(Comparator.comparingInt(schedule::start)).mapToInt(Integer::intValue).toArray();
        int[] breaking = new int[problem.tasks().size()];
        List<Integer> ends = new ArrayList<>();
        int inTime = 0;
        int[][] into = new int[order.length][];
        for (int task = 0; task < into.length; task++) {
            int own = task;
            into[task] = IntStream.range(0, problem.lags().size()).filter(i -> problem.lags().get(i).to() == own).toArray();
        }
        for (int evening = 0; evening < EVENINGS; evening++) {
            Evening each = new Evening(problem, schedule, into, random);
            int broken = each.go(order);
            ends.add(each.end());
            if (broken < 0) {
                inTime++;
            } else {
                breaking[broken]++;
            }
        }
        int worst = IntStream.range(0, breaking.length).boxed().max(Comparator.comparingInt(i -> breaking[i])).filter(i -> breaking[i] > 0).orElse(-1);
        ends.sort(null);
        return new Chance(inTime / (double) EVENINGS, worst, worst < 0 ? 0 : breaking[worst] / (double) EVENINGS, ends);
    }

    /** One time through it. */
    private static final class Evening {
        private final Problem problem;
        private final Schedule schedule;
        /** Which lags end at each task. */
        private final int[][] into;
        private final int[] least;
        private final int[] minutes;
        private final int[] starts;

        Evening(Problem problem, Schedule schedule, int[][] into, Random random) {
            this.into = into;
            this.problem = problem;
            this.schedule = schedule;
            this.least = new int[problem.lags().size()];
            double studio = random.nextGaussian();
            for (int i = 0; i < least.length; i++) {
                Lag lag = problem.lags().get(i);
                Lag.Dries dries = lag.dries();
                double deviations = SHARED * (studio + random.nextGaussian());
                // what the lag has beside the drying stays as it is
                least[i] = dries == null ? lag.least() : (int) Math.ceil(lag.least() - dries.advised() + dries.at(deviations));
            }
            this.minutes = problem.tasks().stream().mapToInt(task -> (int) Math.round(task.minutes() * Math.exp(random.nextGaussian() * HANDS))).map(m -> Math.max(1, m)).toArray();
            this.starts = new int[minutes.length];
            Arrays.fill(starts, -1);
        }

        /** The first task that came too late; -1 where none did. */
        int go(int[] order) {
            int broken = -1;
            int free = 0;
            for (int task : order) {
                int ready = Math.max(schedule.start(task), free);
                int cause = -1;
                for (int i : into[task]) {
                    Lag lag = problem.lags().get(i);
                    if (starts[lag.from()] >= 0) {
                        int from = starts[lag.from()] + (lag.why().isEmpty() ? minutes[lag.from()] : least[i]);
                        if (from > ready) {
                            ready = from;
                            cause = task;
                        }
                    }
                }
                int at = seat(ready, minutes[task]);
                starts[task] = at;
                // what waits for its own bed lets the others go first
                free = cause < 0 ? Math.max(free, at + minutes[task]) : free;
                broken = broken < 0 && late(task, at) ? cause(order, task, cause) : broken;
            }
            return broken;
        }

        /** The wait of a late task, or of the one of its job that was moved most. */
        private int cause(int[] order, int task, int own) {
            return own >= 0 ? own : Arrays.stream(order).filter(other -> starts[other] >= 0 && problem.tasks().get(other).job() == problem.tasks().get(task).job()).boxed()
                    .max(Comparator.comparingInt(other -> starts[other] - schedule.start(other))).orElse(task);
        }

        private boolean late(int task, int at) {
            Integer due = problem.jobs().get(problem.tasks().get(task).job()).due();
            if (due != null && at + minutes[task] > due) {
                return true;
            }
            for (int i : into[task]) {
                Lag lag = problem.lags().get(i);
                Integer most = lag.most();
                if (most != null && starts[lag.from()] >= 0 && at - starts[lag.from()] > most) {
                    return true;
                }
            }
            return false;
        }

        private int seat(int ready, int length) {
            for (Sitting sitting : problem.sittings()) {
                int at = Math.max(ready, sitting.from());
                // a few minutes over is how sittings end
                if (at < sitting.to() && at + length <= sitting.to() + Math.max(5, length / 2)) {
                    return at;
                }
            }
            return Math.max(ready, problem.horizon());
        }

        int end() {
            return IntStream.range(0, starts.length).map(task -> starts[task] + minutes[task]).max().orElse(0);
        }
    }
}
