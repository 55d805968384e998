package kindveil.studio.page.build;

import kindveil.way.Where;
import org.jspecify.annotations.Nullable;

/**
 * A way to what is decided somewhere.
 *
 * @param where it leads, or null for that of another veil
 * @param words what is there
 * @param open whether it stands open
 */
public record Door(@Nullable Where where, String words, String href, boolean open) {
    /** Its name within a page: several layers may lead to one place. */
    public String id(String prefix) {
        return prefix + "-" + (where == null ? "other" : Doors.word(where));
    }
}
