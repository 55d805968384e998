package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import java.util.Optional;
import java.util.UUID;
import kindveil.studio.work.Damaged;
import kindveil.studio.work.Kept;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.book.Books;
import kindveil.studio.work.book.StudioBook;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
@Transactional
class StoredBooks implements Books {
    private final EntityManager entities;

    StoredBooks(EntityManager entities) {
        this.entities = entities;
    }

    @Override
    public Kept<StudioBook> kept() {
        return SetApart.of(entities.createQuery("select b from BookEntity b order by b.begun", BookEntity.class).getResultList(), BookEntity::book, (row, wrong) -> new Damaged("A book", row.id, wrong));
    }

    @Override
    public Optional<StudioBook> find(UUID id) {
        return SetApart.one(entities.find(BookEntity.class, id), "book", id, BookEntity::book);
    }

    @Override
    public void add(StudioBook book) {
        BookEntity e = new BookEntity();
        e.id = book.id();
        e.begun = book.begun();
        e.take(book);
        entities.persist(e);
    }

    @Override
    public void replace(StudioBook book) {
        BookEntity e = entities.find(BookEntity.class, book.id());
        if (e == null || e.version != book.version()) {
            throw new Outdated("The book");
        }
        e.take(book);
    }

    @Override
    public void remove(UUID id) {
        Optional.ofNullable(entities.find(BookEntity.class, id)).ifPresent(entities::remove);
    }
}
