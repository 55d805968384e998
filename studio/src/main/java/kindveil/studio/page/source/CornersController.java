package kindveil.studio.page.source;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.studio.page.Marked;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.page.piece.Guard;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.picture.PictureWork;
import kindveil.studio.work.picture.StoredPicture;
import kindveil.studio.work.piece.Image;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.sheet.RealWork;
import kindveil.studio.work.sheet.RealWork.Real;
import kindveil.tone.Corners;
import kindveil.tone.Framing;
import kindveil.tone.Size;
import kindveil.tone.Treatments;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** A page photographed with a telephone, laid flat by its four corners before anything else is done to it. */
@Controller
class CornersController {
    private final PieceWork pieces;
    private final PictureWork pictures;
    private final RealWork reals;
    private final Say say;

    CornersController(PieceWork pieces, PictureWork pictures, RealWork reals, Say say) {
        this.pieces = pieces;
        this.pictures = pictures;
        this.reals = reals;
        this.say = say;
    }

    @GetMapping({"/pieces/{id}/source/corners", "/pieces/{id}/veils/{veil}/source/corners"})
    ModelAndView corners(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil) {
        return view(pieces.get(id, veil), Map.of(), List.of()).in("piece/corners");
    }

    private CornersView view(Piece piece, Map<String, String> typed, List<String> problems) {
        StoredPicture picture = pictures.get(piece.veil().source());
        return CornersView.of(piece, picture.height() / (double) picture.width(), typed, problems);
    }

    /** Laid flat so; {@code askew} leaves it as it was photographed. What was cropped is cropped no more, since the picture is another. */
    @PostMapping({"/pieces/{id}/source/corners", "/pieces/{id}/veils/{veil}/source/corners"})
    Object lay(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam(defaultValue = "false") boolean askew, @RequestParam Map<String, String> all) {
        Piece piece = pieces.get(id, veil);
        Problems problems = new Problems();
        Piece asked = askew ? framed(piece, null) : read(problems, piece, all);
        try {
            Real real = asked == null || Guard.meant(all) ? null : reals.partedFrom(piece, asked);
            if (real != null && real.any()) {
                return view(piece, all, List.of()).asking(Guard.of(real, PieceHead.base(piece) + "/source/corners", all, say)).in("piece/corners");
            }
            if (asked != null && problems.read(() -> pieces.change(asked.seen(version))) != null) {
                return "redirect:" + PieceHead.base(piece) + "/source";
            }
        } catch (Outdated outdated) {
            problems.add(outdated.getMessage());
        }
        return view(piece, all, problems.words()).in("piece/corners");
    }

    private @Nullable Piece read(Problems problems, Piece piece, Map<String, String> all) {
        StoredPicture picture = pictures.get(piece.veil().source());
        Corners corners = Marked.page(problems, all, new Size(picture.width(), picture.height()), 0);
        return corners == null ? null : problems.read(() -> framed(piece, corners));
    }

    /** As wide a print as before. */
    private Piece framed(Piece piece, @Nullable Corners corners) {
        List<Framing> framing = new ArrayList<>();
        if (corners != null) {
            framing.add(corners);
        }
        piece.design().treatments().framing().list().stream().filter(treatment -> treatment instanceof Framing.Turn || treatment instanceof Framing.Mirror).forEach(treatment -> framing.add((Framing) treatment));
        Treatments treatments = piece.design().treatments().framed(framing);
        StoredPicture picture = pictures.get(piece.veil().source());
        Size size = treatments.size(new Size(picture.width(), picture.height()));
        Length width = piece.design().printWidth();
        Length.parseSize("Print height", width.times(size.aspect()).toString(), Image.NARROWEST, Image.WIDEST.times(10));
        return piece.with(piece.design().treated(treatments));
    }
}
