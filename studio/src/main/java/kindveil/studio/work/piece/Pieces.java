package kindveil.studio.work.piece;

import kindveil.studio.work.Kept;
import kindveil.studio.work.Outdated;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Keeps pieces. */
public interface Pieces {
    Optional<Piece> find(UUID id);

    /** Newest first; not those that were taken away. */
    Kept<Piece> kept();

    /** Those that can be read, newest first. */
    default List<Piece> all() {
        return kept().read();
    }

    /** Those of them that are there and were not taken away. */
    List<Piece> all(Collection<UUID> ids);

    /** The newest on the table of which no making was begun, at most so many. */
    List<Piece> unmade(int most);

    /** Those that were put away: kept, and off the table. */
    Set<UUID> putAway();

    void putAway(UUID id, boolean away);

    /** Those that can be brought back, the last first. */
    List<TakenAway> takenAway();

    /** @param at when, or null to bring it back */
    void takeAway(UUID id, @Nullable Instant at);

    /** A piece taken away, not for good yet. */
    record TakenAway(UUID id, String title, Instant at) {
    }

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
