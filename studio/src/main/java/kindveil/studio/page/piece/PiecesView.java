package kindveil.studio.page.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Say;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.Page;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Pieces;
import kindveil.tone.Size;

/**
 * The table of pieces.
 *
 * @param asked which are looked for
 * @param stock how many prints are in stock, in words, or empty
 * @param away what can be brought back
 * @param apart what was set apart, in sentences
 * @param pulls whether any is done on a plate
 */
record PiecesView(List<Row> rows, Asked asked, String stock, List<Away> away, List<String> apart, Form form, boolean pulls, List<String> problems) implements PageView {
    private static final int FEW = 4;

    /** What is looked for. @param many whether there are so many that looking for one makes sense @param told how many are put away, in words */
    record Asked(String words, List<Pick> standings, List<Pick> orders, boolean many, boolean narrowed, String told) {
        static Asked of(Find find, int all, int putAway) {
            List<Pick> standings = new ArrayList<>(List.of(new Pick("", "all on the table", "", find.standing() == null)));
            standings.addAll(Pick.of(Find.Standing.values(), Find.Standing::words, find.standing()));
            return new Asked(find.words(), standings, Pick.of(Find.Order.values(), Find.Order::words, find.order()), all > FEW, find.standing() != null || !find.words().isBlank(),
                    putAway == 0 ? "" : putAway == 1 ? "One is put away." : "%d are put away.".formatted(putAway));
        }
    }

    /** What is said of prints in stock, or nothing. */
    static String stock(int kept) {
        return kept == 0 ? "" : kept == 1 ? "One print in stock" : "%d prints in stock".formatted(kept);
    }

    /** One that was taken away. @param until when it can be brought back */
    record Away(UUID id, String title, String until) {
        static List<Away> of(List<Pieces.TakenAway> all, Say say) {
            return all.stream().map(one -> new Away(one.id(), one.title(), say.date(one.at().plus(PieceWork.KEPT)))).toList();
        }
    }

    /** One piece. @param where it stands on its way @param putAway whether it is off the table */
    record Row(UUID id, String title, String picture, int width, int height, String size, String where, boolean putAway) {
        static Row of(Find.Found found, Size picture, Say say) {
            Piece piece = found.piece();
            Design design = piece.leading().design();
            double aspect = piece.basis().page().map(Page::aspect).orElse(picture.aspect());
            Length width = design.printWidth();
            return new Row(piece.id(), piece.title(), LookView.finished(piece.at(piece.veils().size()), true), (int) Math.round(picture.width()), (int) Math.round(picture.width() * aspect),
                    say.size(width, width.times(picture.aspect())), where(found), found.standing() == Find.Standing.PUT_AWAY);
        }

        private static String where(Find.Found found) {
            boolean atHand = found.standing() == Find.Standing.ON_THE_BENCH || found.standing() == Find.Standing.DRYING;
            return found.standing().words() + (atHand && found.newest() != null ? ": " + found.newest().atHand().toLowerCase(Locale.ROOT) : "");
        }
    }

    /** The form for a new piece as typed. @param once so that the same form sent twice begins one piece */
    record Form(UUID once, String title, String width) {
    }
}
