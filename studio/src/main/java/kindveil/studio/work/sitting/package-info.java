/**
 * Evenings: when hands are free ({@link kindveil.studio.work.sitting.Diary}), the pieces to be fitted in, and the plan kept for them.
 *
 * <p>A plan is kept as the moment each task was to begin. What is shown is that plan as long as it still holds: what was told at the
 * bench since, a late act, another room or a changed piece make another problem, and the plan is then made good with as little changed
 * as can be ({@link kindveil.sitting.Repair}); it is kept when the artist says so.
 */
@NullMarked
package kindveil.studio.work.sitting;

import org.jspecify.annotations.NullMarked;
