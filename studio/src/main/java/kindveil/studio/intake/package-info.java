/**
 * Pictures in, files out.
 *
 * <p><b>In:</b> bytes of a PNG, JPEG (CMYK included), TIFF or WebP, told apart by content. {@link kindveil.studio.intake.PictureIntake}
 * reads the size from the header before it decodes anything, refuses what is too large or too small, turns the
 * picture as its orientation tag says and flattens transparency onto white. <b>Out:</b> lossless PNG without any
 * of the file's other data (no location, no camera, no time), and PDF sheets at exact size.
 */
package kindveil.studio.intake;
