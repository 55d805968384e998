package kindveil.studio.work;

/** Keeps the room. */
public interface Rooms {
    StudioRoom now();

    /** Replaces it if it is still at the version {@code room} says; otherwise {@link Outdated}. */
    void replace(StudioRoom room);
}
