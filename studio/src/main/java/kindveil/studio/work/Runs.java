package kindveil.studio.work;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Keeps makings. */
public interface Runs {
    Optional<Run> find(UUID id);

    /** Newest first. */
    List<Run> ofPiece(UUID piece);

    /** Not laid aside, oldest first. */
    List<Run> open();

    void add(Run run);

    /** Appends as number {@code seq}, from 0; {@link Outdated} when that number is taken or not the next. */
    void tell(UUID run, int seq, ToldDeed deed);

    /** Takes back number {@code seq}, which must be the last. */
    void takeBack(UUID run, int seq);

    /** Moves the beginning of a making of which nothing was told yet. */
    void backdate(UUID run, Instant begun);

    void layAside(UUID run);
}
