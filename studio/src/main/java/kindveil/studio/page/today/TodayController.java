package kindveil.studio.page.today;

import kindveil.studio.work.Kept;
import kindveil.studio.work.piece.Page;
import kindveil.studio.work.picture.StoredPicture;
import java.util.Map;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import kindveil.studio.page.Say;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.picture.PictureWork;
import kindveil.studio.work.making.StoredMaking;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.servlet.ModelAndView;

@Controller
class TodayController {
    private static final int MOST_READY = 2;
    private static final int MOST_TRIED = 6;
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
    ModelAndView today() {
        Kept<StoredMaking> active = makings.kept();
        List<TodayView.Followed> followed = followed(active.read());
        List<Piece> ready = pieces.unmade(MOST_TRIED).stream().filter(piece -> pieces.plan(piece).sound()).limit(MOST_READY).toList();
        Stream<String> theirPieces = followed.size() < active.read().size() ? pieces.kept().sentences().stream() : Stream.empty();
        return TodayView.of(followed, ready, pieces.none(), Stream.concat(active.sentences().stream(), theirPieces).toList(), say, zone).in("today/today");
    }

    /** With their pieces, each asked for once. */
    private List<TodayView.Followed> followed(List<StoredMaking> active) {
        Map<UUID, Piece> theirs = pieces.all(active.stream().map(StoredMaking::piece).distinct().toList());
        Map<UUID, StoredPicture> shown = pictures.all(theirs.values().stream().map(piece -> piece.leading().source()).distinct().toList());
        return active.stream().filter(making -> theirs.containsKey(making.piece())).map(making -> {
            Piece piece = theirs.get(making.piece());
            double aspect = piece.basis().page().map(Page::aspect).orElseGet(() -> shown.get(piece.leading().source()).shape(piece.leading().design().treatments()).aspect());
            return new TodayView.Followed(making, making.making(), piece, aspect);
        }).toList();
    }
}
