/**
 * A plan being made: what the hands have done so far, and what that leaves to do and to watch.
 *
 * <p><b>In:</b> a {@link kindveil.way.Plan}, the instant it was begun and the {@link kindveil.making.Deed}s
 * since, oldest first. <b>Out:</b> a {@link kindveil.making.Making}: the act at hand, the windows that run
 * with their {@link kindveil.making.Clock}s, the bench as it really is, and what was done against its advice.
 *
 * <p><b>Guaranteed:</b>
 * <ol>
 * <li>the same deeds always give the same state, so a state is never stored, only deeds are;</li>
 * <li>a deed that does not fit the act at hand is refused, nothing is skipped silently;</li>
 * <li>taking back the last deed gives exactly the state before it;</li>
 * <li>a deed may be told later than it happened, but not before the deed it follows.</li>
 * <li>a {@link kindveil.making.Sign} is no deed: it leaves the state as it is, and moves the belief in how fast the bed of the act at hand
 *     dries, its clock, and the chance that it holds; what was felt of one bed says nothing of another. An answer that tells something is
 *     a deed, and evidence like a sign.</li>
 * </ol>
 */
package kindveil.making;
