package kindveil.studio.page.sheet;

import kindveil.studio.page.CheckRulePath;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kindveil.bench.PrintKind;
import kindveil.measure.Length;
import kindveil.measure.UnitSystem;
import org.jspecify.annotations.Nullable;
import kindveil.measure.Words;
import kindveil.sheet.CheckRule;
import kindveil.sheet.Master;
import kindveil.sheet.Packing;
import kindveil.sheet.PrintSheet;
import kindveil.sheet.PrintSheet.Placed;
import kindveil.studio.page.Say;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.sheet.SheetFiles;
import kindveil.studio.work.sheet.SheetWork;
import kindveil.studio.work.sheet.SheetWork.Batch;
import kindveil.studio.work.sheet.SheetWork.Item;

/**
 * The sheets of one carrier, as the page shows them.
 *
 * @param width of the whole drawing, mm; likewise {@code height}
 */
record SheetView(String address, String word, String heading, String told, double width, double height, List<Drawn> sheets, List<Row> rows, String settings, Rule rule, String runs,
        @Nullable Counter counter, String trouble) {
    private static final double BETWEEN = 17;
    private static final int MOST_ACROSS = 3;

    /**
     * One sheet in the drawing.
     *
     * @param x where it lies in the drawing, mm
     * @param rule from where the rule is drawn
     */
    record Drawn(int index, String title, double x, double y, double width, double height, double ruleX, double ruleY, List<Copy> copies) {
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
     * @param opening what of it is left unprinted, to be cut out, or empty
     */
    record Copy(int index, String label, int copy, double x, double y, double width, double height, double imageWidth, double imageHeight, boolean turned, String change, String opening, String picture,
            String said, double margin) {
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
    record Bed(double from, double width, double height) {
    }

    /** What is told of the 50 mm rule. */
    record Rule(String words, boolean rejected, boolean measured) {
        static Rule of(CheckRule rule) {
            return new Rule(rule.words(), rule.verdict() == CheckRule.Verdict.REJECTED, rule.verdict() != CheckRule.Verdict.UNMEASURED);
        }
    }

    /** What of the drawing is shown. */
    public String box() {
        return "-2 -12 %s %s".formatted(width + 6, height + 18);
    }

    /** How many sheets there are, as far as their size on the page goes. */
    public String many() {
        return sheets.size() == 1 ? "one" : sheets.size() > 2 ? "many" : "";
    }

    /** One image in the list. */
    record Row(UUID piece, int veil, String label, String address, String picture, String words, String copies, String laid, String advice, String loss) {
    }

    /** What to say at the counter of a copy shop. */
    record Counter(String summary, List<String> words) {
    }

    static String word(PrintKind kind) {
        return Words.token(kind);
    }

    static SheetView of(Batch batch, SheetWork work, SheetFiles files, Say say) {
        List<Drawn> drawn = drawn(batch, say);
        List<Row> rows = batch.items().stream().map(item -> row(item, batch, work, say)).toList();
        double right = drawn.stream().mapToDouble(d -> d.x + d.width).max().orElse(0);
        double foot = drawn.stream().mapToDouble(d -> d.y + d.height).max().orElse(0);
        return new SheetView("/sheets/" + word(batch.kind()), word(batch.kind()), heading(batch), told(batch, say), right, foot, drawn, rows, SheetFiles.settings(batch),
                Rule.of(batch.setUp().rule()), runs(batch), batch.sheets().isEmpty() ? null : counter(batch, files), batch.trouble());
    }

    private static String heading(Batch batch) {
        int n = batch.sheets().size();
        return n == 0 ? "It does not fit" : "%s of %s".formatted(n == 1 ? "One sheet" : n + " sheets", batch.setUp().size().words());
    }

    private static String told(Batch batch, Say say) {
        if (batch.sheets().isEmpty()) {
            return "Nothing is scaled to fit.";
        }
        double rest = batch.sheets().stream().mapToDouble(Packing::largestLeft).max().orElse(0);
        return "%d copies of %s cover %s of %s. The largest rest that stays whole is %s of a sheet.%s".formatted(batch.copies(), batch.items().size() == 1 ? "one image" : batch.items().size() + " images",
                say.percent(batch.used()), batch.sheets().size() == 1 ? "it" : "them", say.percent(rest), batch.byHand() ? " They lie as you put them." : "");
    }

    private static String runs(Batch batch) {
        int runs = batch.setUp().runs();
        if (runs == 1) {
            return "";
        }
        return "Run %s over itself: a solid dark then lets %d %% of the light through instead of %d %%. Fed by hand against the crosses a run lies off by up to 0.5 mm.".formatted(SheetFiles.times(runs),
                Math.round(100 * Math.pow(batch.kind().transmittance(), runs)), Math.round(100 * batch.kind().transmittance()));
    }

    private static List<Drawn> drawn(Batch batch, Say say) {
        List<Drawn> drawn = new ArrayList<>();
        int across = Math.min(batch.sheets().size(), batch.sheets().size() == 4 ? 2 : MOST_ACROSS);
        for (int i = 0; i < batch.sheets().size(); i++) {
            PrintSheet sheet = batch.sheets().get(i);
            double w = sheet.width().millimetres();
            double h = sheet.height().millimetres();
            List<Copy> copies = new ArrayList<>();
            for (int k = 0; k < sheet.places().size(); k++) {
                copies.add(copy(batch, sheet.places().get(k), k, i));
            }
            drawn.add(new Drawn(i, "Sheet %d, %s used".formatted(i + 1, say.percent(sheet.used())), i % across * (w + BETWEEN), i / across * (h + BETWEEN), w, h, sheet.note().x().millimetres(),
                    sheet.note().bottom().millimetres() - 3, copies));
        }
        return drawn;
    }

    private static Copy copy(Batch batch, Placed placed, int index, int sheet) {
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
                "%s, copy %d, sheet %d, %.0f mm from the left, %.0f mm from the top%s".formatted(placed.what(), placed.copy(), sheet + 1, x, y, placed.turned() ? ", turned" : ""), item.margin().millimetres());
    }

    private static Row row(Item item, Batch batch, SheetWork work, Say say) {
        Piece piece = item.planned().piece();
        double lost = work.lostToRuns(item, batch.setUp().runs());
        return new Row(piece.id(), piece.inHand() + 1, item.label(), PieceHead.base(piece) + "/print", PieceHead.base(piece) + "/treated.png?v=" + piece.version(),
                "%s · %s · %s".formatted(piece.design().theWay().name(), say.size(item.planned().brief().width(), item.planned().brief().height()), (item.mirrored() ? "mirrored" : "not mirrored") + (item.margin().millimetres() > 0 ? " · keeps " + say.one(item.margin()) + " of paper around it" : "")),
                item.wanted().copies() == null ? "" : String.valueOf(item.wanted().copies()), String.valueOf(item.copies()),
                item.spares().words(),
                (unlike(item, batch) + (lost == 0 ? "" : " %s of its detail is lost to running it over itself.".formatted(say.percent(lost)))).strip());
    }

    /** Where the sheet goes through its machine more or less often than its look was foreseen with. */
    private static String unlike(Item item, Batch batch) {
        int planned = item.planned().runs();
        int runs = batch.setUp().runs();
        return planned == runs ? "" : "Build foresees it printed %s; this sheet runs %s.".formatted(SheetFiles.times(planned), SheetFiles.times(runs));
    }

    private static Counter counter(Batch batch, SheetFiles files) {
        Master master = files.master(batch);
        int n = master.sheets().size();
        List<String> words = new ArrayList<>();
        words.add("%s of %s, please.".formatted(master.copies() == 1 ? "One copy" : master.copies() + " copies", n == 1 ? "this page" : "each of these %d pages".formatted(n)));
        words.add("Toner, on plain thin paper, the cheap kind; black only, as dark as it comes.");
        words.add("At 100 %: no fit-to-page, no enhancement, no toner saving.");
        words.add("As it is: not mirrored, it stands already as it must.");
        for (Item item : batch.items()) {
            long places = master.sheets().stream().flatMap(sheet -> sheet.places().stream()).filter(p -> p.what().equals(item.label())).count() * master.copies();
            words.add("You take home %d of %s (%s).".formatted(places, item.label(), item.planned().brief().width().print(UnitSystem.METRIC) + " wide"));
        }
        return new Counter("%s, copied %s: %s to pay".formatted(n == 1 ? "One master" : n + " masters", SheetFiles.times(master.copies()), master.paid() == 1 ? "one sheet" : master.paid() + " sheets"), words);
    }
}
