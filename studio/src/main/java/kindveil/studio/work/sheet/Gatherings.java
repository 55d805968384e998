package kindveil.studio.work.sheet;

import kindveil.studio.work.Outdated;
/** Keeps what is gathered for printing. */
public interface Gatherings {
    Gathering now();

    /** Replaces it if it is still at the version {@code gathering} says; otherwise {@link Outdated}. */
    void replace(Gathering gathering);
}
