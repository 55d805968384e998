package kindveil.sitting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** No schedule costs less than this in any of its parts: each is worked out with something left out of the problem. */
public final class Bounds {
    private Bounds() {
    }

    /** Elapsed and ends from what each job needs by itself and from one pair of hands that may be interrupted, sittings as few as hold all hands, and hands alone within them. */
    public static Cost of(Problem problem) {
        int[] heads = heads(problem);
        int elapsed = 0;
        int ends = 0;
        for (int job = 0; job < problem.jobs().size(); job++) {
            int end = 0;
            for (int task : problem.tasksOf(job)) {
                end = Math.max(end, heads[task] + problem.tasks().get(task).minutes());
            }
            elapsed = Math.max(elapsed, end);
            ends += end;
        }
        int hands = problem.handsOn();
        return new Cost(problem.jobs().size(), Math.max(elapsed, oneMachine(problem, heads)), Math.max(ends, shortestFirst(problem)), fewest(problem, hands), hands, (int) Math.max(0, problem.loads().stream().map(Problem.Load::colour).distinct().count() - 1));
    }

    /** The soonest each task can begin, by its own job's least lags and the sittings. */
    public static int[] heads(Problem problem) {
        int[] heads = new int[problem.tasks().size()];
        boolean moved = true;
        for (int i = 0; i < heads.length; i++) {
            heads[i] = fit(problem, i, problem.tasks().get(i).earliest());
        }
        while (moved) {
            moved = false;
            for (Lag lag : problem.lags()) {
                int at = fit(problem, lag.to(), heads[lag.from()] + lag.least());
                if (at > heads[lag.to()]) {
                    heads[lag.to()] = at;
                    moved |= at < problem.horizon();
                }
            }
        }
        return heads;
    }

    private static int fit(Problem problem, int task, int from) {
        int minutes = problem.tasks().get(task).minutes();
        for (Sitting sitting : problem.sittings()) {
            int at = Math.max(from, sitting.from());
            if (at + minutes <= sitting.to()) {
                return at;
            }
        }
        return problem.horizon();
    }

    /** Hands that may be interrupted, and lie where sittings are: whatever begins no sooner than a head takes all minutes from there on. */
    private static int oneMachine(Problem problem, int[] heads) {
        Integer[] order = new Integer[heads.length];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, Comparator.comparingInt(i -> heads[i]));
        int most = 0;
        int work = 0;
        for (int k = order.length - 1; k >= 0; k--) {
            work += problem.tasks().get(order[k]).handsOn();
            most = Math.max(most, after(problem, heads[order[k]], work));
        }
        return most;
    }

    /** When so many minutes of sittings from one on are over. */
    private static int after(Problem problem, int from, int work) {
        int left = work;
        for (Sitting sitting : problem.sittings()) {
            int at = Math.max(from, sitting.from());
            if (at < sitting.to()) {
                if (left <= sitting.to() - at) {
                    return at + left;
                }
                left -= sitting.to() - at;
            }
        }
        return problem.horizon();
    }

    /** Jobs one after the other, those with least to do first. */
    private static int shortestFirst(Problem problem) {
        List<Integer> work = new ArrayList<>();
        for (int job = 0; job < problem.jobs().size(); job++) {
            work.add(Arrays.stream(problem.tasksOf(job)).map(task -> problem.tasks().get(task).handsOn()).sum());
        }
        work.sort(null);
        int ends = 0;
        int done = 0;
        for (int each : work) {
            done += each;
            ends += after(problem, 0, done);
        }
        return ends;
    }

    private static int fewest(Problem problem, int hands) {
        List<Integer> lengths = problem.sittings().stream().map(Sitting::minutes).sorted(Comparator.reverseOrder()).toList();
        int left = hands;
        int count = 0;
        for (int length : lengths) {
            if (left <= 0) {
                break;
            }
            left -= length;
            count++;
        }
        return count;
    }
}
