package kindveil.studio.work;

import java.time.Instant;
import java.util.UUID;
import kindveil.reading.LookState;
import kindveil.way.Wish;

/**
 * What came of a making, in the artist's own words.
 *
 * @param state the look it is compared with
 * @param photo the photograph of the result, or null
 */
public record LogEntry(UUID id, UUID piece, UUID run, Instant written, Verdict verdict, Wish wish, String came, String different,
        String printedBy, LookState state, int pass, UUID photo) {

    /** The artist's own verdict against the wish. */
    public enum Verdict {
        AS_WISHED("as I wished"), NEARLY("nearly"), OTHERWISE_GOOD("otherwise, and good"), FAILED("failed");

        private final String words;

        Verdict(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
