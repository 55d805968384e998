package kindveil.studio.work.book;

import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import kindveil.finish.BookReading.Book;
import kindveil.measure.UnusableValue;
import org.jspecify.annotations.Nullable;

/**
 * A book of the artist's.
 *
 * @param version counts its changes
 * @param given when it was given away, or null where it is here
 * @param pages pieces by the number of the page they lie on
 */
public record StudioBook(UUID id, int version, String title, Instant begun, Book book, Map<Integer, UUID> pages, @Nullable Instant given) {
    private static final int LONGEST_TITLE = 80;

    public StudioBook {
        pages = Map.copyOf(pages);
        if (title.isBlank() || title.length() > LONGEST_TITLE) {
            throw new UnusableValue("title", title.isBlank() ? "nothing" : title.length() + " signs", "1 to %d signs".formatted(LONGEST_TITLE), "Call it what stands on its cover.");
        }
        for (Integer page : pages.keySet()) {
            UnusableValue.requireWithin("page", page, 1, book.pages(), "", "Take what lies further back off first.");
        }
    }

    /** As a page that saw version {@code seen} would change it. */
    public StudioBook seen(int seen) {
        return new StudioBook(id, seen, title, begun, book, pages, given);
    }

    public StudioBook described(String otherTitle, Book other) {
        return new StudioBook(id, version, otherTitle, begun, other, pages, given);
    }

    /** Given away, or, for null, here again. */
    public StudioBook given(@Nullable Instant when) {
        return new StudioBook(id, version, title, begun, book, pages, when);
    }

    /** With a piece across a left-hand page and the one that faces it. */
    public StudioBook across(UUID piece, int left) {
        if (left % 2 != 0 || left < 2 || left >= book.pages()) {
            throw new UnusableValue("page", String.valueOf(left), "a left-hand page, 2 to %d by twos".formatted(book.pages() - 2), "It lies on that page and on the one that faces it.");
        }
        Map<Integer, UUID> other = new HashMap<>(laying(piece, left).pages);
        if (other.containsKey(left + 1)) {
            throw new UnusableValue("page", String.valueOf(left + 1), "one that is free", "Another piece lies there: take it off, or choose another page.");
        }
        other.put(left + 1, piece);
        return new StudioBook(id, version, title, begun, book, other, given);
    }

    /** With a piece on a page; it lies on one only, and a page bears one only. */
    public StudioBook laying(UUID piece, int page) {
        if (pages.containsKey(page) && !pages.get(page).equals(piece)) {
            throw new UnusableValue("page", String.valueOf(page), "one that is free", "Another piece lies there: take it off, or choose another page.");
        }
        Map<Integer, UUID> other = new HashMap<>(pages);
        other.values().remove(piece);
        other.put(page, piece);
        return new StudioBook(id, version, title, begun, book, other, given);
    }

    public StudioBook taking(int page) {
        Map<Integer, UUID> other = new HashMap<>(pages);
        UUID gone = other.remove(page);
        // what lies across two pages is taken off both
        other.values().removeIf(each -> each.equals(gone));
        return new StudioBook(id, version, title, begun, book, other, given);
    }
}
