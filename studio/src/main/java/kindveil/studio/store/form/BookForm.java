package kindveil.studio.store.form;

import java.time.Instant;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import kindveil.finish.BookReading.Book;
import kindveil.studio.work.book.StudioBook;
import org.jspecify.annotations.Nullable;

/** A book, as it is kept. @param spine in mm @param pages pieces by the number of their page */
public record BookForm(String title, int leaves, double grams, double spine, Map<Integer, UUID> pages, @Nullable Instant given) {
    public static BookForm of(StudioBook book) {
        return new BookForm(book.title(), book.book().leaves(), book.book().grams(), book.book().spine(), new TreeMap<>(book.pages()), book.given());
    }

    public StudioBook book(UUID id, int version, Instant begun) {
        return new StudioBook(id, version, title, begun, new Book(leaves, grams, spine), pages, given);
    }
}
