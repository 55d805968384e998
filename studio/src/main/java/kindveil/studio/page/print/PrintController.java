package kindveil.studio.page.print;

import kindveil.studio.page.piece.PieceHead;
import java.util.Optional;
import java.util.List;
import java.util.UUID;
import kindveil.measure.UnusableValue;
import kindveil.sheet.Paper;
import kindveil.studio.page.Download;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.bench.Hand;
import kindveil.bench.PrintKind;
import kindveil.measure.Words;
import kindveil.way.Dial;
import kindveil.way.Where;
import kindveil.measure.Length;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.HandWish;
import kindveil.studio.work.piece.Image;
import kindveil.studio.work.piece.PrintPlan;
import kindveil.studio.work.source.Marked;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.sheet.PrintWork;
import kindveil.studio.work.sheet.RealWork;
import kindveil.studio.work.sheet.SheetWork;
import org.jspecify.annotations.Nullable;
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
    private final RealWork reals;
    private final Say say;

    PrintController(PieceWork pieces, PrintWork prints, SheetWork sheets, RealWork reals, Say say) {
        this.reals = reals;
        this.sheets = sheets;
        this.pieces = pieces;
        this.prints = prints;
        this.say = say;
    }

    @GetMapping({"/pieces/{id}/print", "/pieces/{id}/veils/{veil}/print"})
    ModelAndView print(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam(defaultValue = "false") boolean alone) {
        Piece piece = pieces.get(id, veil);
        return page(piece, "", alone, List.of());
    }

    private ModelAndView page(Piece piece, String copies, boolean alone, List<String> problems) {
        return PrintView.of(pieces.plan(piece), pieces.turning(piece), new PrintView.Asked(copies, alone, weighed(piece).isPresent(), problems), prints, sheets, reals, say).in("piece/print");
    }

    @PostMapping({"/pieces/{id}/print", "/pieces/{id}/veils/{veil}/print"})
    Object change(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam(defaultValue = "") String hand, @RequestParam(defaultValue = "") String paper,
            @RequestParam(defaultValue = "") String copies, @RequestParam(defaultValue = "false") boolean alone, @RequestParam(defaultValue = "false") boolean together,
            @RequestParam(defaultValue = "false") boolean anyway) {
        Piece piece = pieces.get(id, veil);
        Problems problems = new Problems();
        HandWish wanted = problems.choice(HandWish.class, "Hand", hand);
        // sheets of their own size are set up where they are told, and stay as they are
        Paper sheet = paper.isEmpty() && !alone ? piece.design().paper() : problems.choice(Paper.class, "Paper", paper);
        Integer count = problems.whole("Copies", copies, 1, 50, "", "Print at least one spare.");
        if (!problems.any()) {
            try {
                Piece asked = piece.seen(version).with(piece.design().withPrint(wanted, sheet, count));
                reals.requireMeant(piece, asked, anyway);
                Piece changed = pieces.change(asked);
                if (together) {
                    sheets.gather(changed);
                }
                sheets.tell(changed, count, paper.isEmpty() ? null : sheet);
                return "redirect:" + PieceHead.base(piece) + (alone ? "/print?alone=true" : "/print");
            } catch (Outdated outdated) {
                problems.add(outdated.getMessage());
            }
        }
        return page(piece, copies, alone, problems.words());
    }

    /** Tells of a print that exists already, or that one is made anew. */
    @PostMapping({"/pieces/{id}/print/exists", "/pieces/{id}/veils/{veil}/print/exists"})
    Object exists(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam(defaultValue = "") String width, @RequestParam(defaultValue = "") String stands,
            @RequestParam(defaultValue = "") String count, @RequestParam(defaultValue = "false") boolean anew, @RequestParam(defaultValue = "") String kind, @RequestParam(defaultValue = "") String weight) {
        Piece piece = pieces.get(id, veil);
        Problems problems = new Problems();
        try {
            if (anew) {
                pieces.change(piece.seen(version).with(piece.design().with(piece.design().printing().anew())));
                return "redirect:" + PieceHead.base(piece) + "/print";
            }
            Length wide = problems.read(() -> Length.parseSize("Its width", width, Image.NARROWEST, Image.WIDEST));
            Hand hand = problems.choice(Hand.class, "How it reads", stands);
            Integer copies = problems.whole("How many there are", count, 1, 50, "", "One is one try.");
            PrintKind print = kind.isEmpty() ? piece.design().print() : problems.choice(PrintKind.class, "What it is", kind);
            Design printed = print == null ? piece.design() : piece.design().with(piece.design().printing().anew().with(print));
            Dial paper = weighed(piece.with(printed)).orElse(null);
            Double grams = weight.isBlank() ? null : paper == null ? unweighed(problems, weight) : problems.number("Weight of its paper", weight, paper.possibleLeast(), paper.possibleMost(), "g/m²", "Leave it empty if you do not know.");
            if (!problems.any()) {
                Design design = (grams == null ? printed : printed.dialled(paper.key(), grams)).withSize(wide);
                PrintPlan before = design.printing();
                pieces.change(piece.seen(version).with(design.with(before.existing(new PrintPlan.Existing(design.print(), hand, wide, before.hand()), copies))));
                return "redirect:" + PieceHead.base(piece) + "/print";
            }
        } catch (UnusableValue | Outdated refused) {
            problems.add(refused.getMessage());
        }
        return page(piece, "", false, problems.words());
    }

    /** The weight of its paper, where the way takes that off. */
    private Optional<Dial> weighed(Piece piece) {
        return piece.design().theWay().dials(pieces.plan(piece).brief()).stream().filter(dial -> dial.where() == Where.PAPER && dial.usual().unit().equals("g/m²")).findFirst();
    }

    private static @Nullable Double unweighed(Problems problems, String weight) {
        problems.add("Weight of its paper: “%s” cannot be used. This way does not rub the paper of such a print away. Leave it empty.".formatted(Words.shown(weight, 40)));
        return null;
    }

    /** Marks the part tape seams keep out of, in per cent of the picture; {@code clear} takes the mark away. */
    @PostMapping({"/pieces/{id}/print/seams", "/pieces/{id}/veils/{veil}/print/seams"})
    Object seams(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam(defaultValue = "") String left, @RequestParam(defaultValue = "") String top,
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
        return page(piece, "", false, problems.words());
    }

    /** The sheets it lies on with the others; from now on it is one of them. */
    @GetMapping({"/pieces/{id}/sheets.pdf", "/pieces/{id}/veils/{veil}/sheets.pdf"})
    String together(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil) {
        return "redirect:/sheets/%s/sheets.pdf".formatted(kindveil.measure.Words.token(sheets.gather(pieces.get(id, veil))));
    }

    @GetMapping({"/pieces/{id}/sheet.pdf", "/pieces/{id}/veils/{veil}/sheet.pdf"})
    ResponseEntity<byte[]> pdf(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil) {
        Piece piece = pieces.get(id, veil);
        byte[] pdf = prints.pdf(piece);
        reals.take(pieces.plan(piece), piece.design().copies());
        return Download.of(Download.named(piece.title(), "sheet") + ".pdf", MediaType.APPLICATION_PDF).body(pdf);
    }
}
