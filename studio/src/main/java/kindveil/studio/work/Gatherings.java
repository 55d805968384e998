package kindveil.studio.work;

/** Keeps what is gathered for printing. */
public interface Gatherings {
    Gathering now();

    /** Replaces it if it is still at the version {@code gathering} says; otherwise {@link Outdated}. */
    void replace(Gathering gathering);
}
