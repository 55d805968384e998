/**
 * The air of the studio and its units, now and as it was told before.
 *
 * <p><b>Guaranteed:</b> every telling of other air stays, so that a making can be walked in the air it stood in.
 */
@org.jspecify.annotations.NullMarked
package kindveil.studio.work.room;
