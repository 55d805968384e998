/** Jars and bottles on the shelf, and what has to be bought for the pieces that are to be made ({@link kindveil.studio.work.stock.Stock}). */
@NullMarked
package kindveil.studio.work.stock;

import org.jspecify.annotations.NullMarked;
