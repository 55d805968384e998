/**
 * Print sheets: where on a real sheet of paper each picture lies, in exact lengths.
 *
 * <p><b>In:</b> the size of the image, how many copies, the paper. <b>Out:</b> a
 * {@link kindveil.sheet.PrintSheet}: places of the copies, crop marks, a 50 mm check rule and the strip for the
 * note. Nothing is ever scaled to fit: what does not fit is refused with the largest size that does.
 *
 * <p>A valid sheet: (1) every copy lies inside the printable margin; (2) copies do not overlap; (3) rule and
 * note lie outside every copy.
 *
 * <p>{@link kindveil.sheet.TapeStrips}: the fewest strips n = max(1, ⌈(w − o)/(b − o)⌉ in either direction, overlapped by
 * at least what is asked, seams kept out of a marked part where any placing does.
 */
package kindveil.sheet;
