package kindveil.studio.page.piece;

import java.util.List;
import java.util.Locale;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Say;
import kindveil.studio.work.making.MakingLine;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.Page;
import kindveil.studio.work.piece.Piece;
import kindveil.tone.Size;
import org.jspecify.annotations.Nullable;

/** The table of pieces. @param apart what was set apart, in sentences @param pulls whether any is done on a plate */
record PiecesView(List<Row> rows, List<String> apart, Form form, boolean pulls, List<String> problems) implements PageView {
    /** One piece. @param where it stands on its way */
    record Row(UUID id, String title, String picture, int width, int height, String size, String where) {
        static Row of(Piece piece, Size picture, @Nullable MakingLine newest, Say say) {
            Design design = piece.leading().design();
            double aspect = piece.basis().page().map(Page::aspect).orElse(picture.aspect());
            Length width = design.printWidth();
            return new Row(piece.id(), piece.title(), LookView.finished(piece.at(piece.veils().size()), true), (int) Math.round(picture.width()), (int) Math.round(picture.width() * aspect),
                    say.size(width, width.times(picture.aspect())), where(newest));
        }

        private static String where(@Nullable MakingLine newest) {
            if (newest == null) {
                return "being planned";
            }
            if (newest.laidAside()) {
                return "laid aside";
            }
            return newest.finished() ? "made" : "on the bench: " + newest.atHand().toLowerCase(Locale.ROOT);
        }
    }

    /** The form for a new piece as typed. @param once so that the same form sent twice begins one piece */
    record Form(UUID once, String title, String width) {
    }
}
