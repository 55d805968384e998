/**
 * The way in: security headers, who may ask, and what is said when something goes wrong.
 *
 * <p>Guaranteed: only this machine is answered (bound to loopback, Host header checked), and others as {@code gate.lan} says; every change carries a
 * CSRF token; pages run no inline script or style and fetch nothing from elsewhere; a person never sees a stack
 * trace.
 */
package kindveil.studio.gate;
