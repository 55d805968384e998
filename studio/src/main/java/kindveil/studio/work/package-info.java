/**
 * Use cases and their transactions, in terms of the core.
 *
 * <p>Records here are what pages and store exchange; the interfaces ({@code Pieces}, {@code Pictures},
 * {@code Makings}, {@code Log}, {@code Rooms}) are what the store implements. Guaranteed: what a use case has
 * returned from is on disk; a change made from a page that was out of date is refused as
 * {@link kindveil.studio.work.Outdated} and changes nothing; an unknown id is {@link kindveil.studio.work.NotFound}.
 */
package kindveil.studio.work;

import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.log.Log;
import kindveil.studio.work.making.Makings;
import kindveil.studio.work.piece.Pieces;
import kindveil.studio.work.picture.Pictures;