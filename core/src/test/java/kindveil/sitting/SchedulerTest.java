package kindveil.sitting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.LongStream;
import kindveil.reading.TaskReading.Resource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Schedules against every schedule there is, against the check, and against their bound. */
class SchedulerTest {
    private static final Scheduler SHORT = new Scheduler(10, 60, 4_000);

    static LongStream seeds() {
        return LongStream.range(0, 80);
    }

    /** What can be done is found, what cannot is proven so, and nothing costs less than the bound. */
    @ParameterizedTest
    @MethodSource("seeds")
    void small_foundOrProvenImpossible_asTryingAllSays(long seed) {
        Problem problem = Problems.small(seed);
        Integer best = Problems.best(problem);
        Solved solved = SHORT.solve(problem);
        if (best == null) {
            assertFalse(solved.found(), "there is none");
            assertTrue(solved.proven(), "proven");
            return;
        }
        assertTrue(solved.found(), "there is one of " + best);
        assertEquals(List.of(), Check.of(problem, solved.schedule()));
        assertTrue(solved.bound() <= best, solved.bound() + " is no bound of " + best);
        assertTrue(Cost.of(problem, solved.schedule()).total() <= best * (solved.proven() ? 1 : 1.03), Cost.of(problem, solved.schedule()).total() + " of " + best);
    }

    static LongStream evenings() {
        return LongStream.range(0, 60);
    }

    /** Pieces of every kind, at short limits. */
    @ParameterizedTest
    @MethodSource("evenings")
    void evenings_holdByTheCheck(long seed) {
        Problem problem = Problems.evenings(2 + (int) (seed % 11), seed);
        Solved solved = new Scheduler(2, seed % 4 == 0 ? 10 : 0, 10).solve(problem);
        assertTrue(solved.found());
        assertEquals(List.of(), Check.of(problem, solved.schedule()));
        assertTrue(Cost.of(problem, solved.schedule()).total() >= Math.max(solved.bound(), Bounds.of(problem)));
    }

    @Test
    void equalInput_equalSchedule() {
        Problem problem = Problems.evenings(6, 3);
        Scheduler scheduler = new Scheduler(10, 150, 100);
        assertEquals(scheduler.solve(problem), scheduler.solve(problem));
    }

    @Test
    void moreSearch_isNeverWorse() {
        Problem problem = Problems.evenings(8, 5);
        int quick = Cost.of(problem, Scheduler.QUICK.solve(problem).schedule()).total();
        int searched = Cost.of(problem, new Scheduler(12, 300, 100).solve(problem).schedule()).total();
        assertTrue(searched < quick, searched + " of " + quick);
    }

    /** A schedule that is known is not lost for a worse one. */
    @Test
    void known_isKeptWhereNothingBetterIsFound() {
        Problem problem = Problems.evenings(5, 8);
        Solved good = new Scheduler(20, 400, 100).solve(problem);
        Solved again = Scheduler.QUICK.solve(problem, good.schedule());
        assertEquals(good.schedule(), again.schedule());
    }

    @Test
    void drying_goesOnBetweenSittings() {
        Problem.Plot plot = Problems.plot("bed", null, List.of(Problems.task(10, 0), Problems.task(5, 0)), List.of(new Lag(0, 1, 130, null, "through")), List.of());
        Problem problem = Problem.of(List.of(plot), Map.of(), List.of(new Sitting(0, 20, 0), new Sitting(100, 110, 0), new Sitting(125, 160, 0)), Tiredness.USUAL);
        assertEquals(List.of(0, 130), SHORT.solve(problem).schedule().starts());
    }

    /** Two pulls share one plate: the second begins when the first is off. */
    @Test
    void plate_isTakenByOneAtATime() {
        Problem.Plot pull = Problems.plot("pull", null, List.of(Problems.task(4, 0), Problems.task(3, 0)), List.of(new Lag(0, 1, 12, 14, "dry to the plate's limit")), List.of(new Holding(Resource.PLATE, 1, 0, 0, 1, 3)));
        List<Sitting> evening = List.of(new Sitting(0, 60, 0));
        Problem one = Problem.of(List.of(pull, pull), Map.of(Resource.PLATE, 1), evening, Tiredness.USUAL);
        Problem two = one.with(Map.of(Resource.PLATE, 2));
        assertEquals(30, Cost.of(one, SHORT.solve(one).schedule()).elapsed());
        assertEquals(19, Cost.of(two, SHORT.solve(two).schedule()).elapsed());
    }

    /** Four pulls in two pairs of colours: those of one colour follow each other, and the roller is washed once. */
    @Test
    void pullsOfOneColour_followEachOther_whereThatCostsNoTime() {
        List<Problem.Plot> pulls = List.of("blue", "cream", "blue", "cream", "blue").stream().map(colour -> Problems.plot(colour, null, List.of(Problems.loading(Problems.task(4, 0), colour)), List.of(), List.of())).toList();
        Problem problem = Problem.of(pulls, Map.of(), List.of(new Sitting(0, 60, 0)), Tiredness.USUAL);
        Solved solved = new Scheduler(4, 400, 4000).solve(problem);
        assertEquals(List.of(), Check.of(problem, solved.schedule()));
        assertEquals(1, Cost.washes(problem, solved.schedule()), solved.toString());
        assertEquals(20, Cost.of(problem, solved.schedule()).elapsed(), "nobody waits for it");
    }

    /** With two plates the pictures of both are rolled before the pulls; with one they cannot be. */
    @Test
    void secondPlate_savesWashes() {
        Problem.Plot pull = Problems.plot("pull", null, List.of(Problems.loading(Problems.task(3, 0), "blue"), Problems.loading(Problems.task(3, 0), "cream")), List.of(new Lag(0, 1, 4, 30, "dry")), List.of(new Holding(Resource.PLATE, 1, 0, 0, 1, 3)));
        Problem one = Problem.of(List.of(pull, pull), Map.of(Resource.PLATE, 1), List.of(new Sitting(0, 60, 0)), Tiredness.USUAL);
        Problem two = one.with(Map.of(Resource.PLATE, 2));
        assertEquals(3, Cost.washes(one, SHORT.solve(one).schedule()));
        assertEquals(1, Cost.washes(two, SHORT.solve(two).schedule()));
    }

    /** Of small evenings of real pieces nearly all are proven to be within a hundredth of the best there is, at a limit of few fails. */
    @Test
    void fourPieces_areProvenNearlyTheBest() {
        int near = 0;
        for (long seed = 0; seed < 10; seed++) {
            Problem problem = Problems.evenings(4, seed);
            Solved solved = new Scheduler(20, 300, 400).solve(problem);
            near += solved.nearly(problem) ? 1 : 0;
        }
        assertTrue(near >= 7, near + " of 10");
    }

    /** A bound that is too high would be found out by trying all. */
    @ParameterizedTest
    @MethodSource("seeds")
    void small_boundsAreBelowTheBest(long seed) {
        Problem problem = Problems.small(seed);
        Integer best = Problems.best(problem);
        if (best != null) {
            assertTrue(Bounds.of(problem) <= best, Bounds.of(problem) + " of " + best);
            Schedule any = SHORT.solve(problem).schedule();
            Solved proven = Proof.of(problem, any, 2000);
            assertTrue(proven.bound() <= best, proven.bound() + " of " + best);
            assertEquals(best, Cost.of(problem, proven.schedule()).total(), "looked through, the best is found");
            assertTrue(proven.proven());
        }
    }

    /** Jobs that are alike are put in one order: what is proven of them stays what trying all says. */
    @ParameterizedTest
    @MethodSource("seeds")
    void alikeJobs_areProvenAsTryingAllSays(long seed) {
        Problem some = Problems.small(seed);
        Problem.Plot one = some.alone(0);
        Problem twice = Problem.of(one.tasks().size() > 2 ? List.of(one, one) : List.of(one, some.alone(some.jobs().size() - 1), one), some.there(), some.sittings(), some.tired());
        if (twice.tasks().size() > 5) {
            return;
        }
        assertTrue(twice.alike(0, twice.jobs().size() - 1));
        Integer best = Problems.best(twice);
        if (best != null) {
            Solved proven = Proof.of(twice, SHORT.solve(twice).schedule(), 2000);
            assertEquals(best, Cost.of(twice, proven.schedule()).total());
            assertTrue(proven.proven());
        }
    }

    /** What fits only into two sittings after many others is not taken for impossible, however far off. */
    @ParameterizedTest
    @ValueSource(ints = {60, 61, 62, 63, 64, 65, 70, 130})
    void manySittings_boundIsBelowWhatThereIs(int before) {
        List<Sitting> sittings = new ArrayList<>();
        for (int k = 0; k < before + 2; k++) {
            sittings.add(new Sitting(20 * k, 20 * k + (k < before ? 1 : 10), k));
        }
        Problem problem = Problem.of(List.of(Problems.plot("bed", null, List.of(Problems.task(10, 0), Problems.task(10, 0)), List.of(new Lag(0, 1, 10, null, "dry")), List.of())), Map.of(), sittings, Tiredness.USUAL);
        Solved solved = SHORT.solve(problem);
        int total = Cost.of(problem, solved.schedule()).total();
        assertTrue(Bounds.of(problem) <= total, Bounds.of(problem) + " of " + total);
        assertTrue(Bounds.choices(problem, total + 1, 16).map(choices -> !choices.isEmpty()).orElse(true), "there is a choice, or it is not said that there is none");
    }
}
