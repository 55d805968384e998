/**
 * Jars and bottles on the shelf, and what has to be bought for the pieces that are to be made ({@link kindveil.studio.work.stock.Stock}); sheets, rolls,
 * plates, trays and tools, and the kit the pieces take ({@link kindveil.studio.work.stock.Things}).
 */
@NullMarked
package kindveil.studio.work.stock;

import org.jspecify.annotations.NullMarked;
