/**
 * Jars and bottles on the shelf, and what has to be bought for the pieces that are to be made ({@link kindveil.studio.work.stock.Stock}); sheets, rolls,
 * plates, trays and tools, and the kit the pieces take ({@link kindveil.studio.work.stock.Things}); prints with their lineage, what is left of them and what each would be
 * in another piece ({@link kindveil.studio.work.stock.Prints}).
 */
@NullMarked
package kindveil.studio.work.stock;

import org.jspecify.annotations.NullMarked;
