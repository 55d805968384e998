package kindveil.studio.page.book;

import java.util.List;
import java.util.UUID;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Say;
import kindveil.studio.work.Kept;
import kindveil.studio.work.book.StudioBook;

/** All books, and a form for another. @param apart what was set apart, in sentences */
record BooksView(List<Line> books, List<Gone> given, Form form, List<String> apart, List<String> problems) implements PageView {
    /** One that was given away. */
    record Gone(UUID id, String title, String when) {
    }

    /** One of them. */
    record Line(String href, String title, String words) {
    }

    /** As it was typed. @param once so that what is sent twice is begun once */
    record Form(UUID once, String title, String leaves, String grams, String spine) {
        static Form fresh(Say say) {
            return new Form(UUID.randomUUID(), "", "40", "160", say.one(Length.ofMillimetres(12)));
        }

        static Form of(StudioBook book, Say say) {
            return new Form(book.id(), book.title(), String.valueOf(book.book().leaves()), Figures.plain(book.book().grams()), say.one(Length.ofMillimetres(book.book().spine())));
        }
    }

    private static String count(long pieces) {
        return pieces == 0 ? "nothing in it yet" : pieces == 1 ? "one piece in it" : pieces + " pieces in it";
    }

    static BooksView of(Kept<StudioBook> kept, Form form, List<String> problems, Say say) {
        return new BooksView(kept.read().stream().filter(book -> book.given() == null).map(book -> new Line("/books/" + book.id(), book.title(), say.it("%d leaves of %s g/m²; %s".formatted(book.book().leaves(), Figures.plain(book.book().grams()),
                count(book.pages().values().stream().distinct().count()))))).toList(), kept.read().stream().filter(book -> book.given() != null).map(book -> new Gone(book.id(), book.title(), say.date(book.given()))).toList(), form, kept.sentences(), problems);
    }
}
