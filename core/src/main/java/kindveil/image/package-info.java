/**
 * Planes of numbers a picture is made of: linear light, coverage, masks. No file formats.
 *
 * <p>A {@link kindveil.image.Plane} holds one number a pixel, row by row from the top left, and is never
 * changed after it is made. A {@link kindveil.image.Picture} is three planes of linear light (red,
 * green, blue; sRGB primaries; 0 = none, 1 = paper white), never encoded values.
 */
package kindveil.image;
