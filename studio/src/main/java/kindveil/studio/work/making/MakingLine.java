package kindveil.studio.work.making;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A making told in a line, without going through it.
 *
 * @param finished whether nothing more is to be done
 * @param atHand title of the act at hand; empty when it is finished
 * @param pull which of a series it is, or null
 * @param result what came of it, or null where that was not told
 */
public record MakingLine(UUID id, UUID piece, Instant begun, boolean laidAside, boolean finished, String atHand, @Nullable Pull pull, @Nullable Result result) {
    /** Of its series, 1 where it is made by itself. */
    public int number() {
        return pull == null ? 1 : pull.number();
    }

    public boolean active() {
        return !laidAside && !finished;
    }
}
