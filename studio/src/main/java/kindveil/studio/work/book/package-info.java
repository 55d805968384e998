/**
 * Bound books: which piece lies on which page ({@link kindveil.studio.work.book.StudioBook}), and what comes of that when the book is
 * closed ({@link kindveil.studio.work.book.BookWork}), by the benches of its pieces as they are made or planned.
 */
@NullMarked
package kindveil.studio.work.book;

import org.jspecify.annotations.NullMarked;
