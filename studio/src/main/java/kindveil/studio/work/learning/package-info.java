/**
 * What the artist's own checks teach: how fast things dry here ({@link kindveil.studio.work.learning.LearnWork}). Every piece is planned
 * with it; a making keeps what was known when it was begun, and its own checks move its own clocks.
 */
@NullMarked
package kindveil.studio.work.learning;

import org.jspecify.annotations.NullMarked;
