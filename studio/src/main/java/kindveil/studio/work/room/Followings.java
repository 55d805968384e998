package kindveil.studio.work.room;

/** Keeps whether the air follows the sensor. */
public interface Followings {
    Following now();

    /** Replaces it if it is still at the version {@code following} says; otherwise {@link kindveil.studio.work.Outdated}. */
    void replace(Following following);
}
