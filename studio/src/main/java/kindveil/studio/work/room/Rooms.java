package kindveil.studio.work.room;

import java.time.Instant;
import java.util.List;

/** Keeps the room, and how it was. */
public interface Rooms {
    StudioRoom now();

    /** Replaces it if it is still at the version {@code room} says, and remembers how it was; otherwise {@link kindveil.studio.work.Outdated}. */
    void replace(StudioRoom room);

    /** How it was before, told elsewhere; what it is now stays. */
    void remember(List<ToldRoom> before);

    /** The air as it was told, the last time before {@code from} first, oldest first. */
    List<ToldRoom> since(Instant from);
}
