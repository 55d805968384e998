/**
 * What the artist owns: lots, tools, plates, trays, weights, prints in stock.
 *
 * <p><b>Guaranteed:</b> a lot is a product like any other; what is told of it reaches look, drying, cautions and washing up.
 */
@org.jspecify.annotations.NullMarked
package kindveil.studio.work.shelf;
