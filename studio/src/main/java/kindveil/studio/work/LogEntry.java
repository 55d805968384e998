package kindveil.studio.work;

import java.time.Instant;
import java.util.UUID;
import kindveil.measure.UnusableValue;
import kindveil.reading.LookState;
import kindveil.way.Wish;

/**
 * What came of a making, in the artist's own words.
 *
 * @param state the look it is compared with
 * @param photo the photograph of the result, or null
 */
public record LogEntry(UUID id, UUID piece, UUID run, Instant written, Verdict verdict, Wish wish, String came, String different,
        String printedBy, Findings findings, LookState state, int pass, UUID photo) {

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

    /** How the face feels. */
    public enum Tack {
        DRY("dry to the touch"), SLIGHT("slightly tacky"), TACKY("tacky: interleave it");

        private final String words;

        Tack(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** How much fibre stayed. */
    public enum Fibre {
        NONE("none"), GHOSTS("ghosts in places"), VEIL("a veil all over"), MUCH("much white");

        private final String words;

        Fibre(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What the artist puts it down to; only a print at fault counts against a print. */
    public enum Cause {
        PRINT("the print"), AMOUNT("the amount"), DRYING("the drying"), PRESSURE("pressure or rubbing");

        private final String words;

        Cause(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * What was found on it; each may be left untold.
     *
     * @param stretch how much it grew (or, below 0, shrank) against the print, per cent, or null
     * @param byProducts what else came of it: ghost prints, offcuts, a used plate
     * @param cause what it is put down to, or null
     */
    public record Findings(Tack tack, Fibre fibre, Double stretch, String byProducts, Cause cause) {
        public static final Findings NONE = new Findings(null, null, null, "", null);
        public static final double MOST_STRETCH = 20;

        public Findings {
            if (stretch != null) {
                UnusableValue.requireWithin("stretch", stretch, -MOST_STRETCH, MOST_STRETCH, "%", "Measure between two register marks; leave it empty if you did not.");
            }
        }

        /** In a line, or empty. */
        public String words() {
            StringBuilder words = new StringBuilder();
            append(words, tack == null ? "" : tack.words());
            append(words, fibre == null ? "" : "fibre: " + fibre.words());
            append(words, stretch == null ? "" : "stretch " + kindveil.measure.Figures.plain(stretch) + " %");
            append(words, byProducts.isEmpty() ? "" : "also: " + byProducts);
            append(words, cause == null ? "" : "put down to " + cause.words());
            return words.toString();
        }

        private static void append(StringBuilder words, String more) {
            words.append(words.isEmpty() || more.isEmpty() ? "" : " · ").append(more);
        }
    }
}
