/**
 * What the artist owns, in four sorts: lots of products (paints among them), prints in stock, supports of their own, and gear
 * (sheets, rolls, plates, trays, weights, tools). Each has what it has and no more; what is asked of one is asked of its sort.
 *
 * <p><b>Guaranteed:</b> a lot is a product like any other; what is told of it reaches look, drying, cautions and washing up. A support of
 * one's own is kept whole with what is made on it; pieces follow what is measured later, makings keep what they were begun on.
 */
@org.jspecify.annotations.NullMarked
package kindveil.studio.work.shelf;
