package kindveil.studio.page.today;

import java.util.List;
import java.util.UUID;
import kindveil.studio.page.Say;
import kindveil.studio.work.LogEntry;
import kindveil.studio.work.LogWork;
import kindveil.studio.work.Piece;
import kindveil.studio.work.PieceWork;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

@Controller
class LogController {
    private final LogWork log;
    private final PieceWork pieces;
    private final Say say;

    LogController(LogWork log, PieceWork pieces, Say say) {
        this.log = log;
        this.pieces = pieces;
        this.say = say;
    }

    /** One making that was written down. */
    public record Row(String date, UUID piece, String title, String verdict, boolean failed, String wish, String came, String different, String printedBy, String predicted, UUID photo) {
    }

    @GetMapping("/log")
    String log(Model model) {
        List<Row> rows = log.all().stream().map(this::row).toList();
        model.addAttribute("rows", rows);
        return "today/log";
    }

    private Row row(LogEntry entry) {
        Piece piece = pieces.get(entry.piece());
        String predicted = "/pieces/%s/look/%s.png?pass=%d&v=%d&small=true".formatted(piece.id(), entry.state().name().toLowerCase(java.util.Locale.ROOT), entry.pass(), piece.version());
        return new Row(say.date(entry.written()), piece.id(), piece.title(), entry.verdict().words(), entry.verdict() == LogEntry.Verdict.FAILED, entry.wish().words(),
                entry.came(), entry.different(), entry.printedBy(), predicted, entry.photo());
    }
}
