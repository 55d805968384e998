package kindveil.studio.work.sitting;

import kindveil.studio.work.Outdated;

/** Keeps the diary. */
public interface Diaries {
    Diary now();

    /** Replaces it if it is still at the version {@code diary} says; otherwise {@link Outdated}. */
    void replace(Diary diary);
}
