package kindveil.studio.work.log;

import java.time.Instant;
import java.util.UUID;
import kindveil.measure.UnusableValue;
import kindveil.reading.LookState;
import kindveil.studio.work.making.Result;
import kindveil.way.Wish;
import org.jspecify.annotations.Nullable;

/**
 * What came of a making, in the artist's own words. It is corrected by writing it again and struck out by saying so; what
 * stood before is kept.
 *
 * @param revision how often it was written again
 * @param making it came of, or null where none was told
 * @param judged what it judges, as it was when it was first written
 * @param photo the photograph of the result, or null
 * @param struck whether it no longer counts
 */
public record LogEntry(UUID id, int revision, UUID piece, @Nullable UUID making, Instant written, Verdict verdict, String came, String different, Findings findings,
        Judged judged, @Nullable UUID photo, boolean struck) {

    public Wish wish() {
        return judged.wish();
    }

    public LookState state() {
        return judged.state();
    }

    public int pass() {
        return judged.pass();
    }

    public String printedBy() {
        return judged.print().by();
    }

    /** Written again, at {@code now}. */
    LogEntry corrected(Verdict newVerdict, String newCame, String newDifferent, Findings newFindings, Instant now) {
        return new LogEntry(id, revision + 1, piece, making, now, newVerdict, newCame, newDifferent, newFindings, judged, photo, struck);
    }

    /** With what was not told when it was written: who printed it, and its photograph. */
    LogEntry completed(String by, @Nullable UUID pictured) {
        return new LogEntry(id, revision, piece, making, written, verdict, came, different, findings, printedBy().isEmpty() ? judged.printedBy(by) : judged, photo == null ? pictured : photo, struck);
    }

    /** Struck out, or counted again. */
    LogEntry struck(boolean out, Instant now) {
        return new LogEntry(id, revision + 1, piece, making, now, verdict, came, different, findings, judged, photo, out);
    }

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

        /** What a result is against the wish, until the artist says more. */
        static Verdict of(Result result) {
            return switch (result) {
                case GOOD -> AS_WISHED;
                case GHOST -> OTHERWISE_GOOD;
                case SPOILED -> FAILED;
            };
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
    public record Findings(@Nullable Tack tack, @Nullable Fibre fibre, @Nullable Double stretch, String byProducts, @Nullable Cause cause) {
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
