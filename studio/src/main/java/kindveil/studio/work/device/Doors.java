package kindveil.studio.work.device;

/** Keeps who may come in. */
public interface Doors {
    Door now();

    /** Replaces it if it is still at the version {@code door} says; otherwise {@link kindveil.studio.work.Outdated}. */
    void replace(Door door);
}
