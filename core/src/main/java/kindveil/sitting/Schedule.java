package kindveil.sitting;

import java.util.List;
import java.util.stream.IntStream;

/** When each task of a problem begins, in minutes. */
public record Schedule(List<Integer> starts) {
    public Schedule {
        starts = List.copyOf(starts);
    }

    static Schedule of(int[] starts) {
        return new Schedule(IntStream.of(starts).boxed().toList());
    }

    public int start(int task) {
        return starts.get(task);
    }

    public int end(Problem problem, int task) {
        return starts.get(task) + problem.tasks().get(task).minutes();
    }

    /** When the last of a job is done. */
    public int end(Problem problem, Job job) {
        return IntStream.of(problem.tasksOf(problem.jobs().indexOf(job))).map(task -> end(problem, task)).max().orElse(0);
    }

    /** Number of the sitting a task lies in; -1 where it lies in none. */
    public int sitting(Problem problem, int task) {
        int start = start(task);
        int end = end(problem, task);
        for (int k = 0; k < problem.sittings().size(); k++) {
            if (problem.sittings().get(k).holds(start, end)) {
                return k;
            }
        }
        return -1;
    }

    /** The tasks of one sitting, in the order they begin. */
    public List<Integer> in(Problem problem, int sitting) {
        return IntStream.range(0, starts.size()).filter(task -> sitting(problem, task) == sitting).boxed().sorted((a, b) -> Integer.compare(start(a), start(b))).toList();
    }
}
