/**
 * Regions of a picture with an exact outline: drawn, grown, taken by tone, joined, cut, moved point by point.
 *
 * <p>A {@link kindveil.shape.Region} is a set of polygons with holes in a plane whose unit is the width of the picture, x
 * to the right and y down. It is never rasterised but to be shown: what a brush adds is the exact sweep of its disc, and
 * {@link kindveil.shape.Region#coverage} is the exact share of each pixel. {@link kindveil.shape.Contours} finds the line on
 * which a plane has a level, between the pixels.
 *
 * <p>A valid region: (1) its polygons do not overlap; (2) holes lie inside their polygon; (3) every ring has at least three
 * points; (4) written and read again it is the same to 0.00001 of the width.
 *
 * <p>{@link kindveil.shape.Lying} is a box on a page with its turn and perhaps such a region in it, in millimetres; {@link kindveil.shape.Guides}
 * are the lines of the page, and of what else lies there, that draw it.
 */
package kindveil.shape;
