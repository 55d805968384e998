package kindveil.sitting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import kindveil.reading.TaskReading.Resource;
import kindveil.sitting.Relaxation.What;
import kindveil.sitting.Why.Because;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What stands in the way, what would help, why something is where it is, and how sure it is. */
class WhatIfTest {
    private static final Scheduler SCHEDULER = new Scheduler(10, 0, 6000);
    private static final Scheduler QUICK = new Scheduler(6, 0, 60);

    static LongStream impossible() {
        return LongStream.range(0, 160).filter(seed -> !QUICK.solve(Problems.small(seed)).found()).limit(20);
    }

    /** What is left of it cannot be done either, and every demand named is needed for that. */
    @ParameterizedTest
    @MethodSource("impossible")
    void conflict_isOne_andAsSmallAsItCanBe(long seed) {
        Conflict conflict = Conflict.of(Problems.small(seed), SCHEDULER);
        assertTrue(conflict.proven());
        assertNull(Problems.best(conflict.core()), "there is a schedule of " + conflict.demands());
        for (int job = 0; job < conflict.core().jobs().size() && conflict.core().jobs().size() > 1; job++) {
            int left = job;
            assertNotNull(Problems.best(conflict.core().only(IntStream.range(0, conflict.core().jobs().size()).filter(j -> j != left).boxed().toList())), "without " + conflict.core().jobs().get(job));
        }
        if (conflict.demands().contains("when they are due")) {
            assertNotNull(Problems.best(conflict.core().undue()));
        }
        if (conflict.demands().contains("no more than one gel plate")) {
            assertNotNull(Problems.best(conflict.core().with(Map.of())));
        }
    }

    @ParameterizedTest
    @MethodSource("impossible")
    void relaxations_fit_andAStepLessDoesNot(long seed) {
        Problem problem = Problems.small(seed);
        List<Relaxation> all = Relaxation.of(problem, List.of(new Sitting(60, 90, 2)), List.of(), QUICK);
        for (Relaxation relaxation : all) {
            assertEquals(List.of(), Check.of(relaxation.problem(), relaxation.schedule()), relaxation.what().name());
            if (relaxation.what() == What.LONGER_SITTING && relaxation.by() > 15) {
                Sitting was = problem.sittings().get(relaxation.of());
                List<Sitting> less = problem.sittings().stream().map(each -> each == was ? new Sitting(was.from(), was.to() + relaxation.by() - 15, was.day()) : each).toList();
                assertFalse(QUICK.solve(problem.in(less)).found());
            }
        }
        assertTrue(all.stream().map(Relaxation::what).distinct().count() <= What.values().length);
    }

    /** A day more for what dries too long, a quarter of an hour for hands that are short, or another way to dry it. */
    @Test
    void relaxations_nameWhatHelps() {
        Problem.Plot slow = Problems.plot("reed bed", 200, List.of(Problems.task(20, 0), Problems.task(10, 0)), List.of(new Lag(0, 1, 150, null, "through")), List.of());
        Problem.Plot fanned = Problems.plot("reed bed", 200, List.of(Problems.task(20, 0), Problems.task(10, 0)), List.of(new Lag(0, 1, 100, null, "through")), List.of());
        Problem problem = Problem.of(List.of(slow), Map.of(), List.of(new Sitting(0, 30, 0), new Sitting(120, 150, 0)), Tiredness.USUAL);
        assertFalse(SCHEDULER.solve(problem).found());
        List<Relaxation> all = Relaxation.of(problem, List.of(new Sitting(170, 190, 0)), List.of(new Relaxation.Otherwise(0, "a fan", fanned)), SCHEDULER);
        assertEquals(List.of(What.LONGER_SITTING, What.ONE_SITTING_MORE, What.OTHERWISE), all.stream().map(Relaxation::what).toList());
        assertEquals(1, all.getFirst().of());
        assertEquals(15, all.getFirst().by());
        assertEquals(List.of("reed bed"), Conflict.of(problem, SCHEDULER).demands());
    }

    @Test
    void due_isLater() {
        Problem.Plot plot = Problems.plot("moth", 40, List.of(Problems.task(20, 0), Problems.task(10, 0)), List.of(new Lag(0, 1, 60, null, "dry")), List.of());
        Problem problem = Problem.of(List.of(plot), Map.of(), List.of(new Sitting(0, 30, 0), new Sitting(55, 90, 0)), Tiredness.USUAL);
        Relaxation later = Relaxation.of(problem, List.of(), List.of(), SCHEDULER).stream().filter(each -> each.what() == What.LATER).findFirst().orElseThrow();
        assertEquals(30, later.by());
        assertEquals(List.of("moth", "when they are due"), Conflict.of(problem, SCHEDULER).demands());
    }

    static LongStream some() {
        return LongStream.range(0, 12);
    }

    /** A task said to be held back cannot begin a minute sooner; one said to be free can. */
    @ParameterizedTest
    @MethodSource("some")
    void why_isTrue(long seed) {
        Problem problem = Problems.evenings(3 + (int) seed % 6, seed);
        Schedule schedule = new Scheduler(3, 0, 10).solve(problem).schedule();
        for (int task = 0; task < problem.tasks().size(); task++) {
            Why why = Why.of(problem, schedule, task);
            if (schedule.start(task) > 0) {
                List<Integer> sooner = new java.util.ArrayList<>(schedule.starts());
                sooner.set(task, schedule.start(task) - 1);
                assertEquals(why.because() == Because.FREE, Check.of(problem, new Schedule(sooner)).isEmpty(), why.toString());
            }
            assertTrue(why.because() != Because.WAIT || !why.words().isEmpty(), why.toString());
        }
    }

    /** One bed, one wait, forty minutes of room: as sure as the share of rates that have got there. */
    @Test
    void chance_isThatOfTheRate() {
        Lag.Dries dries = new Lag.Dries(79, 100, 156.6, 156.6);
        Problem.Plot plot = new Problem.Plot(new Job("bed", "bed", 170), List.of(Problems.task(10, 0), Problems.task(10, 0)), List.of(new Lag(0, 1, 110, null, new Lag.Dries(79, 100, 156.6, 100), "through")), List.of());
        Problem problem = Problem.of(List.of(plot), Map.of(), List.of(new Sitting(0, 300, 0)), Tiredness.USUAL);
        Schedule schedule = new Schedule(List.of(0, 110));
        // done by 170 where the bed is through by 150, ten after it was laid: 0.35 · z = ln 1.5
        double z = Math.log(150 / 100.0) / 0.35;
        assertEquals(normal(z), Chance.of(problem, schedule).inTime(), 0.035);
        assertEquals(dries.at(0), 100);
        assertEquals(1, Chance.of(problem, schedule).breaks());
        assertTrue(Chance.of(problem.undue(), schedule).inTime() == 1);
    }

    private static double normal(double z) {
        double sum = 0;
        for (double x = -8; x < z; x += 1e-3) {
            sum += Math.exp(-x * x / 2) * 1e-3;
        }
        return sum / Math.sqrt(2 * Math.PI);
    }

    @Test
    void chance_ofAWindowThatIsMissed_isNotLost() {
        Problem.Plot plot = new Problem.Plot(new Job("plate", "plate", null), List.of(Problems.task(4, 0), Problems.task(3, 0)), List.of(new Lag(0, 1, 12, 14, "the plate's limit")), List.of(new Holding(Resource.PLATE, 1, 0, 0, 1, 3)));
        Problem problem = Problem.of(List.of(plot), Map.of(Resource.PLATE, 1), List.of(new Sitting(0, 60, 0)), Tiredness.USUAL);
        assertEquals(1, Chance.of(problem, new Schedule(List.of(0, 12))).inTime());
    }
}
