package kindveil.studio.page.way;

import java.util.Optional;
import java.util.UUID;
import kindveil.studio.page.Say;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.piece.PieceWork;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** From what is seen to what may be behind it, and what to do now. */
@Controller
class SymptomsController {
    private static final int MOST_SOUGHT = 200;
    private final MakeWork makings;
    private final PieceWork pieces;
    private final Say say;

    SymptomsController(MakeWork makings, PieceWork pieces, Say say) {
        this.makings = makings;
        this.pieces = pieces;
        this.say = say;
    }

    /** @param sees the symptom chosen @param q words for it @param making it is asked of, whose ways come first @param piece or the newest of one */
    @GetMapping("/symptoms")
    ModelAndView symptoms(@RequestParam(defaultValue = "") String sees, @RequestParam(defaultValue = "") String q, @RequestParam(required = false) @Nullable UUID making, @RequestParam(required = false) @Nullable UUID piece) {
        Optional<StoredMaking> of = Optional.ofNullable(making).map(makings::get).or(() -> Optional.ofNullable(piece).flatMap(makings::newest));
        return SymptomsView.of(sees, LogWork.requireShort("Looked for", q, MOST_SOUGHT), of, of.map(stored -> pieces.get(stored.piece()).title()).orElse(""), say).in("way/symptoms");
    }
}
