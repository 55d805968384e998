/**
 * Jars of what was mixed, and what is taken out of them and out of the lots on the shelf.
 *
 * <p><b>In:</b> what the hands mix, use, open, look at and throw away. <b>Out:</b> what stands there with how much is left, how strong it
 * still is, from when and until when it serves ({@link kindveil.mixing.Jar}); for a making, which jars serve it.
 *
 * <p><b>Invariants.</b> What was taken is written down by the deed that took it and goes back with it, so levels are sums, never guesses.
 * What the hands took and no jar held is written down too, and said.
 */
@NullMarked
package kindveil.studio.work.jar;

import org.jspecify.annotations.NullMarked;
