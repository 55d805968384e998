package kindveil.studio.work.shelf;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Prints in stock that are alike.
 *
 * @param what kind of print they are
 * @param size of one
 * @param counted when somebody last counted them, or null where nobody has
 * @param lineage where they come from; null for what was kept before that was written down
 */
public record Print(UUID id, String what, String name, int count, Size size, @Nullable Instant counted, @Nullable Lineage lineage) implements Owned {
    public Print {
        Owned.require(name, count);
    }

    /** Counted just now, called as long as a name may be. */
    public static Print of(UUID id, String what, String name, int count, Size size, Instant now, Lineage lineage) {
        return new Print(id, what, name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name, count, size, now, lineage);
    }

    /** So many of them, counted anew. */
    public Print counted(int other, Instant now) {
        return new Print(id, what, name, other, size, now, lineage);
    }

    /** Some of them, laid by for something else; as they are where it is not known where they come from. */
    public Print laidBy(UUID newId, int many, Lineage.Use use, Instant now) {
        return new Print(newId, what, name, many, size, now, lineage == null ? null : lineage.laidBy(use));
    }

    /** Where they come from, where that is known. */
    public Optional<Lineage> from() {
        return Optional.ofNullable(lineage);
    }
}
