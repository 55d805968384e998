package kindveil.studio.work.making;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Which of several pulls of one plan a making is.
 *
 * @param number from 1
 * @param plates gel plates the series has
 */
public record Pull(UUID series, int number, int plates) {
    /** Whether both are pulls of one series. */
    public static boolean together(@Nullable Pull one, @Nullable Pull other) {
        return one != null && other != null && one.series.equals(other.series);
    }
}
