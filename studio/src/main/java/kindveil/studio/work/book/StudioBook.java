package kindveil.studio.work.book;

import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import kindveil.finish.BookReading.Book;
import kindveil.measure.UnusableValue;

/**
 * A book of the artist's.
 *
 * @param version counts its changes
 * @param pages pieces by the number of the page they lie on
 */
public record StudioBook(UUID id, int version, String title, Instant begun, Book book, Map<Integer, UUID> pages) {
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
        return new StudioBook(id, seen, title, begun, book, pages);
    }

    public StudioBook described(String otherTitle, Book other) {
        return new StudioBook(id, version, otherTitle, begun, other, pages);
    }

    /** With a piece on a page; it lies on one only, and a page bears one only. */
    public StudioBook laying(UUID piece, int page) {
        if (pages.containsKey(page) && !pages.get(page).equals(piece)) {
            throw new UnusableValue("page", String.valueOf(page), "one that is free", "Another piece lies there: take it off, or choose another page.");
        }
        Map<Integer, UUID> other = new HashMap<>(pages);
        other.values().remove(piece);
        other.put(page, piece);
        return new StudioBook(id, version, title, begun, book, other);
    }

    public StudioBook taking(int page) {
        Map<Integer, UUID> other = new HashMap<>(pages);
        other.remove(page);
        return new StudioBook(id, version, title, begun, book, other);
    }
}
