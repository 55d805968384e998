package kindveil.studio.page.today;

import java.time.ZoneId;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import kindveil.studio.page.Say;
import kindveil.studio.work.MakeWork;
import kindveil.studio.work.Piece;
import kindveil.studio.work.PieceWork;
import kindveil.studio.work.PictureWork;
import kindveil.studio.work.Run;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

@Controller
class TodayController {
    private static final int MOST_READY = 2;
    private final MakeWork makings;
    private final PieceWork pieces;
    private final PictureWork pictures;
    private final Say say;
    private final ZoneId zone;

    TodayController(MakeWork makings, PieceWork pieces, PictureWork pictures, Say say, ZoneId zone) {
        this.makings = makings;
        this.pieces = pieces;
        this.pictures = pictures;
        this.say = say;
        this.zone = zone;
    }

    @GetMapping("/")
    String today(Model model) {
        List<TodayView.Followed> followed = makings.active().stream().map(this::followed).toList();
        Set<UUID> busy = followed.stream().map(f -> f.piece().id()).collect(Collectors.toSet());
        List<Piece> ready = pieces.all().stream().filter(piece -> !busy.contains(piece.id()) && makings.ofPiece(piece.id()).isEmpty())
                .filter(piece -> pieces.plan(piece).sound()).limit(MOST_READY).toList();
        model.addAttribute("today", TodayView.of(followed, ready, say, zone));
        model.addAttribute("nothing", pieces.all().isEmpty());
        model.addAttribute("heading", say.heading());
        model.addAttribute("air", say.air());
        model.addAttribute("now", say.now().toEpochMilli());
        return "today/today";
    }

    private TodayView.Followed followed(Run run) {
        Piece piece = pieces.get(run.piece());
        return new TodayView.Followed(run, piece, pictures.shape(piece.leading()).aspect());
    }
}
