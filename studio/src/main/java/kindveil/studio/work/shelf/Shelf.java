package kindveil.studio.work.shelf;

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
}
