package kindveil.studio.page.sheet;

import kindveil.studio.page.Board;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kindveil.bench.PrintKind;
import kindveil.measure.UnitSystem;
import org.jspecify.annotations.Nullable;
import kindveil.measure.Words;
import kindveil.sheet.CheckRule;
import kindveil.sheet.Master;
import kindveil.sheet.Packing;
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
 * @param board the sheets, drawn
 */
record SheetView(String address, String word, String heading, String told, Board board, List<Row> rows, String settings, Rule rule, String runs,
        @Nullable Counter counter, String trouble) {
    /** What is told of the 50 mm rule. */
    record Rule(String words, boolean rejected, boolean measured) {
        static Rule of(CheckRule rule) {
            return new Rule(rule.words(), rule.verdict() == CheckRule.Verdict.REJECTED, rule.verdict() != CheckRule.Verdict.UNMEASURED);
        }
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
        List<Row> rows = batch.items().stream().map(item -> row(item, batch, work, say)).toList();
        return new SheetView("/sheets/" + word(batch.kind()), word(batch.kind()), heading(batch), told(batch, say), Board.of(batch, say), rows, SheetFiles.settings(batch),
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
