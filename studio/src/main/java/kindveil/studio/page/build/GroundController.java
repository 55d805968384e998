package kindveil.studio.page.build;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.studio.page.Marked;
import kindveil.studio.page.Problems;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.picture.PictureWork;
import kindveil.studio.work.picture.StoredPicture;
import kindveil.studio.work.piece.Grounds;
import kindveil.studio.work.piece.Page;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.tone.Corners;
import kindveil.tone.Size;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** A ground photographed askew under some lamp, laid flat by its corners and evened by a white card in the picture. */
@Controller
class GroundController {
    private final PieceWork pieces;
    private final PictureWork pictures;
    private final Grounds grounds;

    GroundController(PieceWork pieces, PictureWork pictures, Grounds grounds) {
        this.pieces = pieces;
        this.pictures = pictures;
        this.grounds = grounds;
    }

    @GetMapping("/pieces/{id}/ground/flat")
    Object ground(@PathVariable UUID id) {
        Piece piece = pieces.get(id);
        return piece.basis().photograph().isEmpty() ? back(piece) : view(piece, Map.of(), List.of());
    }

    /** To where a ground is photographed and chosen. */
    private static String back(Piece piece) {
        return "redirect:" + PieceHead.base(piece) + "/build?open=ground";
    }

    private ModelAndView view(Piece piece, Map<String, String> typed, List<String> problems) {
        StoredPicture picture = pictures.get(piece.basis().photograph().orElseThrow());
        return GroundView.of(piece, picture.height() / (double) picture.width(), typed, problems).in("piece/ground");
    }

    /** @param wide of the page, empty where it is told elsewhere */
    @PostMapping("/pieces/{id}/ground/flat")
    Object flat(@PathVariable UUID id, @RequestParam int version, @RequestParam(defaultValue = "") String wide, @RequestParam Map<String, String> all) {
        Piece piece = pieces.get(id);
        if (piece.basis().photograph().isEmpty()) {
            return back(piece);
        }
        Problems problems = new Problems();
        boolean card = all.containsKey("card");
        StoredPicture photograph = pictures.get(piece.basis().photograph().orElseThrow());
        double known = wide.isBlank() ? piece.basis().page().map(page -> page.height().millimetres() / page.width().millimetres()).orElse(0.0) : 0;
        Corners corners = Marked.page(problems, all, new Size(photograph.width(), photograph.height()), known);
        List<Double> white = card ? Marked.place(problems, all, 5, "White card") : List.of();
        Length width = wide.isBlank() ? null : problems.read(() -> Length.parseSize("Width of the page", wide, Page.NARROWEST, Page.WIDEST));
        try {
            if (!problems.any() && problems.read(() -> grounds.flat(piece.seen(version), corners, card ? new Grounds.Card(white.get(0), white.get(1)) : null, width)) != null) {
                return back(piece);
            }
        } catch (Outdated outdated) {
            problems.add(outdated.getMessage());
        }
        return view(piece, all, problems.words());
    }
}
