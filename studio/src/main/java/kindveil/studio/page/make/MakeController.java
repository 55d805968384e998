package kindveil.studio.page.make;

import kindveil.studio.page.piece.PieceHead;
import java.util.Map;
import java.util.UUID;
import kindveil.studio.page.Say;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class MakeController {
    private final PieceWork pieces;
    private final MakeWork makings;
    private final Say say;

    MakeController(PieceWork pieces, MakeWork makings, Say say) {
        this.pieces = pieces;
        this.makings = makings;
        this.say = say;
    }

    @GetMapping({"/pieces/{id}/make", "/pieces/{id}/veils/{veil}/make"})
    ModelAndView make(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil) {
        Planned planned = pieces.plan(pieces.get(id, veil));
        return MakeView.of(planned, pieces.remedies(refused(planned)), makings.ofPiece(id), say).in("piece/make");
    }

    /** The piece with the veil in hand that the bench refuses first: its remedies are the ones to offer. */
    private Planned refused(Planned planned) {
        Piece piece = planned.piece();
        return planned.whole().moments().stream().filter(moment -> !moment.refusals().isEmpty()).findFirst()
                .map(moment -> pieces.plan(piece.at(moment.act().id().part() + 1))).orElse(planned);
    }

    @PostMapping({"/pieces/{id}/make", "/pieces/{id}/veils/{veil}/make"})
    String begin(@PathVariable UUID id) {
        return "redirect:/bench/" + makings.begin(id).id();
    }

    /** Takes up one of the single changes that make the plan sound. */
    @PostMapping({"/pieces/{id}/remedy", "/pieces/{id}/veils/{veil}/remedy"})
    String remedy(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam int index, @RequestParam Map<String, String> all) {
        Planned planned = all.containsKey("back") ? pieces.plan(pieces.get(id, veil)) : refused(pieces.plan(pieces.get(id, veil)));
        Piece piece = planned.piece();
        var remedies = pieces.remedies(planned);
        if (index < 0 || index >= remedies.size()) {
            throw new kindveil.studio.work.Outdated(piece.title());
        }
        pieces.change(piece.seen(version).with(remedies.get(index).brief()));
        return "redirect:" + PieceHead.base(piece) + switch (all.getOrDefault("back", "")) {
            case "finish" -> "/finish";
            case "build" -> "/build";
            default -> "/make";
        };
    }
}
