package kindveil.sitting;

import org.jspecify.annotations.Nullable;

/**
 * What came of a problem.
 *
 * @param schedule the best that was found, or null where none was
 * @param proven that there is no better one; or, where none was found, that there is none
 * @param bound no schedule costs less; 0 where that was not asked
 */
public record Solved(@Nullable Schedule schedule, boolean proven, int bound) {
    public boolean found() {
        return schedule != null;
    }

    /** Whether what was found is no more than a hundredth above the least there could be. */
    public boolean nearly(Problem problem) {
        return schedule != null && bound >= Math.floor(Proof.NEARLY * Cost.of(problem, schedule).total());
    }
}
