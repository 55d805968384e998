package kindveil.studio.page.build;

import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.page.Upload;
import java.util.UUID;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** Veils of a piece: laid over, placed, put in order, taken off. */
@Controller
class VeilController {
    private static final Length FURTHEST = Length.ofMillimetres(400);
    private final PieceWork pieces;

    VeilController(PieceWork pieces) {
        this.pieces = pieces;
    }

    @PostMapping("/pieces/{id}/veils")
    String add(@PathVariable UUID id, @RequestParam int version, @RequestParam String way, @RequestParam(required = false) MultipartFile picture) {
        Upload file = Upload.of(picture, "picture");
        Piece added = pieces.add(pieces.get(id).seen(version), Catalogue.way(way), file.name(), file.came() ? file.bytes() : null);
        return "redirect:" + PieceHead.base(added) + "/build";
    }

    @PostMapping("/pieces/{id}/veils/{veil}/place")
    String place(@PathVariable UUID id, @PathVariable Integer veil, @RequestParam int version, @RequestParam String x, @RequestParam String y) {
        Piece piece = pieces.get(id, veil);
        Length right = offset("Right of the left edge", x);
        Length down = offset("Below the top edge", y);
        return "redirect:" + PieceHead.base(pieces.change(piece.seen(version).with(piece.veil().at(right, down)))) + "/build";
    }

    static Length offset(String thing, String text) {
        return Length.parseOffset(thing, text, FURTHEST);
    }

    @PostMapping("/pieces/{id}/veils/{veil}/move")
    String move(@PathVariable UUID id, @PathVariable Integer veil, @RequestParam int version, @RequestParam int by) {
        return "redirect:" + PieceHead.base(pieces.change(pieces.get(id, veil).seen(version).moved(by))) + "/build";
    }

    @PostMapping("/pieces/{id}/veils/{veil}/remove")
    String remove(@PathVariable UUID id, @PathVariable Integer veil, @RequestParam int version) {
        return "redirect:" + PieceHead.base(pieces.change(pieces.get(id, veil).seen(version).without())) + "/build";
    }
}
