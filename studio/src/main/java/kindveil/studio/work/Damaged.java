package kindveil.studio.work;

import java.util.UUID;

/**
 * Something stored that cannot be read: set apart, kept as it is, and told of on the page.
 *
 * @param what it is, as in “a making”
 * @param words what is wrong with it
 */
public record Damaged(String what, UUID id, String words) {
    /** In a sentence for a page. */
    public String sentence() {
        return "%s (%s) cannot be read and was set apart: %s It is kept as it is; nothing else is touched.".formatted(what, id, words);
    }
}
