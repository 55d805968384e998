package kindveil.studio.page.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.bench.PrintKind;
import kindveil.measure.Length;
import kindveil.measure.UnitSystem;
import kindveil.measure.UnusableValue;
import kindveil.sheet.Paper;
import kindveil.sheet.SheetSize;
import kindveil.studio.intake.SheetRaster;
import kindveil.studio.page.Download;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.sheet.Gathering;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.sheet.SheetFiles;
import kindveil.studio.work.sheet.SheetWork;
import kindveil.studio.work.sheet.SheetWork.Batch;
import kindveil.tone.Overrun;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class SheetsController {
    private static final String OWN = "OWN";
    private final SheetWork sheets;
    private final SheetFiles files;
    private final PieceWork pieces;
    private final LogWork log;
    private final Say say;

    SheetsController(SheetWork sheets, SheetFiles files, PieceWork pieces, LogWork log, Say say) {
        this.sheets = sheets;
        this.files = files;
        this.pieces = pieces;
        this.log = log;
        this.say = say;
    }

    /** A carrier in the list of carriers. */
    public record Tab(String words, String address, boolean here) {
    }

    /** An image that could be put on the sheets. */
    public record Offer(UUID piece, int veil, String title, String words, String picture) {
    }

    /** What is typed into the form. */
    public record Form(String sheet, String width, String height, String printedBy, String runs, String measured, Map<String, String> copies) {
        static Form of(Batch batch) {
            boolean own = batch.setUp().ownSize();
            return new Form(own ? OWN : batch.setUp().sheet(), own ? batch.setUp().size().width().print(UnitSystem.METRIC) : "", own ? batch.setUp().size().height().print(UnitSystem.METRIC) : "",
                    batch.setUp().printedBy(), String.valueOf(batch.setUp().runs()), "", Map.of());
        }

        Form measuring(String text) {
            return new Form(sheet, width, height, printedBy, runs, text, copies);
        }
    }

    static PrintKind kind(String word) {
        for (PrintKind kind : PrintKind.values()) {
            if (SheetView.word(kind).equals(word)) {
                return kind;
            }
        }
        throw new NotFound("print", word);
    }

    @GetMapping("/sheets")
    ModelAndView first() {
        List<Batch> all = sheets.batches();
        return page(all, all.isEmpty() ? null : all.getFirst(), null, List.of());
    }

    /** Where only forms are sent, opened as a page. */
    @GetMapping({"/sheets/gather", "/sheets/drop"})
    String onlySent() {
        return "redirect:/sheets";
    }

    @GetMapping("/sheets/{kind}")
    Object sheet(@PathVariable String kind) {
        PrintKind wanted = kind(kind);
        List<Batch> all = sheets.batches();
        return all.stream().filter(batch -> batch.kind() == wanted).findFirst().<Object>map(batch -> page(all, batch, null, List.of())).orElse("redirect:/sheets");
    }

    private ModelAndView page(List<Batch> all, Batch batch, Form form, List<String> problems) {
        ModelAndView page = new ModelAndView("sheet/sheets");
        page.addObject("version", sheets.gathering().version());
        page.addObject("tabs", all.stream().map(b -> new Tab(b.kind().words(), "/sheets/" + SheetView.word(b.kind()), b == batch)).toList());
        page.addObject("offers", sheets.ungathered().stream().limit(40).map(piece -> new Offer(piece.id(), piece.inHand() + 1, piece.title() + (piece.veils().size() > 1 ? ", veil " + (piece.inHand() + 1) : ""),
                piece.design().theWay().name() + " · " + piece.design().print().words(), PieceHead.base(piece) + "/treated.png?v=" + piece.version())).toList());
        page.addObject("problems", problems);
        page.addObject("view", batch == null ? null : SheetView.of(batch, sheets, files, say));
        if (batch != null) {
            page.addObject("form", form == null ? Form.of(batch) : form);
            page.addObject("papers", Paper.values());
            page.addObject("printers", log.printers());
            page.addObject("runsAsked", batch.kind() == PrintKind.WEAK_TONER || batch.setUp().runs() > 1);
            page.addObject("mostRuns", Overrun.MOST);
            page.addObject("dots", SheetFiles.dotsPerInch(batch));
            page.addObject("byHand", batch.byHand());
        }
        if (!problems.isEmpty()) {
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        }
        return page;
    }

    private ModelAndView again(PrintKind kind, Form form, List<String> problems) {
        List<Batch> all = sheets.batches();
        Batch batch = all.stream().filter(b -> b.kind() == kind).findFirst().orElse(null);
        return page(all, batch, form, problems);
    }

    @PostMapping("/sheets/gather")
    Object gather(@RequestParam UUID piece, @RequestParam(defaultValue = "1") int veil) {
        return "redirect:/sheets/" + SheetView.word(sheets.gather(pieces.get(piece, veil)));
    }

    @PostMapping("/sheets/drop")
    Object drop(@RequestParam UUID piece, @RequestParam int veil, @RequestParam int version, @RequestParam(defaultValue = "") String kind) {
        try {
            sheets.drop(version, piece, veil);
            return "redirect:/sheets/" + kind;
        } catch (Outdated outdated) {
            return again(kind(kind), null, List.of(outdated.getMessage()));
        }
    }

    /** Copies of every image, the sheet and the machine; fields named {@code copies-<piece>-<veil>}. */
    @PostMapping("/sheets/{kind}")
    Object setUp(@PathVariable String kind, @RequestParam int version, @RequestParam Map<String, String> fields) {
        PrintKind print = kind(kind);
        Problems problems = new Problems();
        Form form = new Form(fields.getOrDefault("sheet", ""), fields.getOrDefault("width", ""), fields.getOrDefault("height", ""), fields.getOrDefault("printedBy", ""),
                fields.getOrDefault("runs", "1"), "", fields);
        String size = sheetOf(problems, form);
        Integer runs = problems.whole("Makings", form.runs, 1, Overrun.MOST, "", "A third run still helps; a fourth only blurs.");
        problems.read(() -> LogWork.requireShort("Who prints it", form.printedBy, 120));
        List<Gathering.Wanted> copies = new ArrayList<>();
        for (SheetWork.Item item : sheets.batch(print).items()) {
            String text = fields.getOrDefault("copies-%s-%d".formatted(item.wanted().piece(), item.wanted().veil()), "");
            Integer count = text.isBlank() ? null : problems.whole("Copies of " + item.label(), text, 1, Gathering.MOST_COPIES, "", "Leave it empty for as many as your record advises.");
            copies.add(new Gathering.Wanted(item.wanted().piece(), item.wanted().veil(), count));
        }
        if (!problems.any()) {
            try {
                sheets.setUp(print, version, copies, size, form.printedBy, runs);
                return "redirect:/sheets/" + kind;
            } catch (Outdated | UnusableValue refused) {
                problems.add(refused.getMessage());
            }
        }
        return again(print, form, problems.words());
    }

    private static String sheetOf(Problems problems, Form form) {
        if (!form.sheet.equals(OWN)) {
            Paper paper = problems.choice(Paper.class, "Sheet", form.sheet);
            return paper == null ? null : paper.name();
        }
        Length width = problems.read(() -> Length.parseSize("Sheet width", form.width, SheetSize.LEAST, SheetSize.MOST));
        Length height = problems.read(() -> Length.parseSize("Sheet height", form.height, SheetSize.LEAST, SheetSize.MOST));
        return width == null || height == null ? null : Gathering.SetUp.ownSheet(width, height);
    }

    /** A copy put elsewhere by hand; answers the drawing alone when it was asked for from within the page. */
    @PostMapping("/sheets/{kind}/arrange")
    Object arrange(@PathVariable String kind, @RequestParam int version, @RequestParam int from, @RequestParam int index, @RequestParam int to, @RequestParam String x, @RequestParam String y,
            @RequestParam(defaultValue = "false") boolean turned, @RequestHeader(name = "HX-Request", defaultValue = "false") boolean within) {
        PrintKind print = kind(kind);
        Problems problems = new Problems();
        Double right = problems.number("From the left", x, -50, 1000, "mm", "Count from the left edge of the sheet.");
        Double down = problems.number("From the top", y, -50, 1000, "mm", "Count from the top edge of the sheet.");
        if (!problems.any()) {
            try {
                sheets.arrange(print, version, from, index, new SheetWork.Put(to, right, down, turned));
            } catch (UnusableValue | Outdated refused) {
                problems.add(refused.getMessage());
            }
        }
        if (within) {
            ModelAndView page = again(print, null, problems.words());
            page.setViewName("sheet/sheets :: board");
            page.setStatus(HttpStatus.OK);
            return page;
        }
        return problems.any() ? again(print, null, problems.words()) : "redirect:/sheets/" + kind;
    }

    @PostMapping("/sheets/{kind}/pack")
    Object pack(@PathVariable String kind, @RequestParam int version) {
        try {
            sheets.packAgain(kind(kind), version);
            return "redirect:/sheets/" + kind;
        } catch (Outdated outdated) {
            return again(kind(kind), null, List.of(outdated.getMessage()));
        }
    }

    @PostMapping("/sheets/{kind}/measure")
    Object measure(@PathVariable String kind, @RequestParam int version, @RequestParam(defaultValue = "") String measured, @RequestParam(defaultValue = "false") boolean forget) {
        PrintKind print = kind(kind);
        Problems problems = new Problems();
        try {
            if (forget) {
                sheets.unmeasure(print, version);
                return "redirect:/sheets/" + kind + "#rule";
            }
            Length found = problems.read(() -> Length.parse("50 mm rule", measured));
            if (found != null) {
                sheets.measure(print, version, found);
                return "redirect:/sheets/" + kind + "#rule";
            }
        } catch (UnusableValue | Outdated refused) {
            problems.add(refused.getMessage());
        }
        Batch batch = sheets.batch(print);
        return again(print, Form.of(batch).measuring(measured), problems.words());
    }

    // --- files

    @GetMapping("/sheets/{kind}/sheets.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable String kind) {
        return Download.of(kind + "-sheets.pdf", MediaType.APPLICATION_PDF).body(files.pdf(sheets.batch(kind(kind))));
    }

    @GetMapping("/sheets/{kind}/master.pdf")
    ResponseEntity<byte[]> master(@PathVariable String kind) {
        return Download.of(kind + "-master.pdf", MediaType.APPLICATION_PDF).body(files.masterPdf(sheets.batch(kind(kind))));
    }

    @GetMapping("/sheets/{kind}/sheet-{number}.png")
    ResponseEntity<byte[]> png(@PathVariable String kind, @PathVariable int number) {
        Batch batch = sheets.batch(kind(kind));
        int dots = SheetFiles.dotsPerInch(batch);
        return Download.of("%s-%d.png".formatted(kind, number), MediaType.IMAGE_PNG).body(SheetRaster.png(SheetRaster.draw(files.leaf(batch, number), dots), dots));
    }

    @GetMapping("/sheets/{kind}/sheet-{number}.tiff")
    ResponseEntity<byte[]> tiff(@PathVariable String kind, @PathVariable int number) {
        Batch batch = sheets.batch(kind(kind));
        int dots = SheetFiles.dotsPerInch(batch);
        return Download.of("%s-%d.tiff".formatted(kind, number), MediaType.parseMediaType("image/tiff")).body(SheetRaster.tiff(SheetRaster.draw(files.leaf(batch, number), dots), dots));
    }
}
