/**
 * What a piece will look like: its states as pictures, the core under a point, how much of the drawing drowns, each
 * picture by itself, what lies where and meets what, and which changes of the plan bring it back: looked for in steps, so that no request waits for all of them.
 *
 * <p><b>Guaranteed:</b> where a veil does not reach it was never made; a look depends on the piece, the state and the pass alone
 * and is remembered for them.
 */
@org.jspecify.annotations.NullMarked
package kindveil.studio.work.look;
