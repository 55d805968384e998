package kindveil.studio.page.piece;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.piece.Page;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.way.Fit;
import kindveil.way.Way;
import kindveil.way.Wish;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

@Controller
class BuildController {
    private final PieceWork pieces;
    private final LookWork looks;
    private final Say say;

    BuildController(PieceWork pieces, LookWork looks, Say say) {
        this.pieces = pieces;
        this.looks = looks;
        this.say = say;
    }

    @GetMapping({"/pieces/{id}/build", "/pieces/{id}/veils/{veil}/build"})
    ModelAndView build(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @RequestParam(required = false) String left, @RequestParam(required = false) String right,
            @RequestParam(required = false) Integer pass, @RequestParam(required = false) Double cut, @RequestParam(required = false) Double x, @RequestParam(required = false) Double y) {
        Planned planned = pieces.plan(pieces.get(id, veil));
        return page(planned, LookView.of(planned, left, right, pass, cut, x, y), BuildForm.of(planned), List.of());
    }

    private ModelAndView page(Planned planned, LookView view, BuildForm form, List<String> problems) {
        Piece piece = planned.piece();
        Way way = piece.design().theWay();
        ModelAndView page = new ModelAndView("piece/build");
        page.addObject("head", PieceHead.of(piece, "Build"));
        page.addObject("planned", planned);
        page.addObject("view", view);
        page.addObject("aspect", looks.aspect(piece));
        page.addObject("links", view.links(PieceHead.base(piece), planned.trace()));
        page.addObject("first", piece.inHand() == 0);
        page.addObject("many", piece.veils().size() > 1);
        page.addObject("prints", PrintKind.values());
        page.addObject("supports", Support.values());
        page.addObject("grounds", Ground.values());
        page.addObject("wishes", Wish.values());
        page.addObject("transfers", Catalogue.transfers());
        page.addObject("layers", Catalogue.overAndUnder());
        page.addObject("form", form);
        page.addObject("colour", piece.groundColour().toString());
        page.addObject("problems", problems);
        page.addObject("refusals", planned.trace().refusals().stream().map(r -> r.words()).distinct().toList());
        page.addObject("questions", way.questions(planned.brief()));
        page.addObject("doubts", doubts(planned, way));
        page.addObject("size", say.size(planned.brief().width(), planned.brief().height()));
        page.addObject("foresight", looks.foresight(piece, view.right(), view.pass()).orElse(null));
        page.addObject("section", section(planned, view));
        page.addObject("rightWords", LookView.words(view.right(), view.pass(), planned.trace()));
        page.addObject("leftWords", LookView.words(view.left(), view.pass(), planned.trace()));
        page.addObject("leftPicture", view.picture(PieceHead.base(piece), view.left(), piece.version()));
        page.addObject("rightPicture", view.picture(PieceHead.base(piece), view.right(), piece.version()));
        page.addObject("paged", piece.basis().page().isPresent());
        page.addObject("pageWidth", piece.basis().page().map(of -> say.one(of.width())).orElse(""));
        page.addObject("pageHeight", piece.basis().page().map(of -> say.one(of.height())).orElse(""));
        page.addObject("offsetX", say.one(piece.veil().x()));
        page.addObject("offsetY", say.one(piece.veil().y()));
        if (!problems.isEmpty()) {
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        }
        return page;
    }

    /** What the bench takes, but doubts, and what the way's card says of support and wish. */
    private static List<String> doubts(Planned planned, Way way) {
        List<String> doubts = new java.util.ArrayList<>();
        Fit support = way.card().fit(planned.brief().support());
        Fit wish = way.card().fit(planned.brief().wish());
        if (support.verdict() != Fit.Verdict.SOUND) {
            doubts.add(support.reason());
        }
        if (wish.verdict() != Fit.Verdict.SOUND) {
            doubts.add(wish.reason());
        }
        planned.trace().concerns().stream().map(concern -> concern.words()).distinct().forEach(doubts::add);
        return doubts;
    }

    private SectionView section(Planned planned, LookView view) {
        return SectionView.of(looks.core(planned.piece(), view.right(), view.pass(), view.x(), view.y()), planned, view.right(), looks.frameSize(planned.piece()));
    }

    /** The section alone, as the point moves. */
    @GetMapping({"/pieces/{id}/section", "/pieces/{id}/veils/{veil}/section"})
    String sectionAt(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @RequestParam(required = false) String left, @RequestParam(required = false) String right,
            @RequestParam(required = false) Integer pass, @RequestParam(required = false) Double cut, @RequestParam Double x, @RequestParam Double y, Model model) {
        Planned planned = pieces.plan(pieces.get(id, veil));
        model.addAttribute("section", section(planned, LookView.of(planned, left, right, pass == null || pass == 0 ? null : pass, cut, x, y)));
        return "piece/section :: section";
    }

    @GetMapping({"/pieces/{id}/look/{state}.png", "/pieces/{id}/veils/{veil}/look/{state}.png"})
    ResponseEntity<byte[]> look(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @PathVariable String state, @RequestParam(required = false) Integer pass,
            @RequestParam(defaultValue = "false") boolean small, @RequestParam Map<String, String> all) {
        Piece piece = pieces.get(id, veil);
        LookView view = LookView.of(pieces.plan(piece), null, state, pass == null || pass == 0 ? null : pass, null, null, null);
        return PiecesController.png(looks.png(piece, BuildForm.choices(all), view.right(), view.pass(), small));
    }

    @PostMapping({"/pieces/{id}/build", "/pieces/{id}/veils/{veil}/build"})
    Object change(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @RequestParam int version, @RequestParam Map<String, String> all) {
        Piece piece = pieces.get(id, veil);
        Planned planned = pieces.plan(piece);
        Problems problems = new Problems();
        Piece asked = BuildForm.read(piece.seen(version), planned, all, problems);
        if (asked != null) {
            try {
                Piece changed = problems.read(() -> pieces.change(asked));
                if (changed != null) {
                    boolean same = asked.design().way().equals(piece.design().way());
                    return "redirect:" + PieceHead.base(changed) + "/build" + (same ? kept(all) : "");
                }
            } catch (Outdated outdated) {
                problems.add(outdated.getMessage());
            }
        }
        return page(planned, LookView.of(planned, null, null, null, null, null, null), BuildForm.of(planned, all), problems.words());
    }

    /** The way the picture was looked at, kept when the build changes; the pass follows the new plan. */
    private static String kept(Map<String, String> all) {
        String left = all.getOrDefault("left", "wet");
        String right = all.getOrDefault("right", "dried");
        return left.matches("[a-z]{1,10}") && right.matches("[a-z]{1,10}") ? "?left=%s&right=%s".formatted(left, right) : "";
    }

    @PostMapping({"/pieces/{id}/ground", "/pieces/{id}/veils/{veil}/ground"})
    Object ground(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @RequestParam int version, @RequestParam(required = false) MultipartFile photo) throws IOException {
        Piece piece = pieces.get(id, veil);
        Problems problems = new Problems();
        Upload file = Upload.of(photo, "no file");
        if (problems.read(() -> pieces.ground(piece.seen(version), file.name(), file.bytes())) != null) {
            return "redirect:" + PieceHead.base(piece) + "/build";
        }
        Planned planned = pieces.plan(piece);
        return page(planned, LookView.of(planned, null, null, null, null, null, null), BuildForm.of(planned), problems.words());
    }

    @PostMapping({"/pieces/{id}/ground/none", "/pieces/{id}/veils/{veil}/ground/none"})
    String noGround(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @RequestParam int version) {
        Piece piece = pieces.get(id, veil);
        pieces.change(piece.seen(version).with(piece.basis().photographed(null)));
        return "redirect:" + PieceHead.base(piece) + "/build";
    }

    /** The page or panel in its full size, and where the veil in hand lies on it; left empty, the first image fills it. */
    @PostMapping({"/pieces/{id}/page", "/pieces/{id}/veils/{veil}/page"})
    Object sized(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @RequestParam int version, @RequestParam(defaultValue = "") String pageWidth,
            @RequestParam(defaultValue = "") String pageHeight, @RequestParam(defaultValue = "0") String x, @RequestParam(defaultValue = "0") String y) {
        Piece piece = pieces.get(id, veil);
        Problems problems = new Problems();
        boolean told = !pageWidth.isBlank() || !pageHeight.isBlank();
        Length wide = told ? problems.read(() -> Length.parseSize("Width of the page", pageWidth, Page.NARROWEST, Page.WIDEST)) : null;
        Length tall = told ? problems.read(() -> Length.parseSize("Height of the page", pageHeight, Page.NARROWEST, Page.WIDEST)) : null;
        Length right = problems.read(() -> VeilController.offset("Right of the left edge", x.isBlank() ? "0" : x));
        Length down = problems.read(() -> VeilController.offset("Below the top edge", y.isBlank() ? "0" : y));
        if (!problems.any()) {
            Page size = told ? new Page(wide, tall) : null;
            Piece placed = piece.veil().bringsPicture() && (told || piece.veil() != piece.leading()) ? piece.with(piece.veil().at(right, down)) : piece;
            if (problems.read(() -> pieces.change(placed.seen(version).with(piece.basis().sized(size)))) != null) {
                return "redirect:" + PieceHead.base(piece) + "/build";
            }
        }
        Planned planned = pieces.plan(piece);
        return page(planned, LookView.of(planned, null, null, null, null, null, null), BuildForm.of(planned), problems.words());
    }
}
