/**
 * Stand-ins for machines, so that the whole chain can be tried without one.
 *
 * <p>{@link kindveil.studio.device.SimulatedPrinter}: a queue before one machine at a time. A sheet takes
 * {@link kindveil.studio.device.SimulatedPrinter#PACE} for each run through the machine; where it stands is reckoned from
 * the clock whenever somebody asks, so nothing runs on its own. It holds what a cartridge holds, stops when the next sheet
 * would need more than is left, and goes on when it is filled. It keeps its last few jobs in memory and forgets them when
 * the studio closes: it is a toy, and no record of yours depends on it.
 *
 * <p>{@link kindveil.studio.device.SimulatedSensor}: a hygrometer in air one sets, noisy, and silent, stuck or absurd where one asks for it.
 *
 * <p>{@link kindveil.studio.device.Machine}: what each kind of machine does to a page, in its own inks, with {@link
 * kindveil.studio.device.Faults} on top, and what a scanner then sees. The figures are assumed.
 */
package kindveil.studio.device;
