package kindveil.studio.page.print;

import kindveil.studio.page.CheckRulePath;
import kindveil.studio.page.piece.Guard;
import kindveil.studio.page.piece.PieceHead;
import java.util.List;
import java.util.UUID;
import kindveil.measure.UnusableValue;
import kindveil.reading.HandReading;
import kindveil.sheet.Paper;
import kindveil.sheet.PrintSheet;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Say;
import kindveil.studio.work.piece.HandWish;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.sheet.BlockWork;
import kindveil.studio.work.sheet.PrintWork;
import kindveil.studio.work.sheet.RealWork;
import kindveil.studio.work.sheet.SheetWork;
import kindveil.bench.Hand;
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
 * @param exists the print that is there already, or null
 * @param width of the image, as it can be typed
 * @param taken files that were taken before and are other than the plan is now
 * @param notes what else to know of the print
 */
record PrintView(PieceHead head, @Nullable Sheet sheet, String tooLarge, @Nullable TapeView tape, HandView hand, Form form, boolean curved, boolean block, @Nullable Exists exists, String width, Gathered gathered, List<String> taken, List<String> notes,
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
        static Form of(Piece piece, String copies) {
            return new Form(Pick.of(HandWish.values(), HandWish::words, piece.design().hand()), Pick.of(Paper.values(), Paper::words, piece.design().paper()), copies,
                    piece.design().marked().orElse(null));
        }
    }

    /** Whether it can be, and is, put on sheets with others. */
    record Gathered(boolean can, boolean is, UUID piece, int veil) {
        static Gathered of(Piece piece, SheetWork sheets) {
            return new Gathered(SheetWork.printable(piece.design().print()), sheets.gathering().holds(piece.id(), piece.inHand() + 1), piece.id(), piece.inHand() + 1);
        }
    }

    static PrintView of(Planned planned, List<Way> turning, String copies, PrintWork prints, SheetWork sheets, RealWork reals, List<String> problems, Say say) {
        Piece piece = planned.piece();
        Sheet sheet = null;
        String tooLarge = "";
        try {
            sheet = Sheet.of(prints.sheet(planned), planned, prints.note(planned), say);
        } catch (UnusableValue large) {
            tooLarge = large.getMessage();
        }
        return new PrintView(PieceHead.of(piece, "Print"), sheet, tooLarge, TapeView.of(planned, say), HandView.of(planned), Form.of(piece, copies), piece.design().theWay().card().bringsPicture(), BlockWork.of(planned), Exists.of(planned, turning, say), say.one(planned.brief().width()),
                Gathered.of(piece, sheets), reals.others(planned).stream().map(taken -> Guard.words(taken, say) + ": its copies are other than this.").toList(), notes(planned, say), problems);
    }

    /** What to know of printing it; of a print that is there already only its size. */
    private static List<String> notes(Planned planned, Say say) {
        String size = "The image is %s × %s.".formatted(say.both(planned.brief().width()), say.both(planned.brief().height()));
        return planned.piece().design().printing().exists() != null ? List.of(size) : List.of(planned.brief().print().printing(), size, "Three copies unless your log says otherwise; the print sheets count them from it.");
    }
}
