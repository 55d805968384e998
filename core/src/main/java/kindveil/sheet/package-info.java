/**
 * What is printed beside and under the images.
 *
 * <p>Print sheets: where on a real sheet of paper each picture lies, in exact lengths.
 *
 * <p><b>In:</b> the size of the image, how many copies, the paper. <b>Out:</b> a
 * {@link kindveil.sheet.PrintSheet}: places of the copies, crop marks, a 50 mm check rule and the strip for the
 * note. Nothing is ever scaled to fit: what does not fit is refused with the largest size that does.
 *
 * <p>A valid sheet: (1) every copy lies inside the printable margin; (2) copies do not overlap; (3) rule and
 * note lie outside every copy.
 *
 * <p>{@link kindveil.sheet.Packing}: several images and their copies on the fewest sheets, then with the largest rest left
 * whole; {@link kindveil.sheet.Master}: the same for a shop that copies every sheet equally often;
 * {@link kindveil.sheet.CheckRule}: what the 50 mm rule of a printout measured, corrected up to a tenth, rejected beyond;
 * {@link kindveil.sheet.ScanReading}: the same, the hand and the blacks read from a scan.
 *
 * <p>{@link kindveil.sheet.TapeStrips}: the fewest strips n = max(1, ⌈(w − o)/(b − o)⌉ in either direction, overlapped by
 * at least what is asked; up to two more where that keeps seams out of a marked part.
 *
 * <p>{@link kindveil.sheet.CurvedForm}: whether a skin or tape lies on a form by the product of its curvatures, and the
 * relief cuts where it does not, square or cut round. {@link kindveil.sheet.BlockCut}: what stands on a block, what is too thin or too
 * narrow for the tool, how deep it must be cut, and what an edition takes. {@link kindveil.sheet.ProofStrip}: the target of tones, lines, dots and lettering.
 */
package kindveil.sheet;
