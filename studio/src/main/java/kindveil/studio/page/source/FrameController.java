package kindveil.studio.page.source;

import kindveil.studio.page.piece.Guard;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.sheet.RealWork;
import kindveil.studio.work.sheet.RealWork.Real;
import kindveil.studio.page.Download;
import kindveil.studio.work.piece.Image;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.picture.PictureWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.source.SourceWork;
import kindveil.studio.work.picture.StoredPicture;
import kindveil.tone.Corners;
import kindveil.tone.Framing;
import kindveil.tone.Framing.Crop;
import kindveil.tone.Framing.Mirror;
import kindveil.tone.Framing.Straighten;
import kindveil.tone.Framing.Turn;
import kindveil.tone.Size;
import kindveil.tone.Treatments;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** How a source is framed: turned, straightened, mirrored, cropped. */
@Controller
class FrameController {
    private final PieceWork pieces;
    private final PictureWork pictures;
    private final SourceWork sources;
    private final RealWork reals;
    private final Say say;

    FrameController(PieceWork pieces, PictureWork pictures, SourceWork sources, RealWork reals, Say say) {
        this.reals = reals;
        this.pieces = pieces;
        this.pictures = pictures;
        this.sources = sources;
        this.say = say;
    }

    @GetMapping({"/pieces/{id}/source/frame", "/pieces/{id}/veils/{veil}/source/frame"})
    ModelAndView frame(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil) {
        Piece piece = pieces.get(id, veil);
        return page(piece, FrameView.Form.of(piece), List.of());
    }

    private ModelAndView page(Piece piece, FrameView.Form form, List<String> problems) {
        return view(piece, form, problems).in("piece/frame");
    }

    private FrameView view(Piece piece, FrameView.Form form, List<String> problems) {
        StoredPicture picture = pictures.get(piece.veil().source());
        List<Framing> turned = new ArrayList<>(flat(piece));
        turned.addAll(framing(form, new Problems()));
        turned.removeIf(Crop.class::isInstance);
        Size whole = Treatments.NONE.framed(turned).size(new Size(picture.width(), picture.height()));
        return FrameView.of(piece, form, whole, pictures.shape(piece.veil().source(), piece.design().treatments()), problems, say);
    }

    /** Laid flat by its corners before anything else, if it is. */
    private static List<Framing> flat(Piece piece) {
        return piece.design().treatments().of(Corners.class).map(corners -> List.<Framing>of(corners)).orElse(List.of());
    }

    private static List<Framing> framing(FrameView.Form form, Problems problems) {
        List<Framing> framing = new ArrayList<>();
        Integer quarters = problems.whole("Quarter turns", form.quarters(), 0, 3, "", "Clockwise.");
        Double degrees = problems.number("Straighten by", form.degrees(), -Straighten.MOST, Straighten.MOST, "°", "Beyond that, turn it by a quarter first.");
        Double left = cut(problems, "left", form.left());
        Double top = cut(problems, "top", form.top());
        Double right = cut(problems, "right", form.right());
        Double bottom = cut(problems, "foot", form.bottom());
        if (quarters != null && quarters > 0) {
            framing.add(new Turn(quarters));
        }
        if (!form.mirror().isEmpty()) {
            framing.add(new Mirror());
        }
        if (degrees != null && degrees != 0) {
            framing.add(new Straighten(degrees));
        }
        if (left != null && top != null && right != null && bottom != null) {
            Crop crop = problems.read(() -> new Crop(left, top, right, bottom));
            if (crop != null && !crop.equals(Crop.NONE)) {
                framing.add(crop);
            }
        }
        return framing;
    }

    private static Double cut(Problems problems, String side, String text) {
        return problems.number("Cut off the " + side, text.isBlank() ? "0" : text, 0, 95, "%", "0 leaves that side as it is.");
    }

    @PostMapping({"/pieces/{id}/source/frame", "/pieces/{id}/veils/{veil}/source/frame"})
    Object change(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam(defaultValue = "0") String quarters,
            @RequestParam(defaultValue = "0") String degrees, @RequestParam(defaultValue = "") String mirror, @RequestParam(defaultValue = "0") String left,
            @RequestParam(defaultValue = "0") String top, @RequestParam(defaultValue = "0") String right, @RequestParam(defaultValue = "0") String bottom,
            @RequestParam(defaultValue = "same") String scale, @RequestParam Map<String, String> all) {
        Piece piece = pieces.get(id, veil);
        FrameView.Form form = new FrameView.Form(version, quarters, degrees, mirror, left, top, right, bottom, scale);
        Problems problems = new Problems();
        List<Framing> framing = new ArrayList<>(flat(piece));
        framing.addAll(framing(form, problems));
        if (!problems.any()) {
            Piece changed = problems.read(() -> framed(piece, framing, "same".equals(scale)));
            if (changed != null) {
                try {
                    Real real = Guard.meant(all) ? null : reals.partedFrom(piece, changed);
                    if (real != null && real.any()) {
                        return view(piece, form, List.of()).asking(Guard.of(real, PieceHead.base(piece) + "/source/frame", all, say)).in("piece/frame");
                    }
                    pieces.change(changed.seen(version));
                    return "redirect:" + PieceHead.base(piece) + "/source";
                } catch (Outdated outdated) {
                    problems.add(outdated.getMessage());
                }
            }
        }
        return page(piece, form, problems.words());
    }

    /** With {@code sameScale} a millimetre of the picture stays a millimetre; otherwise the print stays as wide. */
    private Piece framed(Piece piece, List<Framing> framing, boolean sameScale) {
        StoredPicture picture = pictures.get(piece.veil().source());
        Size source = new Size(picture.width(), picture.height());
        Design design = piece.design().treated(piece.design().treatments().framed(framing));
        double before = piece.design().treatments().size(source).width();
        double after = design.treatments().size(source).width();
        Length width = sameScale ? Length.ofMillimetres(Math.round(piece.design().printWidth().millimetres() * after / before * 10) / 10.0) : piece.design().printWidth();
        return piece.with(design.withSize(Length.parseSize("Print width", width.toString(), Image.NARROWEST, Image.WIDEST)));
    }

    /** The picture turned, mirrored and straightened, not yet cropped. */
    @GetMapping({"/pieces/{id}/turned.png", "/pieces/{id}/veils/{veil}/turned.png"})
    ResponseEntity<byte[]> turned(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @ModelAttribute Turned asked) {
        Piece piece = pieces.get(id, veil);
        List<Framing> framing = new ArrayList<>(flat(piece));
        if (asked.quarters() > 0) {
            framing.add(new Turn(asked.quarters()));
        }
        if (asked.mirror()) {
            framing.add(new Mirror());
        }
        framing.add(new Straighten(asked.degrees()));
        return Download.picture(sources.framedPng(piece, Treatments.NONE.framed(framing)));
    }

    /** How it is looked at. */
    public record Turned(int quarters, double degrees, boolean mirror) {
    }

    /** The picture as it came, in its colours, framed. */
    @GetMapping({"/pieces/{id}/framed.png", "/pieces/{id}/veils/{veil}/framed.png"})
    ResponseEntity<byte[]> framed(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil) {
        Piece piece = pieces.get(id, veil);
        return Download.picture(sources.framedPng(piece, piece.design().treatments().framing()));
    }
}
