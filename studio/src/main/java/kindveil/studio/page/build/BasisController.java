package kindveil.studio.page.build;

import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.page.Upload;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.measure.Words;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.page.piece.Guard;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.Image;
import kindveil.studio.work.piece.Page;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.sheet.RealWork;
import kindveil.studio.work.sheet.RealWork.Real;
import kindveil.tone.Framing;
import kindveil.tone.Framing.Crop;
import kindveil.tone.PageFit;
import kindveil.way.Brief;
import kindveil.way.Where;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

/** What a piece is made on: its photographed ground, its page, and where the image lies on it. */
@Controller
class BasisController {
    private final PieceWork pieces;
    private final BuildPage page;
    private final RealWork reals;
    private final Say say;

    BasisController(PieceWork pieces, BuildPage page, RealWork reals, Say say) {
        this.reals = reals;
        this.say = say;
        this.pieces = pieces;
        this.page = page;
    }

    @PostMapping({"/pieces/{id}/ground", "/pieces/{id}/veils/{veil}/ground"})
    Object ground(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam(required = false) @Nullable MultipartFile photo) {
        Piece piece = pieces.get(id, veil);
        Problems problems = new Problems();
        Upload file = Upload.of(photo, "no file");
        if (problems.read(() -> pieces.ground(piece.seen(version), file.name(), file.bytes())) != null) {
            return "redirect:" + PieceHead.base(piece) + "/build?open=ground";
        }
        return page.of(piece, Where.GROUND).refusing(problems.words()).in("piece/build");
    }

    @PostMapping({"/pieces/{id}/ground/none", "/pieces/{id}/veils/{veil}/ground/none"})
    String noGround(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version) {
        Piece piece = pieces.get(id, veil);
        pieces.change(piece.seen(version).with(piece.basis().photographed(null)));
        return "redirect:" + PieceHead.base(piece) + "/build?open=ground";
    }

    /** A page as it was typed. @param page null where the first image fills it */
    private record Typed(@Nullable Page page, @Nullable Length right, @Nullable Length down, @Nullable Length margin) {
        static Typed of(Problems problems, String pageWidth, String pageHeight, String x, String y, String margin) {
            boolean told = !pageWidth.isBlank() || !pageHeight.isBlank();
            Length wide = told ? problems.read(() -> Length.parseSize("Width of the page", pageWidth, Page.NARROWEST, Page.WIDEST)) : null;
            Length tall = told ? problems.read(() -> Length.parseSize("Height of the page", pageHeight, Page.NARROWEST, Page.WIDEST)) : null;
            return new Typed(wide == null || tall == null ? null : new Page(wide, tall), problems.read(() -> VeilController.offset("Right of the left edge", x.isBlank() ? "0" : x)),
                    problems.read(() -> VeilController.offset("Below the top edge", y.isBlank() ? "0" : y)), margin(problems, margin));
        }

        static @Nullable Length margin(Problems problems, String margin) {
            return problems.read(() -> VeilController.offset("Margin", margin.isBlank() ? "0" : margin));
        }
    }

    /** The page or panel in its full size, and where the veil in hand lies on it, or how it is to fill it; left empty, the first image fills it. */
    @PostMapping({"/pieces/{id}/page", "/pieces/{id}/veils/{veil}/page"})
    Object page(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam(defaultValue = "") String pageWidth,
            @RequestParam(defaultValue = "") String pageHeight, @RequestParam(defaultValue = "0") String x, @RequestParam(defaultValue = "0") String y, @RequestParam(defaultValue = "0") String margin,
            @RequestParam(defaultValue = "") String fit, @RequestParam Map<String, String> all) {
        Piece piece = pieces.get(id, veil);
        Problems problems = new Problems();
        Typed typed = Typed.of(problems, pageWidth, pageHeight, x, y, margin);
        if (!problems.any()) {
            Piece asked = problems.read(() -> (fit.isEmpty() ? placed(piece, typed) : fitted(piece, typed, fit)).seen(version).with(piece.basis().sized(typed.page)));
            Real real = asked == null || Guard.meant(all) ? null : problems.read(() -> reals.partedFrom(piece, asked));
            if (real != null && real.any()) {
                return page.of(piece, Where.EDGE).asking(Guard.of(real, PieceHead.base(piece) + "/page", all, say)).laid(pageWidth, pageHeight, x, y).in("piece/build");
            }
            if (!problems.any() && asked != null && problems.read(() -> pieces.change(asked)) != null) {
                return "redirect:" + PieceHead.base(piece) + "/build?open=edge";
            }
        }
        return page.of(piece, Where.EDGE).refusing(problems.words()).laid(pageWidth, pageHeight, x, y).in("piece/build");
    }

    private static Piece placed(Piece piece, Typed typed) {
        boolean lies = piece.veil().bringsPicture() && (typed.page != null || piece.veil() != piece.leading());
        return lies && typed.right != null && typed.down != null ? piece.with(piece.veil().at(typed.right, typed.down)) : piece;
    }

    /** As large, as much cut and where a fit says. */
    private Piece fitted(Piece piece, Typed typed, String fit) {
        FitsView.Kind kind = Arrays.stream(FitsView.Kind.values()).filter(one -> one.name().equals(fit)).findFirst()
                .orElseThrow(() -> new UnusableValue("How it lies", Words.shown(fit, 40), "one of the choices shown", "Choose one of them."));
        if (typed.page == null || typed.margin == null || !piece.veil().bringsPicture()) {
            throw new UnusableValue("Width of the page", "", "the page's own size", "Give its width and height first.");
        }
        Brief brief = pieces.plan(piece).brief();
        double aspect = brief.height().millimetres() / brief.width().millimetres();
        PageFit lies = kind.of(new PageFit.Area(typed.page.width(), typed.page.height(), typed.margin), brief.width(), aspect)
                .orElseThrow(() -> new UnusableValue("Image", say.size(brief.width(), brief.height()), "one that can lie so on a page of " + say.size(typed.page.width(), typed.page.height()), "Choose another of those shown."));
        Design design = piece.design();
        if (!lies.cut().equals(Crop.NONE)) {
            List<Framing> framing = new ArrayList<>(design.treatments().list().stream().filter(Framing.class::isInstance).map(Framing.class::cast).toList());
            boolean cut = !framing.isEmpty() && framing.getLast() instanceof Crop;
            Crop before = cut ? (Crop) framing.removeLast() : Crop.NONE;
            framing.add(lies.after(before));
            design = design.treated(design.treatments().framed(framing));
        }
        Piece sized = kind == FitsView.Kind.MIDDLE ? piece : piece.with(design.withSize(Length.parseSize("Print width", lies.width().toString(), Image.NARROWEST, Image.WIDEST)));
        return sized.with(sized.veil().at(lies.x(), lies.y()));
    }

    /** What each fit would be, as page and margin are typed. */
    @GetMapping({"/pieces/{id}/fits", "/pieces/{id}/veils/{veil}/fits"})
    ModelAndView fits(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam(defaultValue = "") String pageWidth, @RequestParam(defaultValue = "") String pageHeight,
            @RequestParam(defaultValue = "0") String margin) {
        Problems problems = new Problems();
        Typed typed = Typed.of(problems, pageWidth, pageHeight, "0", "0", margin);
        FitsView fits = problems.any() || typed.margin == null ? new FitsView(List.of(), "", margin, String.join(" ", problems.words())) : FitsView.of(pieces.plan(pieces.get(id, veil)), typed.page, typed.margin, say);
        return new ModelAndView("piece/fits :: fits", "fits", fits);
    }
}
