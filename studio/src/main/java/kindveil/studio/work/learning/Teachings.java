package kindveil.studio.work.learning;

import kindveil.studio.work.Outdated;

/** Keeps what is learned from. */
public interface Teachings {
    Teaching now();

    /** Replaces it if it is still at the version {@code teaching} says; otherwise {@link Outdated}. */
    void replace(Teaching teaching);
}
