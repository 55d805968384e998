package kindveil.studio.page.sheet;

import java.util.List;
import kindveil.bench.PrintKind;
import kindveil.studio.page.Say;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.sheet.SheetFiles;
import kindveil.studio.work.sheet.SheetWork;
import kindveil.studio.work.sheet.SheetWork.Batch;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Puts the page of the print sheets together, for all that change them. */
@Component
class SheetsPage {
    private static final int MOST_OFFERS = 40;
    private final SheetWork sheets;
    private final SheetFiles files;
    private final LogWork log;
    private final Say say;

    SheetsPage(SheetWork sheets, SheetFiles files, LogWork log, Say say) {
        this.sheets = sheets;
        this.files = files;
        this.log = log;
        this.say = say;
    }

    /** A kind of print by the word for it in an address. */
    static PrintKind kind(String word) {
        for (PrintKind kind : PrintKind.values()) {
            if (SheetView.word(kind).equals(word)) {
                return kind;
            }
        }
        throw new NotFound("print", word);
    }

    /** The page of one carrier, the first of them where none is asked for; with what was typed, where it came back. */
    SheetsView of(@Nullable PrintKind kind, SheetsView.@Nullable Typed typed, List<String> problems) {
        List<Batch> all = sheets.batches();
        Batch batch = all.stream().filter(one -> kind == null || one.kind() == kind).findFirst().orElse(null);
        SheetView carrier = batch == null ? null : SheetView.of(batch, sheets, files, say);
        SheetsView.Form form = batch == null ? null : SheetsView.Form.of(batch, carrier, typed == null ? SheetsView.Typed.of(batch, say) : typed, log.printers(), say);
        return new SheetsView(sheets.gathering().version(), all.stream().map(one -> new SheetsView.Tab(one.kind().words(), "/sheets/" + SheetView.word(one.kind()), one == batch)).toList(), carrier, form,
                sheets.ungathered().stream().limit(MOST_OFFERS).map(SheetsView.Offer::of).toList(), problems);
    }

    /** With what was typed as the length of the rule. */
    SheetsView measuring(PrintKind kind, String measured, List<String> problems) {
        return of(kind, SheetsView.Typed.of(sheets.batch(kind), say).measuring(measured), problems);
    }

    SheetsView refusing(PrintKind kind, List<String> problems) {
        return of(kind, null, problems);
    }
}
