package kindveil.studio.page.print;

import kindveil.studio.page.Board;
import kindveil.studio.page.CheckRulePath;
import kindveil.studio.page.piece.Guard;
import kindveil.studio.page.piece.PieceHead;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kindveil.measure.UnusableValue;
import kindveil.measure.Words;
import kindveil.reading.HandReading;
import kindveil.sheet.Paper;
import kindveil.sheet.PrintSheet;
import kindveil.studio.page.PageView;
import kindveil.studio.page.PrintNotes;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Say;
import kindveil.studio.work.piece.HandWish;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.sheet.BlockWork;
import kindveil.studio.work.sheet.PrintWork;
import kindveil.studio.work.sheet.RealWork;
import kindveil.studio.work.sheet.SheetWork;
import kindveil.studio.work.sheet.SheetWork.Batch;
import kindveil.bench.Hand;
import kindveil.bench.PrintKind;
import kindveil.studio.work.piece.PrintPlan;
import kindveil.studio.work.source.Marked;
import kindveil.way.Way;
import org.jspecify.annotations.Nullable;

/**
 * The Print page: the sheet drawn to scale, the hand it is printed in, the tape's strips.
 *
 * @param sheet as it is laid out, or null where it does not fit
 * @param tooLarge why it does not, or empty
 * @param curved whether it can be put on a curved form
 * @param block whether it is printed from a block
 * @param together the sheets it lies on with others, or null where it is printed by itself
 * @param apart what printing it by itself or with the others would be, in words, or empty
 * @param alone whether it is looked at by itself although others wait
 * @param prints what a print that exists can be
 * @param weighed whether the weight of its paper matters
 * @param gathers whether it can be put on the sheets and is not
 * @param veil its number, from 1
 * @param exists the print that is there already, or null
 * @param width of the image, as it can be typed
 * @param taken files that were taken before and are other than the plan is now
 * @param notes what else to know of the print
 */
record PrintView(PieceHead head, @Nullable Sheet sheet, String tooLarge, @Nullable TapeView tape, HandView hand, Form form, boolean curved, boolean block, @Nullable Together together, String apart, boolean alone, List<Pick> prints, boolean weighed, boolean gathers, int veil, @Nullable Exists exists, String width, List<String> taken, List<String> notes,
        List<String> problems) implements PageView {

    /** A rectangle in mm, for drawing. */
    record Box(double x, double y, double width, double height) {
        static Box of(PrintSheet.Rect r) {
            return new Box(r.x().millimetres(), r.y().millimetres(), r.width().millimetres(), r.height().millimetres());
        }
    }

    /**
     * The sheet, in mm.
     *
     * @param used how much of it
     * @param count how many there are, in words
     */
    record Sheet(double width, double height, List<Copy> copies, Box note, String rule, String noted, String used, String count) {
        private static final double FOOT = 3;

        /**
         * One copy on it.
         *
         * @param change puts it in its place, mirrored as it is printed
         * @param opening what of it is left unprinted, to be cut out, or empty
         * @param marks cutting marks at its corners
         */
        record Copy(double width, double height, String change, String opening, String marks) {
            static Copy of(PrintSheet.Rect rect, Planned planned) {
                boolean mirrored = planned.mirrored();
                Box box = Box.of(rect);
                double right = box.x + box.width;
                double foot = box.y + box.height;
                double mark = PrintSheet.MARK.millimetres();
                return new Copy(box.width, box.height, mirrored ? "translate(%s %s) scale(-1 1)".formatted(right, box.y) : "translate(%s %s)".formatted(box.x, box.y),
                        planned.piece().design().opening(rect.height()).map(opening -> opening.unprinted().path(box.width, box.height)).orElse(""),
                        "M%1$s %2$sv3M%3$s %2$sv3M%1$s %4$sv3M%3$s %4$sv3M%5$s %6$sh3M%5$s %7$sh3M%8$s %6$sh3M%8$s %7$sh3"
                                .formatted(box.x, box.y - mark, right, foot + 1, box.x - mark, box.y, foot, right + 1));
            }
        }

        static Sheet of(PrintSheet sheet, Planned planned, String note, Say say) {
            Box box = Box.of(sheet.note());
            int sheets = sheet.sheetsFor(planned.piece().design().copies());
            return new Sheet(sheet.width().millimetres(), sheet.height().millimetres(), sheet.places().stream().map(placed -> Copy.of(placed.rect(), planned)).toList(), box,
                    CheckRulePath.at(box.x, box.y + box.height - FOOT), note, "%s, drawn to scale; %s of it is used.".formatted(sheet.paper(), say.percent(sheet.used())), sheets == 1 ? "one sheet" : sheets + " sheets");
        }
    }

    /**
     * How the print must stand.
     *
     * @param onBlock said where the block itself carries it mirrored, or empty
     * @param file how a letter stands in the file, drawn; likewise seen in the finished work
     */
    record HandView(boolean mirrored, String turned, String onBlock, String file, String seen) {
        static HandView of(Planned planned) {
            int turns = planned.hand().map(HandReading::turns).orElse(0);
            boolean block = planned.hand().map(hand -> hand.onSupport() != hand.finished()).orElse(false);
            return new HandView(planned.mirrored(), turned(turns), block ? "The block itself carries it mirrored; its impression is what you will read." : "",
                    standing(45, planned.mirrored()), standing(368, planned.mirrored() != (turns % 2 == 1)));
        }

        private static String standing(int x, boolean mirrored) {
            return "translate(%d 54)%s".formatted(x, mirrored ? " scale(-1 1)" : "");
        }

        private static String turned(int turns) {
            return switch (turns) {
                case 0 -> "The image is not turned on its way.";
                case 1 -> "The image is turned once on its way, by a contact of faces.";
                case 2 -> "The image is turned twice on its way, so it ends as it began.";
                default -> "The image is turned %d times on its way.".formatted(turns);
            };
        }
    }

    /**
     * A print that is there already.
     *
     * @param ends how the finished image will stand
     * @param wanted said where it is not as it was wanted, or empty
     * @param turning changes of the way that would make it so, each with its key
     */
    record Exists(String words, String ends, String wanted, List<Pick> turning) {
        static @Nullable Exists of(Planned planned, List<Way> turning, Say say) {
            PrintPlan printing = planned.piece().design().printing();
            PrintPlan.Existing print = printing.exists();
            if (print == null) {
                return null;
            }
            boolean mirrored = printing.hand().hand() == Hand.MIRRORED;
            boolean otherwise = print.wanted() != HandWish.NO_MATTER && print.wanted().hand() != printing.hand().hand();
            return new Exists("%s, %s wide, %s".formatted(printing.copies() == 1 ? "One print" : printing.copies() + " prints", say.one(print.width()), print.hand() == Hand.MIRRORED ? "mirrored" : "reading right"),
                    mirrored ? "It will end mirrored." : "It will end reading the right way round.",
                    !otherwise ? "" : turning.isEmpty() ? "You wanted it otherwise, and no way would turn this print." : "You wanted it otherwise. These would turn it:",
                    turning.stream().map(way -> new Pick("way " + way.key(), way.name(), way.card().summary(), false)).toList());
        }
    }

    /** What can be chosen; copies as they were typed. @param marked the part seams keep out of, or null */
    record Form(List<Pick> hands, List<Pick> papers, String copies, @Nullable Marked marked) {
        /** @param sheet it is laid on: a paper by name, or a size of its own */
        static Form of(Piece piece, String copies, String sheet) {
            List<Pick> papers = new ArrayList<>(Pick.typed(Paper.values(), Paper::words, sheet));
            if (papers.stream().noneMatch(Pick::chosen)) {
                papers.add(new Pick("", "its own size, from Sheets", "", true));
            }
            return new Form(Pick.of(HandWish.values(), HandWish::words, piece.design().hand()), papers, copies,
                    piece.design().marked().orElse(null));
        }
    }

    /**
     * The sheets it lies on with other images.
     *
     * @param board those that hold it, the others on them faint
     * @param rest the other sheets
     * @param told how many there are in all, and with what
     * @param file address of the file of them
     * @param sheets address of all of them, and of the machine they go through
     * @param gathered whether it was put on them
     * @param printed those of the others whose file was taken before, each with what takes it off
     */
    record Together(Board board, Board rest, String told, String file, String sheets, boolean gathered, int version, String kind, UUID piece, int veil, List<Printed> printed) {
        /** Another image on them. */
        record Printed(String words, UUID piece, int veil) {
        }

        static Together of(Batch batch, SheetWork.Item own, boolean gathered, RealWork reals, int version, Say say) {
            List<SheetWork.Item> others = batch.items().stream().filter(item -> item != own).toList();
            String with = others.isEmpty() ? "" : " With it: %s.".formatted(others.stream().map(item -> "%s × %d".formatted(item.label(), item.copies())).collect(Collectors.joining(", ")));
            String kind = Words.token(batch.kind());
            Piece piece = own.planned().piece();
            String told = batch.sheets().isEmpty() ? batch.trouble() : "%s of %s; %s of it.%s".formatted(batch.sheets().size() == 1 ? "One sheet" : batch.sheets().size() + " sheets", batch.setUp().size().words(), own.copies() == 1 ? "one copy" : own.copies() + " copies", with);
            return new Together(Board.holding(batch, own.label(), say), Board.without(batch, own.label(), say), told, PieceHead.base(piece) + "/sheets.pdf", "/sheets/" + kind, gathered, version, kind, piece.id(), piece.inHand() + 1,
                    others.stream().filter(item -> reals.isTaken(item.planned())).map(item -> new Printed(item.label(), item.planned().piece().id(), item.planned().piece().inHand() + 1)).toList());
        }
    }

    /** What is asked of the page. @param alone whether it is looked at by itself although others wait @param weighed whether the weight of its paper matters */
    record Asked(String copies, boolean alone, boolean weighed, List<String> problems) {
    }

    /** What is left of copies that are as it is planned. */
    private static String left(int copies) {
        return copies == 0 ? "All copies as this is planned are used: print more." : "%s as this is planned %s in stock.".formatted(copies == 1 ? "One copy" : copies + " copies", copies == 1 ? "is" : "are");
    }

    static PrintView of(Planned planned, List<Way> turning, Asked asked, PrintWork prints, SheetWork sheets, RealWork reals, Say say) {
        Piece piece = planned.piece();
        Sheet sheet = null;
        String tooLarge = "";
        try {
            sheet = Sheet.of(prints.sheet(planned), planned, prints.note(planned), say);
        } catch (UnusableValue large) {
            tooLarge = large.getMessage();
        }
        Batch batch = sheets.among(piece).orElse(null);
        SheetWork.Item own = batch == null ? null : batch.items().stream().filter(item -> item.wanted().piece().equals(piece.id()) && item.wanted().veil() == piece.inHand() + 1).findFirst().orElse(null);
        boolean gathered = sheets.gathering().holds(piece.id(), piece.inHand() + 1);
        boolean waiting = batch != null && batch.items().stream().anyMatch(item -> item != own && !reals.isTaken(item.planned()));
        Together together = batch != null && own != null && !batch.sheets().isEmpty() && (gathered || waiting && !asked.alone()) ? Together.of(batch, own, gathered, reals, sheets.gathering().version(), say) : null;
        String copies = asked.copies().isEmpty() ? String.valueOf(together == null || own == null ? piece.design().copies() : own.copies()) : asked.copies();
        return new PrintView(PieceHead.of(piece, "Print"), sheet, tooLarge, TapeView.of(planned, say), HandView.of(planned), Form.of(piece, copies, together == null || batch == null ? piece.design().paper().name() : batch.setUp().sheet()), piece.design().theWay().card().bringsPicture(), BlockWork.of(planned), together, apart(batch, together, sheet), asked.alone(), Pick.of(PrintKind.values(), PrintKind::words, piece.design().print()), asked.weighed(), batch != null && !gathered, piece.inHand() + 1, Exists.of(planned, turning, say), say.one(planned.brief().width()),
                reals.others(planned).stream().map(taken -> Guard.words(taken, say) + ": its copies are other than this.").toList(), Stream.concat(reals.copies(planned).stream().map(PrintView::left), PrintNotes.of(planned, say).stream()).toList(), asked.problems());
    }

    /** What the other choice would be: by itself, or with the images that wait for the same machine. */
    private static String apart(@Nullable Batch batch, @Nullable Together together, @Nullable Sheet sheet) {
        if (batch == null || batch.items().size() < 2 || batch.sheets().isEmpty()) {
            return "";
        }
        return together != null ? sheet == null ? "" : sheet.count() : "with the %d on the print sheets: %s in all".formatted(batch.items().size() - 1, batch.sheets().size() == 1 ? "one sheet" : batch.sheets().size() + " sheets");
    }
}
