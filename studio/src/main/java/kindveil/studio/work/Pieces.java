package kindveil.studio.work;

import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Keeps pieces. */
public interface Pieces {
    Optional<Piece> find(UUID id);

    /** Newest first. */
    List<Piece> all();

    void add(Piece piece);

    /** Replaces it if it is still at the version {@code piece} says; otherwise {@link Outdated}. */
    Piece replace(Piece piece);
}
