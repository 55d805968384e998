package kindveil.sitting;

import org.jspecify.annotations.Nullable;

/**
 * One pull of one piece.
 *
 * @param key its lasting name
 * @param due when the last of it must be done, or null where it is not due
 */
public record Job(String key, String words, @Nullable Integer due) {
    public Job due(@Nullable Integer other) {
        return new Job(key, words, other);
    }
}
