package kindveil.studio.page.piece;

import java.util.UUID;
import kindveil.studio.page.Upload;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** What a piece is called and where it lies: renamed, made again, put away, taken away and brought back. */
@Controller
class ShelfController {
    private final PieceWork pieces;

    ShelfController(PieceWork pieces) {
        this.pieces = pieces;
    }

    @PostMapping("/pieces/{id}/title")
    String rename(@PathVariable UUID id, @RequestParam int version, @RequestParam(defaultValue = "") String title) {
        pieces.rename(pieces.get(id).seen(version), title);
        return "redirect:/pieces/" + id;
    }

    /** Another like it, of its own pictures or of another one. */
    @PostMapping("/pieces/{id}/another")
    String another(@PathVariable UUID id, @RequestParam(required = false) @Nullable UUID once, @RequestParam(defaultValue = "") String title, @RequestParam(required = false) @Nullable MultipartFile picture) {
        Upload upload = Upload.of(picture, "no file");
        Piece another = pieces.another(once == null ? UUID.randomUUID() : once, pieces.get(id), title, upload.name(), upload.chosen() ? upload.bytes() : null);
        return "redirect:/pieces/" + another.id();
    }

    @PostMapping("/pieces/{id}/put-away")
    String putAway(@PathVariable UUID id, @RequestParam(defaultValue = "true") boolean away) {
        pieces.putAway(id, away);
        return "redirect:/pieces";
    }

    @PostMapping("/pieces/{id}/take-away")
    String takeAway(@PathVariable UUID id) {
        pieces.takeAway(id);
        return "redirect:/pieces#taken-away";
    }

    @PostMapping("/pieces/{id}/bring-back")
    String bringBack(@PathVariable UUID id) {
        pieces.bringBack(id);
        return "redirect:/pieces/" + id;
    }
}
