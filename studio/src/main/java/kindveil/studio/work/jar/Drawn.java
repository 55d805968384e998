package kindveil.studio.work.jar;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What was taken for something.
 *
 * @param by the making whose deed took it, or the jar that was mixed of it
 * @param seq which of its deeds
 * @param row of what was taken for it, from 0
 * @param product lasting name of what was taken
 * @param lot out of which, or null; {@code jar} likewise
 * @param amount ml of what is poured, mm of tape, prints; 0 where a jar is only set beside the work
 * @param at when it was told
 */
public record Drawn(UUID by, int seq, int row, String product, @Nullable UUID lot, @Nullable UUID jar, double amount, Instant at) {
}
