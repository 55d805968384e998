/**
 * Sittings: the hours hands are free, the pieces fitted into them as lines of their own water, why each act is where it is, what would
 * make it fit; the calendar file and the sheet for one sitting.
 */
@NullMarked
package kindveil.studio.page.sitting;

import org.jspecify.annotations.NullMarked;
