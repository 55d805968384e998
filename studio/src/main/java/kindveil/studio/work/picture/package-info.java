/**
 * Pictures as they came, with a working copy.
 *
 * <p><b>Guaranteed:</b> a picture never changes once it is kept; what is reckoned of it is reckoned once.
 */
@org.jspecify.annotations.NullMarked
package kindveil.studio.work.picture;
