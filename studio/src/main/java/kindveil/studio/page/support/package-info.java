/**
 * Supports of the artist's own: told as far as they were measured, and shown by what they do to whatever is laid on them, beside the
 * built-in one they are like.
 */
@org.jspecify.annotations.NullMarked
package kindveil.studio.page.support;
