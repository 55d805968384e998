package kindveil.sitting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import kindveil.reading.TaskReading.Resource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Each kind of fault is found, and said. */
class CheckTest {
    private static final Problem PROBLEM = Problem.of(List.of(
            Problems.plot("a", 60, List.of(Problems.task(5, 5), Problems.task(5, 5)), List.of(new Lag(0, 1, 10, 20, "dries")), List.of(new Holding(Resource.PLATE, 1, 0, 0, 1, 0))),
            Problems.plot("b", null, List.of(Problems.task(6, 0, new Task.Span(0, 2), new Task.Span(5, 6)), Problems.task(4, 0)), List.of(), List.of(new Holding(Resource.PLATE, 1, 0, 0, 1, 4)))),
            Map.of(Resource.PLATE, 1), List.of(new Sitting(0, 40, 0), new Sitting(50, 90, 0)), new Tiredness(10, 10));

    @Test
    void sound_isSound() {
        assertEquals(List.of(), Check.of(PROBLEM, new Schedule(List.of(0, 11, 16, 26))));
    }

    @ParameterizedTest
    @CsvSource({
            "0,11,16,38,lies in no sitting", "0,9,16,26,which is not 10 to 20", "0,25,26,34,which is not 10 to 20", "0,11,12,26,hands are at two things",
            "0,12,9,26,gel plate", "'50',61,0,10,'ends at 66, after 60'", "0,11,16,20,which is not 6 to any"})
    void fault_isSaid(int a, int b, int c, int d, String words) {
        List<String> faults = Check.of(PROBLEM, new Schedule(List.of(a, b, c, d)));
        assertTrue(faults.stream().anyMatch(fault -> fault.contains(words)), faults.toString());
    }

    @Test
    void rubbing_wantsItsRest_andIsNeverTooMuchForADay() {
        Problem tired = PROBLEM.with(new Tiredness(10, 20));
        assertTrue(Check.of(tired, new Schedule(List.of(0, 11, 16, 26))).toString().contains("no rest from rubbing"));
        Problem.Plot more = Problems.plot("c", null, List.of(Problems.task(6, 6)), List.of(), List.of());
        assertTrue(Check.of(PROBLEM.plus(more), new Schedule(List.of(0, 11, 16, 26, 60))).toString().contains("16 minutes of rubbing on day 0, of 10"));
    }

    @Test
    void bounds_ofATaskAreKept() {
        assertTrue(Check.of(PROBLEM.with(3, task -> task.within(0, 20)), new Schedule(List.of(0, 11, 16, 26))).toString().contains("not between 0 and 20"));
    }
}
