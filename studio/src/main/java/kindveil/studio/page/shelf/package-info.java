/**
 * The shelf: the artist's paints as they hide, measured, mixed and held against each other.
 *
 * <p><b>Guaranteed:</b> every colour shown is computed from K and S by the core; what was assumed and what was measured is said beside it.
 */
@org.jspecify.annotations.NullMarked
package kindveil.studio.page.shelf;
