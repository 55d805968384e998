package kindveil.studio.work.shelf;

import java.time.Instant;
import java.util.UUID;
import kindveil.bench.Hand;
import kindveil.bench.PrintKind;
import org.jspecify.annotations.Nullable;

/**
 * Where a print in stock comes from, and what it is laid by for.
 *
 * @param piece it was printed or made for; {@code title} as it was called then
 * @param veil of that piece, from 1
 * @param file its picture came as, by name
 * @param picture that it shows, as it came
 * @param print what it is printed with, on what
 * @param hand how the picture stands on it
 * @param by whose machine printed it, or empty
 * @param at when
 * @param use which veil of which piece it is laid by for, or null
 */
public record Lineage(UUID piece, String title, int veil, String file, UUID picture, PrintKind print, Hand hand, String by, Instant at, @Nullable Use use) {
    /** A veil of a piece, from 1. */
    public record Use(UUID piece, int veil) {
    }

    public Lineage laidBy(Use other) {
        return new Lineage(piece, title, veil, file, picture, print, hand, by, at, other);
    }

    public boolean laidByFor(UUID other, int veil) {
        return use != null && use.piece.equals(other) && use.veil == veil;
    }
}
