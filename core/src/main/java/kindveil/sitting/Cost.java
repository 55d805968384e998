package kindveil.sitting;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * How good a schedule is: the less the better. What is due is no part of it; it is kept.
 *
 * @param elapsed minutes until all is done
 * @param ends of all jobs together, in minutes
 * @param sittings in which anything is done
 * @param washes of the roller: as often as it is loaded with another colour than it carries
 * @param within minutes from the first to the last act of each sitting together, so that idle hands between them count
 */
public record Cost(int jobs, int elapsed, int ends, int sittings, int within, int washes) {
    /** A sitting that is not needed is worth so many minutes of waiting (assumed). */
    static final int SITTING = 120;
    /** A minute of idle hands is worth so many of waiting (assumed). */
    static final int WITHIN = 2;
    /** Washing the roller between two colours is worth so many minutes of waiting (assumed). */
    static final int WASH = 10;

    /** In minutes of waiting, times the number of jobs. */
    public int total() {
        return jobs * (elapsed + SITTING * sittings + WITHIN * within + WASH * washes) + ends;
    }

    public static Cost of(Problem problem, Schedule schedule) {
        int[] end = new int[problem.jobs().size()];
        int[] first = new int[problem.sittings().size()];
        int[] last = new int[first.length];
        for (int i = 0; i < problem.tasks().size(); i++) {
            int from = schedule.start(i);
            int to = schedule.end(problem, i);
            int job = problem.tasks().get(i).job();
            end[job] = Math.max(end[job], to);
            int sitting = schedule.sitting(problem, i);
            if (sitting >= 0) {
                first[sitting] = last[sitting] == 0 ? from : Math.min(first[sitting], from);
                last[sitting] = Math.max(last[sitting], to);
            }
        }
        int sittings = 0;
        int within = 0;
        for (int k = 0; k < first.length; k++) {
            sittings += last[k] > 0 ? 1 : 0;
            within += last[k] - first[k];
        }
        return new Cost(problem.jobs().size(), IntStream.of(end).max().orElse(0), IntStream.of(end).sum(), sittings, within, washes(problem, schedule));
    }

    /** How often the roller is loaded with another colour than it carries. */
    public static int washes(Problem problem, Schedule schedule) {
        List<Problem.Load> loads = inOrder(problem, schedule);
        return (int) IntStream.range(1, loads.size()).filter(i -> !loads.get(i).colour().equals(loads.get(i - 1).colour())).count();
    }

    /** What the roller is loaded with, one after the other. */
    public static List<Problem.Load> inOrder(Problem problem, Schedule schedule) {
        return problem.loads().stream().sorted(Comparator.comparingInt(load -> schedule.start(load.task()) + load.after())).toList();
    }

    /** Minutes in which hands wait in sittings. */
    public int idle(Problem problem) {
        return Math.max(0, within - problem.handsOn());
    }
}
