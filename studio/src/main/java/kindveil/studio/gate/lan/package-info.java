/**
 * The way in from beyond this machine, open only with {@code ./kindveil start --lan}: a connector of its own that speaks TLS by a
 * certificate made at first use, and a gate that lets a device in once it has told the passcode.
 *
 * <p><b>Guaranteed:</b> this machine's own connector stays on loopback and asks for nothing; beyond it, nothing but the way in
 * itself is answered to a device that is not let in, and what decides about devices only to this machine.
 */
@org.jspecify.annotations.NullMarked
package kindveil.studio.gate.lan;
