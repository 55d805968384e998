package kindveil.studio.work.making;

import java.time.Instant;
import java.util.UUID;

/**
 * A making told in a line, without going through it.
 *
 * @param finished whether nothing more is to be done
 * @param atHand title of the act at hand; empty when it is finished
 */
public record MakingLine(UUID id, UUID piece, Instant begun, boolean laidAside, boolean finished, String atHand) {
    public boolean active() {
        return !laidAside && !finished;
    }
}
