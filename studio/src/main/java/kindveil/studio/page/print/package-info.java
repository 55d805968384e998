/** A piece's own sheet, drawn to scale: its hand, its tape, and the template for a curved form. */
@org.jspecify.annotations.NullMarked
package kindveil.studio.page.print;
