/**
 * Pictures in, files out.
 *
 * <p><b>In:</b> bytes of a PNG, JPEG (CMYK included), TIFF or WebP, told apart by content. {@link kindveil.studio.intake.PictureIntake}
 * reads the size from the header before it decodes anything, refuses what is too large or too small, turns the
 * picture as its orientation tag says and flattens transparency onto white. The file itself is kept as it came, and never
 * handed out again. <b>Out:</b> PNG without any of the file's other data (no location, no camera, no time); print sheets as
 * PDF at exact size, and as PNG and TIFF with their density; outlines and templates as SVG in millimetres.
 */
package kindveil.studio.intake;
