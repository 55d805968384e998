package kindveil.studio.work.shelf;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kindveil.studio.work.Kept;

/** Keeps what the artist owns. */
public interface Shelf {
    /** By kind, then by name. */
    Kept<Owned> kept();

    Optional<Owned> find(UUID id);

    /** Adds it, or replaces what has its id. */
    void keep(Owned owned);

    void remove(UUID id);

    /** All of one sort that can be read, by name. */
    default <T extends Owned> List<T> all(Class<T> sort) {
        return Owned.of(kept().read(), sort);
    }

    /** Where it is there, and of that sort. */
    default <T extends Owned> Optional<T> find(UUID id, Class<T> sort) {
        return find(id).filter(sort::isInstance).map(sort::cast);
    }
}
