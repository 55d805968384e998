package kindveil.studio.store.form;

import java.time.Instant;
import java.util.UUID;
import kindveil.studio.work.shelf.Lineage;
import org.jspecify.annotations.Nullable;

/** Where a print comes from, as it is kept. @param forPiece it is laid by for, with {@code forVeil}, or null */
public record LineageForm(UUID piece, String title, int veil, String file, UUID picture, String print, String hand, String by, Instant at, @Nullable UUID forPiece, @Nullable Integer forVeil) {
    public static LineageForm of(Lineage lineage) {
        Lineage.Use use = lineage.use();
        return new LineageForm(lineage.piece(), lineage.title(), lineage.veil(), lineage.file(), lineage.picture(), Vocabulary.PRINT.of(lineage.print()), Vocabulary.HAND.of(lineage.hand()), lineage.by(), lineage.at(),
                use == null ? null : use.piece(), use == null ? null : Integer.valueOf(use.veil()));
    }

    public Lineage lineage() {
        return new Lineage(piece, title, veil, file, picture, Vocabulary.PRINT.read(print), Vocabulary.HAND.read(hand), by, at, forPiece == null || forVeil == null ? null : new Lineage.Use(forPiece, forVeil));
    }
}
