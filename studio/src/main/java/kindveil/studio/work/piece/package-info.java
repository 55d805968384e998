/**
 * Pieces: their basis, their veils, and the plan of the whole.
 *
 * <p><b>Guaranteed:</b> support, ground and page belong to the piece; a change made from a page that was out of date is refused
 * with both kept; what is put away is kept and off the table, what is taken away can be brought back for a week, with its makings and
 * log; a plan the bench refuses is told of with what would make it sound.
 */
@org.jspecify.annotations.NullMarked
package kindveil.studio.work.piece;
