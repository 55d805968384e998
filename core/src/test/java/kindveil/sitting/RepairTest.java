package kindveil.sitting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** One act late, one piece more: the others stay where they were. */
class RepairTest {
    private static final Scheduler QUICK = new Scheduler(3, 0, 60);

    static LongStream seeds() {
        return LongStream.range(0, 10);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void late_onlyItsOwnPieceMoves(long seed) {
        Problem problem = Problems.evenings(5, seed);
        Schedule schedule = QUICK.solve(problem).schedule();
        int late = IntStream.range(0, problem.tasks().size()).filter(task -> problem.tasks().get(task).job() == 2).findFirst().orElseThrow();
        Problem after = problem.with(late, task -> task.within(schedule.start(late) + 90, Task.ANY));
        Solved repaired = Repair.of(after, new ArrayList<>(schedule.starts()), QUICK);
        assertEquals(List.of(), Check.of(after, repaired.schedule()));
        long moved = IntStream.range(0, problem.tasks().size()).filter(task -> problem.tasks().get(task).job() != 2 && repaired.schedule().start(task) != schedule.start(task)).count();
        assertEquals(0, moved, "a fortnight has room for it");
    }

    @Test
    void nothingChanged_nothingMoves() {
        Problem problem = Problems.evenings(4, 7);
        Schedule schedule = QUICK.solve(problem).schedule();
        assertEquals(schedule, Repair.of(problem, new ArrayList<>(schedule.starts()), QUICK).schedule());
    }

    @Test
    void oneMore_isFittedInBetween() {
        Problem problem = Problems.evenings(4, 9);
        Schedule schedule = QUICK.solve(problem).schedule();
        Problem more = problem.plus(Problems.evenings(1, 11).alone(0));
        List<Integer> known = new ArrayList<>(schedule.starts());
        while (known.size() < more.tasks().size()) {
            known.add(null);
        }
        Schedule after = Repair.of(more, known, QUICK).schedule();
        assertEquals(schedule.starts(), after.starts().subList(0, schedule.starts().size()));
        assertTrue(Check.of(more, after).isEmpty());
    }

    /** Time went by, and something was not done: its beginning lies before the plan now. */
    @Test
    void timeWentBy_whatWasNotDoneIsPlannedAgain() {
        Problem problem = Problems.evenings(4, 5);
        List<Integer> known = new ArrayList<>(QUICK.solve(problem).schedule().starts());
        known.replaceAll(start -> start - 1200);
        Schedule after = Repair.of(problem, known, QUICK).schedule();
        assertEquals(List.of(), Check.of(problem, after));
    }
}
