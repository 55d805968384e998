/**
 * What comes last: which coats hold over a piece as it is planned or made ({@link kindveil.studio.work.finish.FinishWork}), and from when
 * on it may be put to its uses. A coat that is chosen is one more veil of the piece, and goes on with its making where there is one.
 */
@NullMarked
package kindveil.studio.work.finish;

import org.jspecify.annotations.NullMarked;
