package kindveil.studio.work.book;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import kindveil.finish.BookReading;
import kindveil.finish.BookReading.Book;
import kindveil.finish.BookReading.Laid;
import kindveil.studio.work.Kept;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.finish.FinishWork;
import kindveil.studio.work.finish.FinishWork.Ended;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Books, and what comes of them when they are closed. */
@Service
@Transactional
public class BookWork {
    private final Books books;
    private final PieceWork pieces;
    private final FinishWork finishing;
    private final Clock clock;

    BookWork(Books books, PieceWork pieces, FinishWork finishing, Clock clock) {
        this.books = books;
        this.pieces = pieces;
        this.finishing = finishing;
        this.clock = clock;
    }

    /**
     * A book thought through.
     *
     * @param on pieces by their pages; those that are gone are left out
     * @param zero of the times in the reading
     */
    public record Read(StudioBook book, BookReading reading, Map<Integer, Piece> on, Instant zero) {
    }

    public Kept<StudioBook> kept() {
        return books.kept();
    }

    public StudioBook get(UUID id) {
        return books.find(id).orElseThrow(() -> new NotFound("book", id));
    }

    /** All pieces, to choose from. */
    public List<Piece> pieces() {
        return pieces.all();
    }

    /** Begins one; the same once is begun once. */
    public StudioBook begin(UUID once, String title, Book book) {
        return books.find(once).orElseGet(() -> {
            StudioBook begun = new StudioBook(once, 0, title, clock.instant(), book, Map.of(), null);
            books.add(begun);
            return begun;
        });
    }

    public void change(StudioBook book) {
        books.replace(book);
    }

    /** No longer here; what lay on its pages is as it was, should it come back. */
    public void giveAway(UUID id) {
        books.replace(get(id).given(clock.instant()));
    }

    public void bringBack(UUID id) {
        books.replace(get(id).given(null));
    }

    public Read read(StudioBook book) {
        Instant zero = clock.instant();
        Map<UUID, Piece> known = pieces.all(book.pages().values());
        Map<Integer, Piece> on = new TreeMap<>();
        Map<Integer, Laid> laid = new HashMap<>();
        Map<UUID, Laid> works = new HashMap<>();
        book.pages().forEach((page, id) -> {
            Piece piece = known.get(id);
            if (piece != null) {
                on.put(page, piece);
                laid.put(page, works.computeIfAbsent(id, key -> laid(piece, zero)));
            }
        });
        return new Read(book, BookReading.of(book.book(), laid), on, zero);
    }

    private Laid laid(Piece piece, Instant zero) {
        Ended ended = finishing.ended(pieces.plan(piece));
        return new Laid(piece.title(), ended.end(), ended.made(), ended.origin() == null ? Duration.ZERO : Duration.between(zero, ended.origin()));
    }
}
