package kindveil.studio.work.book;

import java.util.Optional;
import java.util.UUID;
import kindveil.studio.work.Kept;

/** Keeps books. */
public interface Books {
    /** The oldest first; what cannot be read set apart. */
    Kept<StudioBook> kept();

    Optional<StudioBook> find(UUID id);

    void add(StudioBook book);

    /** Replaces it if it is still at the version {@code book} says; otherwise {@link kindveil.studio.work.Outdated}. */
    void replace(StudioBook book);

    void remove(UUID id);
}
