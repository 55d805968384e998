/** What stands on the shelf in jars and bottles, and what to buy. */
@NullMarked
package kindveil.studio.page.stock;

import org.jspecify.annotations.NullMarked;
