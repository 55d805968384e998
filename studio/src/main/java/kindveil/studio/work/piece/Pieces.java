package kindveil.studio.work.piece;

import kindveil.studio.work.Kept;
import kindveil.studio.work.Outdated;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Keeps pieces. */
public interface Pieces {
    Optional<Piece> find(UUID id);

    /** Newest first. */
    Kept<Piece> kept();

    /** Those that can be read, newest first. */
    default List<Piece> all() {
        return kept().read();
    }

    /** Those of them that are there. */
    List<Piece> all(Collection<UUID> ids);

    /** The newest of which no making was begun, at most so many. */
    List<Piece> unmade(int most);

    /** Whether there is none at all. */
    boolean none();

    /** Holds it until the transaction is over: who else would wait for it does. */
    void hold(UUID id);

    /** Takes it away for good, with its makings, what was written of it, and its pictures that nothing else shows. */
    void remove(UUID id);

    void add(Piece piece);

    /** Replaces it if it is still at the version {@code piece} says; otherwise {@link Outdated}. */
    Piece replace(Piece piece);
}
