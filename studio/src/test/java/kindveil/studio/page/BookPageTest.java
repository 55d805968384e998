package kindveil.studio.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.book.BookWork;
import kindveil.studio.work.book.StudioBook;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A journal described, filled and closed. */
@ExtendWith(OpenStudio.class)
class BookPageTest {
    private final Studio studio;
    private final Web web;
    private final PieceWork pieces;
    private final BookWork books;

    BookPageTest(Studio studio) {
        this.studio = studio;
        this.web = new Web(studio.address());
        this.pieces = studio.bean(PieceWork.class);
        this.books = studio.bean(BookWork.class);
    }

    private Piece piece(String title, String way) {
        Piece piece = pieces.begin(title, Length.ofMillimetres(90), "oar.png", Samples.cornerPng());
        return pieces.change(piece.doing(Catalogue.way(way)));
    }

    @Test
    void journal_isDescribed_filled_closed_andGivenAway() {
        UUID once = UUID.randomUUID();
        Map<String, String> form = new HashMap<>(Map.of("once", once.toString(), "title", "Landing journal", "leaves", "24", "grams", "heavy", "spine", "0 mm"));
        String wrong = web.post("/books", form).words();
        assertTrue(wrong.contains("Paper") && wrong.contains("“heavy”") && wrong.contains("Spine"), wrong);
        form.putAll(Map.of("grams", "160", "spine", "6 mm"));
        assertEquals(200, web.post("/books", form).status());
        web.post("/books", form);
        assertEquals(1, books.kept().read().stream().filter(book -> book.title().equals("Landing journal")).count(), "begun once");
        StudioBook book = books.get(once);

        Piece left = piece("Left oar", "gel-lay");
        Piece right = piece("Right oar", "gel-lay");
        lay(book.id(), left, 4);
        lay(book.id(), right, 5);
        String page = web.get("/books/" + book.id()).words();
        assertTrue(page.contains("4 and 5 Left oar · Right oar") && page.contains("Release paper between them for good") && page.contains("must lie open until"), page);
        assertTrue(web.post("/books/" + book.id() + "/lay", Map.of("version", version(book), "piece", piece("Third", "tape-lift").id().toString(), "page", "4")).words().contains("Another piece lies there"));
        assertTrue(web.post("/books/" + book.id() + "/lay", Map.of("version", version(book), "piece", left.id().toString(), "page", "99")).words().contains("1 to 48"));
        // to the other side of its leaf: they no longer face each other
        lay(book.id(), left, 6);
        assertTrue(web.get("/books/" + book.id()).words().contains("Release paper until it has cured"));

        // made and dry, it may be closed
        make(left);
        make(right);
        studio.clock().forward(Duration.ofDays(1));
        assertTrue(web.get("/books/" + book.id()).words().contains("It may be closed now"));
        form.putAll(Map.of("version", version(book), "title", "Landing journal", "spine", "3 mm"));
        assertTrue(web.post("/books/" + book.id(), form).words().contains("It gapes by"), "a spine too narrow for its own paper");
        assertEquals(409, web.post("/books/" + book.id() + "/take", Map.of("version", "0", "page", "5")).status());
        web.post("/books/" + book.id() + "/take", Map.of("version", version(book), "page", "5"));
        assertEquals(Map.of(6, left.id()), books.get(book.id()).pages());
        // across two pages: both are taken, and free again together
        assertTrue(web.post("/books/" + book.id() + "/lay", Map.of("version", version(book), "piece", right.id().toString(), "page", "9", "across", "true")).words().contains("a left-hand page"));
        assertTrue(web.post("/books/" + book.id() + "/lay", Map.of("version", version(book), "piece", right.id().toString(), "page", "8", "across", "true")).words().contains("8 and 9 Right oar, across both"));
        assertTrue(web.post("/books/" + book.id() + "/lay", Map.of("version", version(book), "piece", left.id().toString(), "page", "9")).words().contains("Another piece lies there"));
        web.post("/books/" + book.id() + "/take", Map.of("version", version(book), "page", "8"));
        assertEquals(Map.of(6, left.id()), books.get(book.id()).pages());
        // given away, and back again with all that lay in it
        assertTrue(web.post("/books/" + book.id() + "/remove", Map.of()).words().contains("Landing journal, given away"));
        web.post("/books/" + book.id() + "/bring-back", Map.of());
        assertEquals(Map.of(6, left.id()), books.get(book.id()).pages());
        assertFalse(web.get("/books").words().contains("given away"));
        studio.bean(kindveil.studio.work.book.Books.class).remove(book.id());
    }

    private String version(StudioBook book) {
        return String.valueOf(books.get(book.id()).version());
    }

    private void lay(UUID book, Piece piece, int page) {
        assertEquals(200, web.post("/books/" + book + "/lay", Map.of("version", String.valueOf(books.get(book).version()), "piece", piece.id().toString(), "page", String.valueOf(page))).status());
    }

    private void make(Piece piece) {
        MakeWork makings = studio.bean(MakeWork.class);
        UUID making = makings.begin(piece.id()).id();
        while (makings.get(making).making().current().isPresent()) {
            StoredMaking now = makings.get(making);
            now.making().clock().filter(clock -> clock.advised().isAfter(studio.clock().instant())).ifPresent(clock -> studio.clock().forward(Duration.between(studio.clock().instant(), clock.advised()).plusMinutes(1)));
            makings.tell(making, now.told().size(), now.making().current().orElseThrow().expected(), 0, true);
        }
    }
}
