/** Bound books: what lies on which page, and what comes of it when they are closed. */
@NullMarked
package kindveil.studio.page.book;

import org.jspecify.annotations.NullMarked;
