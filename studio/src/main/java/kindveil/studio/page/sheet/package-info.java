/**
 * Print sheets: what of several pieces is printed together, drawn to scale and arranged by hand; what the rule of a
 * printout measured; and the simulated printer that stands beside them.
 */
package kindveil.studio.page.sheet;
