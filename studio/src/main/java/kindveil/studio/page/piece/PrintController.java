package kindveil.studio.page.piece;

import java.util.Optional;
import java.util.List;
import java.util.UUID;
import kindveil.measure.UnusableValue;
import kindveil.reading.HandReading;
import kindveil.sheet.Paper;
import kindveil.sheet.PrintSheet;
import kindveil.studio.page.Download;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.piece.HandWish;
import kindveil.studio.work.source.Marked;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.sheet.PrintWork;
import kindveil.studio.work.sheet.SheetWork;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class PrintController {
    private final PieceWork pieces;
    private final PrintWork prints;
    private final SheetWork sheets;
    private final Say say;

    PrintController(PieceWork pieces, PrintWork prints, SheetWork sheets, Say say) {
        this.sheets = sheets;
        this.pieces = pieces;
        this.prints = prints;
        this.say = say;
    }

    /** A rectangle in mm, for drawing. */
    public record Box(double x, double y, double width, double height) {
        static Box of(PrintSheet.Rect r) {
            return new Box(r.x().millimetres(), r.y().millimetres(), r.width().millimetres(), r.height().millimetres());
        }
    }

    @GetMapping({"/pieces/{id}/print", "/pieces/{id}/veils/{veil}/print"})
    ModelAndView print(@PathVariable UUID id, @PathVariable(required = false) Integer veil) {
        Piece piece = pieces.get(id, veil);
        return page(piece, String.valueOf(piece.design().copies()), List.of());
    }

    private ModelAndView page(Piece piece, String copies, List<String> problems) {
        Planned planned = pieces.plan(piece);
        ModelAndView page = new ModelAndView("piece/print");
        page.addObject("head", PieceHead.of(piece, "Print"));
        page.addObject("planned", planned);
        page.addObject("tape", TapeView.of(planned, say));
        page.addObject("curved", piece.design().theWay().card().bringsPicture());
        page.addObject("turns", planned.hand().map(HandReading::turns).orElse(0));
        page.addObject("turned", turned(planned.hand().map(HandReading::turns).orElse(0)));
        page.addObject("blockHand", planned.hand().map(hand -> hand.onSupport() != hand.finished()).orElse(false));
        page.addObject("design", piece.design());
        page.addObject("copies", copies);
        page.addObject("gatherable", SheetWork.printable(piece.design().print()));
        page.addObject("gathered", sheets.gathering().holds(piece.id(), piece.inHand() + 1));
        page.addObject("veilNumber", piece.inHand() + 1);
        page.addObject("papers", Paper.values());
        page.addObject("hands", HandWish.values());
        page.addObject("note", PrintWork.note(planned));
        page.addObject("size", say.both(planned.brief().width()) + " × " + say.both(planned.brief().height()));
        page.addObject("mark", PrintSheet.MARK.millimetres());
        try {
            PrintSheet sheet = prints.sheet(planned);
            page.addObject("sheet", sheet);
            page.addObject("sheetBox", new Box(0, 0, sheet.width().millimetres(), sheet.height().millimetres()));
            page.addObject("boxes", sheet.places().stream().map(placed -> Box.of(placed.rect())).toList());
            page.addObject("noteBox", Box.of(sheet.note()));
            page.addObject("sheets", sheet.sheetsFor(piece.design().copies()));
            page.addObject("used", say.percent(sheet.used()));
        } catch (UnusableValue tooLarge) {
            page.addObject("sheet", null);
            page.addObject("tooLarge", tooLarge.getMessage());
        }
        page.addObject("problems", problems);
        if (!problems.isEmpty()) {
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        }
        return page;
    }

    private static String turned(int turns) {
        return switch (turns) {
            case 0 -> "The image is not turned on its way.";
            case 1 -> "The image is turned once on its way, by a contact of faces.";
            case 2 -> "The image is turned twice on its way, so it ends as it began.";
            default -> "The image is turned %d times on its way.".formatted(turns);
        };
    }

    @PostMapping({"/pieces/{id}/print", "/pieces/{id}/veils/{veil}/print"})
    Object change(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @RequestParam int version, @RequestParam(defaultValue = "") String hand, @RequestParam(defaultValue = "") String paper,
            @RequestParam(defaultValue = "") String copies) {
        Piece piece = pieces.get(id, veil);
        Problems problems = new Problems();
        HandWish wanted = problems.choice(HandWish.class, "Hand", hand);
        Paper sheet = problems.choice(Paper.class, "Paper", paper);
        Integer count = problems.whole("Copies", copies, 1, 50, "", "Print at least one spare.");
        if (!problems.any()) {
            try {
                pieces.change(piece.seen(version).with(piece.design().withPrint(wanted, sheet, count)));
                return "redirect:" + PieceHead.base(piece) + "/print";
            } catch (Outdated outdated) {
                problems.add(outdated.getMessage());
            }
        }
        return page(piece, copies, problems.words());
    }

    /** Marks the part tape seams keep out of, in per cent of the picture; {@code clear} takes the mark away. */
    @PostMapping({"/pieces/{id}/print/seams", "/pieces/{id}/veils/{veil}/print/seams"})
    Object seams(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @RequestParam int version, @RequestParam(defaultValue = "") String left, @RequestParam(defaultValue = "") String top,
            @RequestParam(defaultValue = "") String right, @RequestParam(defaultValue = "") String bottom, @RequestParam(defaultValue = "false") boolean clear) {
        Piece piece = pieces.get(id, veil);
        Problems problems = new Problems();
        try {
            Optional<Marked> part = Optional.empty();
            if (!clear) {
                Double l = problems.number("Left of the marked part", left, 0, 100, "%", "0 is the left edge of the picture.");
                Double t = problems.number("Top of the marked part", top, 0, 100, "%", "0 is the top edge of the picture.");
                Double r = problems.number("Right of the marked part", right, 0, 100, "%", "100 is the right edge of the picture.");
                Double b = problems.number("Foot of the marked part", bottom, 0, 100, "%", "100 is the foot of the picture.");
                part = problems.any() ? Optional.empty() : Optional.of(new Marked(l, t, r, b));
            }
            if (!problems.any()) {
                pieces.change(piece.seen(version).with(piece.design().seamless(part)));
                return "redirect:" + PieceHead.base(piece) + "/print#tape";
            }
        } catch (UnusableValue | Outdated refused) {
            problems.add(refused.getMessage());
        }
        return page(piece, String.valueOf(piece.design().copies()), problems.words());
    }

    @GetMapping({"/pieces/{id}/sheet.pdf", "/pieces/{id}/veils/{veil}/sheet.pdf"})
    ResponseEntity<byte[]> pdf(@PathVariable UUID id, @PathVariable(required = false) Integer veil) {
        Piece piece = pieces.get(id, veil);
        return Download.of(Download.named(piece.title(), "sheet") + ".pdf", MediaType.APPLICATION_PDF).body(prints.pdf(piece));
    }
}
