package kindveil.studio.page.sheet;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.studio.page.Say;
import kindveil.sheet.Paper;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Pick;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.sheet.SheetFiles;
import kindveil.studio.work.sheet.SheetWork.Batch;
import org.jspecify.annotations.Nullable;

/**
 * The print sheets: those of one carrier, and what could be put on them.
 *
 * @param version of the gathering
 * @param carrier its sheets, or null where nothing is gathered
 * @param form of copies, sheet and machine; null likewise
 */
record SheetsView(int version, List<Tab> tabs, @Nullable SheetView carrier, @Nullable Form form, List<Offer> offers, List<String> problems) implements PageView {
    static final String OWN = "OWN";

    /** A carrier in the list of carriers. */
    record Tab(String words, String address, boolean here) {
    }

    /** An image that could be put on the sheets. */
    record Offer(UUID piece, int veil, String title, String words, String picture) {
        static Offer of(Piece piece) {
            return new Offer(piece.id(), piece.inHand() + 1, piece.title() + (piece.veils().size() > 1 ? ", veil " + (piece.inHand() + 1) : ""),
                    piece.design().theWay().name() + " · " + piece.design().print().words(), PieceHead.base(piece) + "/treated.png?v=" + piece.version());
        }
    }

    /** What is typed into the form. @param copies by the names of their fields, where it came back */
    record Typed(String sheet, String width, String height, String printedBy, String runs, String measured, Map<String, String> copies) {
        static Typed of(Batch batch, Say say) {
            boolean own = batch.setUp().ownSize();
            return new Typed(own ? OWN : batch.setUp().sheet(), own ? say.one(batch.setUp().size().width()) : "", own ? say.one(batch.setUp().size().height()) : "",
                    batch.setUp().printedBy(), String.valueOf(batch.setUp().runs()), "", Map.of());
        }

        Typed measuring(String text) {
            return new Typed(sheet, width, height, printedBy, runs, text, copies);
        }
    }

    /** The form as it is shown. @param open whether it came back; @param own whether the sheet has its own size; @param dots to the inch */
    record Form(Typed typed, boolean open, List<Copies> copies, List<Pick> papers, boolean own, List<String> printers, int dots, boolean byHand, String usualWidth, String usualHeight) {
        /** Copies of one image. @param name of its field */
        record Copies(String name, String label, String typed) {
        }

        static Form of(Batch batch, SheetView carrier, Typed typed, List<String> printers, Say say) {
            List<Copies> copies = carrier.rows().stream().map(row -> {
                String name = "copies-%s-%d".formatted(row.piece(), row.veil());
                return new Copies(name, "Copies of " + row.label(), typed.copies().getOrDefault(name, row.copies()));
            }).toList();
            return new Form(typed, !typed.copies().isEmpty(), copies, Pick.typed(Paper.values(), Paper::words, typed.sheet()), typed.sheet().equals(OWN), printers,
                    SheetFiles.dotsPerInch(batch), batch.byHand(), say.usual(150, 6), say.usual(210, 8));
        }
    }
}
