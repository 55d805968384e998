/**
 * Other devices at the bench: who is let in from beyond this machine, by which passcode, and where alarms ring.
 *
 * <p><b>Guaranteed:</b> the passcode and what a device shows instead of it are kept as their digests alone; after {@value
 * kindveil.studio.work.device.Doorkeeper#FREE_TRIES} wrong tries in a row nobody is let in for a while that doubles with each
 * further one, the right passcode included; a device that was shut out is out at its next request. What is told at one device
 * is said to all others ({@link kindveil.studio.work.device.Told}) once it is kept.
 */
@org.jspecify.annotations.NullMarked
package kindveil.studio.work.device;
