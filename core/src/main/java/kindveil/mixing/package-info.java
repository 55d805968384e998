/**
 * What there is, what is needed, what is mixed of it, and what becomes of it.
 *
 * <p><b>In:</b> mixtures with their parts, how much of each product each piece takes, what stands on the shelf, and what was seen of it.
 * <b>Out:</b> a batch measured so that its smallest part can be measured and the ratio stays ({@link kindveil.mixing.Recipe},
 * {@link kindveil.mixing.Measure}); what a mixture keeps like and how it is thrown away ({@link kindveil.mixing.Keeping}); what has become of a
 * jar of it ({@link kindveil.mixing.Jar}: level, strength by how long its lid was off, ready, to be looked at, spoilt); what has become of a lot
 * ({@link kindveil.mixing.Ageing}: water it lost, what was seen of it); whether two wet things may meet ({@link kindveil.mixing.Meeting}); what
 * comes of a recipe of one's own ({@link kindveil.mixing.Blend}); what to buy, in jars, and what would do instead ({@link kindveil.mixing.Shopping}).
 *
 * <p><b>Invariants.</b> What is needed is had or lacking: the two add up, and nothing is promised twice. Parts are never rounded one by one. What
 * was taken and was not there is said, and no level is below nothing. Nothing is asked by a product's name: carrier, keeping and signs follow from
 * how it gets dry and from its traits. A minimum strength is the bottle's, before mixing.
 *
 * <p><b>Assumed</b> (its label wins): alcohol evaporates out of an open jar by 0.096 ml a cm² and hour at 20 °C, twice as fast ten degrees warmer; two
 * points of strength are nothing; opened mediums lose 0.4 % of themselves as water in a month; how long opened lots are trusted.
 */
@NullMarked
package kindveil.mixing;

import org.jspecify.annotations.NullMarked;
