package kindveil.studio.page.piece;

import java.util.UUID;
import kindveil.measure.UnusableValue;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.log.Results;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** Pulls in the stock: a new piece begun from one, or one that is no longer there. */
@Controller
class StockController {
    private final Results results;
    private final PieceWork pieces;

    StockController(Results results, PieceWork pieces) {
        this.results = results;
        this.pieces = pieces;
    }

    /** Its picture becomes the source of a new piece, as wide as the pull is. */
    @PostMapping("/stock/{id}/piece")
    String begin(@PathVariable UUID id) {
        Results.InStock pull = results.stock().stream().filter(one -> one.owned().id().equals(id)).findFirst().orElseThrow(() -> new NotFound("pull in stock", id));
        if (pull.picture() == null || pull.owned().size() == null) {
            throw new UnusableValue("Pull", pull.owned().name(), "one with a picture", "Photograph it in Notes first.");
        }
        String title = "After " + pull.owned().name();
        Piece piece = pieces.begin(title.substring(0, Math.min(title.length(), PieceWork.LONGEST_TITLE)), pull.owned().size().width(), pull.picture());
        return "redirect:" + PieceHead.base(piece) + "/source";
    }

    @PostMapping("/stock/{id}/take-out")
    String takeOut(@PathVariable UUID id) {
        results.takeOut(id);
        return "redirect:/pieces";
    }
}
