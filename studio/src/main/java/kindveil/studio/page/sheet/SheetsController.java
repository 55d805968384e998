package kindveil.studio.page.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import kindveil.bench.PrintKind;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.sheet.Paper;
import kindveil.sheet.SheetSize;
import kindveil.studio.page.Problems;
import kindveil.studio.work.sheet.Gathering;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.sheet.SheetWork;
import kindveil.tone.Overrun;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class SheetsController {
    private final SheetWork sheets;
    private final PieceWork pieces;
    private final SheetsPage page;

    SheetsController(SheetWork sheets, PieceWork pieces, SheetsPage page) {
        this.sheets = sheets;
        this.pieces = pieces;
        this.page = page;
    }

    @GetMapping("/sheets")
    ModelAndView first() {
        return page.of(null, null, List.of()).in("sheet/sheets");
    }

    /** Where only forms are sent, opened as a page. */
    @GetMapping({"/sheets/gather", "/sheets/drop"})
    String onlySent() {
        return "redirect:/sheets";
    }

    @GetMapping("/sheets/{kind}")
    Object sheet(@PathVariable String kind) {
        SheetsView view = page.of(SheetsPage.kind(kind), null, List.of());
        return view.carrier() == null ? "redirect:/sheets" : view.in("sheet/sheets");
    }

    @PostMapping("/sheets/gather")
    Object gather(@RequestParam UUID piece, @RequestParam(defaultValue = "1") int veil, @RequestParam(defaultValue = "") String back) {
        PrintKind kind = sheets.gather(pieces.get(piece, veil));
        return "redirect:" + back(back, false).orElse("/sheets/" + SheetView.word(kind));
    }

    /** To the print of a piece, where that is where it was asked; anything else leads nowhere. */
    private static Optional<String> back(String base, boolean alone) {
        return base.matches("/pieces/[0-9a-f-]{36}(/veils/[1-6])?") ? Optional.of(base + (alone ? "/print?alone=true" : "/print")) : Optional.empty();
    }

    /** All of a carrier is printed. */
    @PostMapping("/sheets/{kind}/clear")
    Object clear(@PathVariable String kind, @RequestParam int version) {
        PrintKind print = SheetsPage.kind(kind);
        try {
            sheets.clear(print, version);
            return "redirect:/sheets";
        } catch (Outdated outdated) {
            return page.refusing(print, List.of(outdated.getMessage())).in("sheet/sheets");
        }
    }

    @PostMapping("/sheets/drop")
    Object drop(@RequestParam UUID piece, @RequestParam int veil, @RequestParam int version, @RequestParam(defaultValue = "") String kind, @RequestParam(defaultValue = "") String back,
            @RequestParam(defaultValue = "false") boolean alone) {
        PrintKind print = SheetsPage.kind(kind);
        try {
            sheets.drop(version, piece, veil);
            return "redirect:" + back(back, alone).orElse("/sheets/" + SheetView.word(print));
        } catch (Outdated outdated) {
            return page.refusing(print, List.of(outdated.getMessage())).in("sheet/sheets");
        }
    }

    /** Copies of every image, the sheet and the machine; fields named {@code copies-<piece>-<veil>}. */
    @PostMapping("/sheets/{kind}")
    Object setUp(@PathVariable String kind, @RequestParam int version, @RequestParam Map<String, String> fields) {
        PrintKind print = SheetsPage.kind(kind);
        Problems problems = new Problems();
        SheetsView.Typed typed = new SheetsView.Typed(fields.getOrDefault("sheet", ""), fields.getOrDefault("width", ""), fields.getOrDefault("height", ""), fields.getOrDefault("printedBy", ""),
                fields.getOrDefault("runs", "1"), "", fields);
        String size = sheetOf(problems, typed);
        Integer runs = problems.whole("Makings", typed.runs(), 1, Overrun.MOST, "", "A third run still helps; a fourth only blurs.");
        problems.read(() -> LogWork.requireShort("Who prints it", typed.printedBy(), 120));
        List<Gathering.Wanted> copies = new ArrayList<>();
        for (SheetWork.Item item : sheets.batch(print).items()) {
            String text = fields.getOrDefault("copies-%s-%d".formatted(item.wanted().piece(), item.wanted().veil()), "");
            Integer count = text.isBlank() ? null : problems.whole("Copies of " + item.label(), text, 1, Gathering.MOST_COPIES, "", "Leave it empty for as many as your record advises.");
            copies.add(new Gathering.Wanted(item.wanted().piece(), item.wanted().veil(), count));
        }
        if (!problems.any()) {
            try {
                sheets.setUp(print, version, copies, size, typed.printedBy(), runs);
                return "redirect:/sheets/" + SheetView.word(print);
            } catch (Outdated | UnusableValue refused) {
                problems.add(refused.getMessage());
            }
        }
        return page.of(print, typed, problems.words()).in("sheet/sheets");
    }

    private static @Nullable String sheetOf(Problems problems, SheetsView.Typed typed) {
        if (!typed.sheet().equals(SheetsView.OWN)) {
            Paper paper = problems.choice(Paper.class, "Sheet", typed.sheet());
            return paper == null ? null : paper.name();
        }
        Length width = problems.read(() -> Length.parseSize("Sheet width", typed.width(), SheetSize.LEAST, SheetSize.MOST));
        Length height = problems.read(() -> Length.parseSize("Sheet height", typed.height(), SheetSize.LEAST, SheetSize.MOST));
        return width == null || height == null ? null : Gathering.SetUp.ownSheet(width, height);
    }

    @PostMapping("/sheets/{kind}/measure")
    Object measure(@PathVariable String kind, @RequestParam int version, @RequestParam(defaultValue = "") String measured, @RequestParam(defaultValue = "false") boolean forget) {
        PrintKind print = SheetsPage.kind(kind);
        Problems problems = new Problems();
        try {
            if (forget) {
                sheets.unmeasure(print, version);
                return "redirect:/sheets/" + SheetView.word(print) + "#rule";
            }
            Length found = problems.read(() -> Length.parse("50 mm rule", measured));
            if (found != null) {
                sheets.measure(print, version, found);
                return "redirect:/sheets/" + SheetView.word(print) + "#rule";
            }
        } catch (UnusableValue | Outdated refused) {
            problems.add(refused.getMessage());
        }
        return page.measuring(print, measured, problems.words()).in("sheet/sheets");
    }
}
