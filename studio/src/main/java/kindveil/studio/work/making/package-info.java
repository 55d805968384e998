/**
 * The bench: begun alone or as several pulls, told, taken back, its plan changed, laid aside.
 *
 * <p><b>Guaranteed:</b> a making keeps the plan it was begun with, and goes on with it whatever becomes of the way; a deed counts
 * once however often it is sent; the room told later moves what is still open. What one pull of a series makes ready is ready in all of
 * them. A plan changed while it is made leaves everything told as it was told; the plan it was begun with stays beside it.
 */
@org.jspecify.annotations.NullMarked
package kindveil.studio.work.making;
