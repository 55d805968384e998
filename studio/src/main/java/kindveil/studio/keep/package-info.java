/**
 * The studio's folder over the years: whether it can be opened, backups of it, and how it is brought back.
 *
 * <p><b>Guaranteed:</b> a backup is made while the studio is open, is whole, and was opened and counted before it is kept under
 * its name: it holds what the studio held at some moment while it was made, whoever wrote meanwhile; at most the newest of each of 7 days, 4 weeks and 12 months stay. Nothing is ever restored over a studio that is
 * there. A folder that cannot be used is refused in two sentences before anything of it is touched.
 */
@org.jspecify.annotations.NullMarked
package kindveil.studio.keep;
