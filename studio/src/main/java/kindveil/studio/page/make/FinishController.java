package kindveil.studio.page.make;

import kindveil.studio.page.build.BuildForm;
import kindveil.studio.page.piece.PieceHead;
import java.util.Map;
import java.util.UUID;
import kindveil.studio.page.Say;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class FinishController {
    private final PieceWork pieces;
    private final LookWork looks;
    private final Say say;

    FinishController(PieceWork pieces, LookWork looks, Say say) {
        this.say = say;
        this.pieces = pieces;
        this.looks = looks;
    }

    @GetMapping({"/pieces/{id}/finish", "/pieces/{id}/veils/{veil}/finish"})
    ModelAndView finish(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil) {
        return FinishView.of(pieces.plan(pieces.get(id, veil)), pieces, looks, say).in("piece/finish");
    }

    @PostMapping({"/pieces/{id}/finish", "/pieces/{id}/veils/{veil}/finish"})
    String change(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam Map<String, String> all) {
        Piece piece = pieces.get(id, veil);
        pieces.change(piece.seen(version).with(piece.design().choosing(BuildForm.choices(all))));
        return "redirect:" + PieceHead.base(piece) + "/finish";
    }
}
