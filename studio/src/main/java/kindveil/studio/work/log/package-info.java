/**
 * What came of it, in the artist's own words, and what it judged.
 *
 * <p><b>Guaranteed:</b> an entry keeps, typed and frozen, the ways with their choices and lots, the air as it was told, the print,
 * the departures with their figures, the answers given and the picture of the look then foreseen: changing a piece, a room or a
 * way later moves nothing in it. It is corrected by another revision and struck out by one; what stood before stays. A result told in a word
 * at the bench is such an entry, and what is kept of it goes to the stock.
 */
@org.jspecify.annotations.NullMarked
package kindveil.studio.work.log;
