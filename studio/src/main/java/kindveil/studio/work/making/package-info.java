/**
 * The bench: begun, told, taken back, laid aside.
 *
 * <p><b>Guaranteed:</b> a making keeps the plan it was begun with, and goes on with it whatever becomes of the way; a deed counts
 * once however often it is sent; the room told later moves what is still open.
 */
@org.jspecify.annotations.NullMarked
package kindveil.studio.work.making;
