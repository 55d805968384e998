package kindveil.studio.page.book;

import java.util.List;
import java.util.UUID;
import kindveil.finish.BookReading;
import kindveil.finish.BookReading.Book;
import kindveil.measure.Length;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.book.BookWork;
import kindveil.studio.work.book.StudioBook;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class BookController {
    private static final Length NARROWEST = Length.ofMillimetres(1);
    private static final Length WIDEST = Length.ofMillimetres(150);
    private final BookWork books;
    private final Say say;

    BookController(BookWork books, Say say) {
        this.books = books;
        this.say = say;
    }

    @GetMapping("/books")
    ModelAndView all() {
        return list(BooksView.Form.fresh(say), List.of());
    }

    private ModelAndView list(BooksView.Form form, List<String> problems) {
        return BooksView.of(books.kept(), form, problems, say).in("book/books");
    }

    /** What is told of a book; null where it cannot be, and what is wrong is kept. */
    private static @Nullable Book told(Problems problems, String leaves, String grams, String spine) {
        Integer sheets = problems.whole("Leaves", leaves, 1, BookReading.MOST_LEAVES, "", "Count sheets, not pages.");
        Double weight = problems.number("Paper", grams, 40, 640, "g/m²", "It stands on the cover, or weigh a leaf.");
        Length back = problems.read(() -> Length.parseSize("Spine", spine, NARROWEST, WIDEST));
        return problems.any() ? null : problems.read(() -> new Book(sheets, weight, back.millimetres()));
    }

    @PostMapping("/books")
    Object begin(@RequestParam UUID once, @RequestParam(defaultValue = "") String title, @RequestParam(defaultValue = "") String leaves, @RequestParam(defaultValue = "") String grams, @RequestParam(defaultValue = "") String spine) {
        Problems problems = new Problems();
        Book book = told(problems, leaves, grams, spine);
        StudioBook begun = book == null ? null : problems.read(() -> books.begin(once, title.strip(), book));
        return begun == null ? list(new BooksView.Form(once, title, leaves, grams, spine), problems.words()) : "redirect:/books/" + begun.id();
    }

    @GetMapping("/books/{id}")
    ModelAndView book(@PathVariable UUID id) {
        return page(books.get(id), null, List.of());
    }

    private ModelAndView page(StudioBook book, BooksView.@Nullable Form form, List<String> problems) {
        return BookView.of(books.read(book), books.pieces(), form, problems, say).in("book/book");
    }

    @PostMapping("/books/{id}")
    Object describe(@PathVariable UUID id, @RequestParam int version, @RequestParam(defaultValue = "") String title, @RequestParam(defaultValue = "") String leaves, @RequestParam(defaultValue = "") String grams, @RequestParam(defaultValue = "") String spine) {
        Problems problems = new Problems();
        Book told = told(problems, leaves, grams, spine);
        StudioBook was = books.get(id);
        StudioBook changed = told == null ? null : problems.read(() -> was.seen(version).described(title.strip(), told));
        if (changed == null) {
            return page(was, new BooksView.Form(id, title, leaves, grams, spine), problems.words());
        }
        books.change(changed);
        return "redirect:/books/" + id;
    }

    /** A piece laid on a page. */
    @PostMapping("/books/{id}/lay")
    Object lay(@PathVariable UUID id, @RequestParam int version, @RequestParam UUID piece, @RequestParam(defaultValue = "") String page, @RequestParam(defaultValue = "false") boolean across) {
        StudioBook was = books.get(id);
        Problems problems = new Problems();
        Integer number = problems.whole("Page", page, 1, was.book().pages(), "", "The first page is a right-hand one.");
        StudioBook changed = number == null ? null : problems.read(() -> across ? was.seen(version).across(piece, number) : was.seen(version).laying(piece, number));
        if (changed == null) {
            return page(was, null, problems.words());
        }
        books.change(changed);
        return "redirect:/books/" + id;
    }

    @PostMapping("/books/{id}/take")
    String take(@PathVariable UUID id, @RequestParam int version, @RequestParam int page) {
        books.change(books.get(id).seen(version).taking(page));
        return "redirect:/books/" + id;
    }

    @PostMapping("/books/{id}/remove")
    String giveAway(@PathVariable UUID id) {
        books.giveAway(id);
        return "redirect:/books";
    }

    @PostMapping("/books/{id}/bring-back")
    String bringBack(@PathVariable UUID id) {
        books.bringBack(id);
        return "redirect:/books/" + id;
    }
}
