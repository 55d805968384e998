package kindveil.studio.page;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import kindveil.measure.Length;
import kindveil.sheet.PrintSheet;
import kindveil.sheet.PrintSheet.Placed;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.sheet.SheetWork.Batch;
import kindveil.studio.work.sheet.SheetWork.Item;
import org.jspecify.annotations.Nullable;

/**
 * Print sheets drawn side by side, to scale.
 *
 * @param width of the whole drawing, mm; likewise {@code height}
 */
public record Board(double width, double height, List<Drawn> sheets) {
    private static final double BETWEEN = 17;
    private static final int MOST_ACROSS = 3;

    /**
     * One sheet in the drawing.
     *
     * @param x where it lies in the drawing, mm
     * @param rule from where the rule is drawn
     */
    public record Drawn(int index, String title, double x, double y, double width, double height, double ruleX, double ruleY, List<Copy> copies) {
        public int number() {
            return index + 1;
        }

        public String place() {
            return "translate(%s %s)".formatted(x, y);
        }

        public String rule() {
            return CheckRulePath.at(ruleX, ruleY);
        }
    }

    /**
     * One copy on a sheet, mm from its top left.
     *
     * @param imageWidth of the image as it is before it is turned
     * @param change puts the image into its place, turned and mirrored as it is printed
     * @param other whether it is of another image than the one that is looked at
     * @param opening what of it is left unprinted, to be cut out, or empty
     */
    public record Copy(int index, String label, int copy, double x, double y, double width, double height, double imageWidth, double imageHeight, boolean turned, String change, String opening, String picture,
            String said, double margin, boolean other) {
        public String place() {
            return "translate(%s %s)".formatted(x, y);
        }

        /** Cutting marks at its corners. */
        public String marks() {
            return "M0 -4v3M%1$s -4v3M0 %2$sv3M%1$s %2$sv3M-4 0h3M-4 %3$sh3M%4$s 0h3M%4$s %3$sh3".formatted(width, height + 1, height, width + 1);
        }

        /** The copy with the paper kept around it. */
        public Bed bed() {
            return new Bed(-margin, width + 2 * margin, height + 2 * margin);
        }
    }

    /** A rectangle about a copy. @param from its left and its top */
    public record Bed(double from, double width, double height) {
    }

    /** All sheets of one carrier. */
    public static Board of(Batch batch, Say say) {
        return of(drawn(batch, null, sheet -> true, say));
    }

    /** Only the sheets one image lies on. @param label what it is called there */
    public static Board holding(Batch batch, String label, Say say) {
        return of(drawn(batch, label, sheet -> holds(sheet, label), say));
    }

    /** Only the sheets it does not lie on. */
    public static Board without(Batch batch, String label, Say say) {
        return of(drawn(batch, label, sheet -> !holds(sheet, label), say));
    }

    private static boolean holds(PrintSheet sheet, String label) {
        return sheet.places().stream().anyMatch(placed -> placed.what().equals(label));
    }

    private static Board of(List<Drawn> drawn) {
        return new Board(drawn.stream().mapToDouble(d -> d.x + d.width).max().orElse(0), drawn.stream().mapToDouble(d -> d.y + d.height).max().orElse(0), drawn);
    }

    /** What of the drawing is shown. */
    public String box() {
        return "-2 -12 %s %s".formatted(width + 6, height + 18);
    }

    /** How many sheets there are, as far as their size on the page goes. */
    public String many() {
        return sheets.size() == 1 ? "one" : sheets.size() > 2 ? "many" : "";
    }

    private static List<Drawn> drawn(Batch batch, @Nullable String label, Predicate<PrintSheet> wanted, Say say) {
        List<Drawn> drawn = new ArrayList<>();
        List<Integer> shown = IntStream.range(0, batch.sheets().size()).filter(i -> wanted.test(batch.sheets().get(i))).boxed().toList();
        int across = Math.min(shown.size(), shown.size() == 4 ? 2 : MOST_ACROSS);
        for (int i : shown) {
            int at = drawn.size();
            PrintSheet sheet = batch.sheets().get(i);
            double w = sheet.width().millimetres();
            double h = sheet.height().millimetres();
            List<Copy> copies = new ArrayList<>();
            for (int k = 0; k < sheet.places().size(); k++) {
                copies.add(copy(batch, sheet.places().get(k), k, i, label));
            }
            drawn.add(new Drawn(i, "Sheet %d, %s used".formatted(i + 1, say.percent(sheet.used())), at % across * (w + BETWEEN), at / across * (h + BETWEEN), w, h, sheet.note().x().millimetres(),
                    sheet.note().bottom().millimetres() - 3, copies));
        }
        return drawn;
    }

    private static Copy copy(Batch batch, Placed placed, int index, int sheet, @Nullable String label) {
        Item item = batch.item(placed.what());
        double x = placed.rect().x().millimetres();
        double y = placed.rect().y().millimetres();
        double w = placed.rect().width().millimetres();
        double h = placed.rect().height().millimetres();
        double iw = placed.turned() ? h : w;
        double ih = placed.turned() ? w : h;
        String change = (placed.turned() ? "translate(%s 0) rotate(90)".formatted(w) : "") + (item.mirrored() ? " translate(%s 0) scale(-1 1)".formatted(iw) : "");
        Piece piece = item.planned().piece();
        return new Copy(index, placed.what(), placed.copy(), x, y, w, h, iw, ih, placed.turned(), change.strip(), piece.design().opening(Length.ofMillimetres(ih)).map(opening -> opening.unprinted().path(iw, ih)).orElse(""), PieceHead.base(piece) + "/treated.png?v=" + piece.version(),
                "%s, copy %d, sheet %d, %.0f mm from the left, %.0f mm from the top%s".formatted(placed.what(), placed.copy(), sheet + 1, x, y, placed.turned() ? ", turned" : ""), item.margin().millimetres(), label != null && !placed.what().equals(label));
    }
}
