/**
 * What there is, what is needed, and what to buy.
 *
 * <p><b>In:</b> how much of each product each piece takes, and what stands on the shelf. <b>Out:</b> for each product how much is lacking,
 * in jars one buys, for which pieces, and what of the shelf would do instead and what that costs in look and time
 * ({@link kindveil.mixing.Shopping}).
 *
 * <p><b>Invariants.</b> What is needed is had or lacking: the two add up. Nothing is promised twice: what one piece takes is not there for the next.
 */
@NullMarked
package kindveil.mixing;

import org.jspecify.annotations.NullMarked;
