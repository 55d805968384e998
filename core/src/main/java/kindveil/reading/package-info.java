/**
 * Readings: each answers one question about a plan, from the trace of bench states it leaves.
 *
 * <p><b>In:</b> a {@link kindveil.way.Trace} (or one {@link kindveil.bench.Bench} of it). <b>Out:</b>
 * <ul>
 * <li>{@link kindveil.reading.HandReading}: does the image read right, and must the print be mirrored;</li>
 * <li>{@link kindveil.reading.StackReading}: the layers from the eye down, and how they look;</li>
 * <li>{@link kindveil.reading.LookState}: the states a piece is looked at in;</li>
 * <li>{@link kindveil.reading.ReliefReading}: what stands up, how high and how far it reaches;</li>
 * <li>{@link kindveil.reading.WishReading}: what a wish does to the picture itself;</li>
 * <li>{@link kindveil.reading.Outside}: what of it lies where a picture does not;</li>
 * <li>{@link kindveil.reading.HoldReading}: whether an image will hold when its paper is rubbed away, now and after the waits
 *     practitioners name;</li>
 * <li>{@link kindveil.reading.CrackReading}: whether a thick coat cracks, and how far apart;</li>
 * <li>{@link kindveil.reading.SupportReading}: what a bare support does to whatever is laid on it;</li>
 * <li>{@link kindveil.reading.PullRow}: pulls from one plate in the order with the fewest cleanings;</li>
 * <li>{@link kindveil.reading.SeriesReading}: several pulls of one plan, each begun in the others' waits;</li>
 * <li>{@link kindveil.reading.DrawdownReading}: a paint's K and S from a photograph of its drawdown;</li>
 * <li>{@link kindveil.reading.ColourPairs}: what every pair of paints makes of one drawing;</li>
 * <li>{@link kindveil.reading.TimeReading}: hands-on and waiting, act by act;</li>
 * <li>{@link kindveil.reading.AmountReading}: how much of what, and what is mixed of which parts;</li>
 * <li>{@link kindveil.reading.MarginReading}: how much paper must stay around the image of a print;</li>
 * <li>{@link kindveil.reading.TapeReading}: how tape is cut and laid;</li>
 * <li>{@link kindveil.reading.CautionReading}: what can hurt, at which step;</li>
 * <li>{@link kindveil.reading.CardReading}: what a card at the bench says;</li>
 * <li>{@link kindveil.reading.GatherReading}: what must lie ready for some acts;</li>
 * <li>{@link kindveil.reading.TaskReading}: tasks, lags and resources, for a scheduler;</li>
 * <li>{@link kindveil.reading.CompatibilityReading}: sound, with care, poor or no, with reasons and what would help;</li>
 * <li>{@link kindveil.reading.Remedies}: single changes that make a refused plan sound.</li>
 * </ul>
 * No reading knows a way by name. Each answers every step by an exhaustive switch, so a new step does not
 * compile until all of them do.
 */
package kindveil.reading;
