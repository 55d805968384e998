package kindveil.studio.work.device;

/** Keeps who may come in. */
public interface Doors {
    Door now();

    /** Replaces it if it is still at the version {@code door} says; otherwise {@link kindveil.studio.work.Outdated}. */
    void replace(Door door);

    /** Wrong passcodes in a row, kept beside it so that they change nothing of it. */
    int wrongTries();

    void wrongTries(int tries);
}
