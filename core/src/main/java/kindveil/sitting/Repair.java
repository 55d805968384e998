package kindveil.sitting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** A known schedule made good again where it no longer holds, with as little of it changed as can be: the jobs that must move first, then all. */
public final class Repair {
    private Repair() {
    }

    /** @param known where each task was to begin; null for one that is new */
    public static Solved of(Problem problem, List<@Nullable Integer> known, Scheduler scheduler) {
        if (known.stream().noneMatch(java.util.Objects::isNull)) {
            Schedule all = new Schedule(known.stream().map(java.util.Objects::requireNonNull).toList());
            if (Check.of(problem, all).isEmpty()) {
                return new Solved(all, false, 0);
            }
        }
        boolean[] moves = new boolean[problem.jobs().size()];
        boolean any = false;
        for (int job = 0; job < moves.length; job++) {
            moves[job] = !holds(problem, job, known);
            any |= !moves[job];
        }
        if (any) {
            Solved few = scheduler.solve(fixed(problem, known, moves));
            if (few.found()) {
                return new Solved(few.schedule(), false, 0);
            }
        }
        return scheduler.solve(problem);
    }

    /** Whether a job by itself could stay as it was. */
    private static boolean holds(Problem problem, int job, List<@Nullable Integer> known) {
        int[] own = problem.tasksOf(job);
        if (Arrays.stream(own).anyMatch(task -> known.get(task) == null)) {
            return false;
        }
        Problem alone = problem.only(List.of(job));
        return Check.of(alone, new Schedule(IntStream.of(own).mapToObj(known::get).map(java.util.Objects::requireNonNull).toList())).isEmpty();
    }

    private static Problem fixed(Problem problem, List<@Nullable Integer> known, boolean[] moves) {
        List<Task> tasks = new ArrayList<>();
        for (int i = 0; i < problem.tasks().size(); i++) {
            Task task = problem.tasks().get(i);
            Integer at = known.get(i);
            tasks.add(moves[task.job()] || at == null ? task : task.within(at, at));
        }
        return new Problem(problem.jobs(), tasks, problem.lags(), problem.holdings(), problem.there(), problem.sittings(), problem.tired());
    }
}
