package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import kindveil.studio.store.form.BookForm;
import kindveil.studio.store.form.Json;
import kindveil.studio.work.book.StudioBook;

@Entity
@Table(name = "book")
class BookEntity {
    @Id
    UUID id;
    @Version
    int version;
    Instant begun;
    @Lob
    @Column(name = "book_json")
    String book;

    void take(StudioBook told) {
        book = Json.write(BookForm.of(told));
    }

    /** {@link kindveil.studio.store.form.Unreadable} where it cannot be read. */
    StudioBook book() {
        return Json.guarded(() -> Json.read(book, BookForm.class).book(id, version, begun));
    }
}
