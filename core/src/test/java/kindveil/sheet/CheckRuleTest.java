package kindveil.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.sheet.CheckRule.Verdict;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CheckRuleTest {
    private static Length mm(double mm) {
        return Length.ofMillimetres(mm);
    }

    /** A machine that scales by a little, whatever is drawn. */
    @ParameterizedTest
    @ValueSource(doubles = {0.93, 0.97, 0.994, 1.0, 1.008, 1.05})
    void measuring_aSteadyMachine_comesOutRightTheSecondTime(double machine) {
        CheckRule once = CheckRule.UNMEASURED.measuring(mm(50 * machine));
        CheckRule twice = once.measuring(mm(50 * machine * once.scale()));
        assertEquals(Verdict.EXACT, twice.verdict());
        assertEquals(once.scale(), twice.scale());
        assertTrue(Math.abs(50 * machine * twice.scale() - 50) <= 0.25);
    }

    @Test
    void measuring_farOut_rejectsAndKeepsWhatWasKnown() {
        CheckRule known = CheckRule.UNMEASURED.measuring(mm(48.5));
        assertEquals(Verdict.CORRECTED, known.verdict());
        CheckRule fitted = known.measuring(mm(40));
        assertEquals(Verdict.REJECTED, fitted.verdict());
        assertEquals(known.scale(), fitted.scale());
        assertEquals("That sheet is out by 20.0 %: it was scaled by its settings, so no correction is made. Print it again at 100 %, with fit-to-page off.", fitted.words());
        assertEquals("That sheet is out by 3.0 %; use it only where size does not matter. The files are now drawn at 103.1 %, so that the next one comes out right.", known.words());
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 9.9, 201, Double.NaN})
    void measuring_whatNoRulerSays_isRefusedWithTheRange(double found) {
        if (Double.isNaN(found)) {
            assertThrows(RuntimeException.class, () -> CheckRule.UNMEASURED.measuring(mm(found)));
            return;
        }
        assertTrue(assertThrows(UnusableValue.class, () -> CheckRule.UNMEASURED.measuring(mm(found))).getMessage().contains("10 to 200 mm"));
    }

    @Test
    void verdict_unmeasured_asksForARuler() {
        assertEquals(Verdict.UNMEASURED, CheckRule.UNMEASURED.verdict());
        assertTrue(CheckRule.UNMEASURED.words().contains("ruler"));
    }
}
