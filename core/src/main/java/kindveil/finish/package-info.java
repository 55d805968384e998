/**
 * What may come last, and when.
 *
 * <p><b>In:</b> a bench with finished work on it, and the ways there are of finishing. <b>Out:</b> for each way in each of its kinds
 * whether it holds over this work, what it would cost, what comes of it and what it closes off ({@link kindveil.finish.FinishReading});
 * where it does not hold, the nearest order that does; and from when on the work may be varnished, framed, hung, closed in a book or
 * sent ({@link kindveil.finish.ReadyReading}).
 *
 * <p><b>Invariants.</b> Nothing is told of orders: each is tried on the bench, act by act, by the bench's own rules, so that what is
 * offered here is what the bench will take. What closes off what is found the same way. One thing can always be done with any work.
 */
@NullMarked
package kindveil.finish;

import org.jspecify.annotations.NullMarked;
