package kindveil.studio.page.build;

import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.page.Upload;
import java.io.IOException;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.studio.page.Problems;
import kindveil.studio.work.piece.Page;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.way.Where;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** What a piece is made on: its photographed ground, its page, and where the image lies on it. */
@Controller
class BasisController {
    private final PieceWork pieces;
    private final BuildPage page;

    BasisController(PieceWork pieces, BuildPage page) {
        this.pieces = pieces;
        this.page = page;
    }

    @PostMapping({"/pieces/{id}/ground", "/pieces/{id}/veils/{veil}/ground"})
    Object ground(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam(required = false) @Nullable MultipartFile photo) throws IOException {
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

    /** The page or panel in its full size, and where the veil in hand lies on it; left empty, the first image fills it. */
    @PostMapping({"/pieces/{id}/page", "/pieces/{id}/veils/{veil}/page"})
    Object page(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam(defaultValue = "") String pageWidth,
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
                return "redirect:" + PieceHead.base(piece) + "/build?open=edge";
            }
        }
        return page.of(piece, Where.EDGE).refusing(problems.words()).laid(pageWidth, pageHeight, x, y).in("piece/build");
    }
}
