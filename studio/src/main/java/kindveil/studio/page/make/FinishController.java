package kindveil.studio.page.make;

import kindveil.studio.page.build.BuildForm;
import kindveil.studio.page.piece.PieceHead;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.studio.page.Download;
import kindveil.studio.page.Say;
import kindveil.studio.work.finish.FinishWork;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
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
    private final FinishWork finishing;
    private final Say say;

    FinishController(PieceWork pieces, LookWork looks, FinishWork finishing, Say say) {
        this.finishing = finishing;
        this.say = say;
        this.pieces = pieces;
        this.looks = looks;
    }

    @GetMapping({"/pieces/{id}/finish", "/pieces/{id}/veils/{veil}/finish"})
    ModelAndView finish(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam(required = false) @Nullable UUID making) {
        Piece piece = pieces.get(id, veil);
        Planned planned = pieces.plan(piece);
        return FinishView.of(planned, pieces, looks, finishing.read(planned, making), finishing.pulls(piece), say).in("piece/finish");
    }

    /** One more coat, or several in their order, over all of it. */
    @PostMapping("/pieces/{id}/coats")
    String lay(@PathVariable UUID id, @RequestParam int version, @RequestParam List<String> coat, @RequestParam(required = false) @Nullable UUID making) {
        finishing.lay(pieces.get(id).seen(version), coat, making);
        return back(id, making);
    }

    @PostMapping("/pieces/{id}/veils/{veil}/coats/off")
    String takeOff(@PathVariable UUID id, @PathVariable Integer veil, @RequestParam int version, @RequestParam(required = false) @Nullable UUID making) {
        finishing.takeOff(pieces.get(id, veil).seen(version), making);
        return back(id, making);
    }

    /** To the same pull. */
    private static String back(UUID id, @Nullable UUID making) {
        return "redirect:/pieces/%s/finish".formatted(id) + (making == null ? "" : "?making=" + making);
    }

    /** The piece under one more coat. */
    @GetMapping("/pieces/{id}/coats/{coat}.png")
    ResponseEntity<byte[]> look(@PathVariable UUID id, @PathVariable String coat) {
        return Download.picture(finishing.look(pieces.get(id), coat));
    }

    @PostMapping({"/pieces/{id}/finish", "/pieces/{id}/veils/{veil}/finish"})
    String change(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam Map<String, String> all) {
        Piece piece = pieces.get(id, veil);
        pieces.change(piece.seen(version).with(piece.design().choosing(BuildForm.choices(all))));
        return "redirect:" + PieceHead.base(piece) + "/finish";
    }
}
