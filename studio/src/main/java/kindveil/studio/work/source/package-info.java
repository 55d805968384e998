/**
 * Reading, treating and framing the picture a veil brings.
 *
 * <p><b>Guaranteed:</b> the file that was chosen stays as it came; treatments are a list that can be gone back on.
 */
@org.jspecify.annotations.NullMarked
package kindveil.studio.work.source;
