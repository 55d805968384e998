/**
 * Jars of what was mixed, and the next batch: how much of each part for the pieces that want it, what stands and how it keeps, labels.
 *
 * <p><b>Guaranteed:</b> what the page shows of a batch is what is kept of it when it is mixed; every refusal of a form is said at once.
 */
@NullMarked
package kindveil.studio.page.jar;

import org.jspecify.annotations.NullMarked;
