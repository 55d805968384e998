package kindveil.studio.work.sheet;

import java.time.Instant;
import java.util.UUID;
import kindveil.bench.PrintKind;
import kindveil.measure.Length;

/**
 * A file of an image that was taken to be printed: what its copies are, whatever the plan becomes.
 *
 * @param veil its number, from 1
 * @param mirrored as it stands on the print
 * @param image which image it shows, by a token of its picture and what was done to it; empty where that was not kept
 */
public record Taken(UUID piece, int veil, Instant at, Length width, boolean mirrored, PrintKind print, int copies, String image) {
    /** Whether its copies can be used as another's. */
    boolean printedAs(Taken other) {
        return width.equals(other.width) && mirrored == other.mirrored && print == other.print && (image.isEmpty() || other.image.isEmpty() || image.equals(other.image));
    }

    /** Whether it is the same file again. */
    boolean again(Taken other) {
        return piece.equals(other.piece) && veil == other.veil && printedAs(other) && copies == other.copies;
    }
}
