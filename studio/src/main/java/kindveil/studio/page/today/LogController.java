package kindveil.studio.page.today;

import java.util.List;
import java.util.UUID;
import kindveil.making.Comparison;
import kindveil.measure.UnusableValue;
import kindveil.studio.page.Say;
import kindveil.studio.work.LogEntry;
import kindveil.studio.work.LogWork;
import kindveil.studio.work.MakeWork;
import kindveil.studio.work.Piece;
import kindveil.studio.work.PieceWork;
import kindveil.studio.work.Run;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

@Controller
class LogController {
    private final LogWork log;
    private final PieceWork pieces;
    private final MakeWork makings;
    private final Say say;

    LogController(LogWork log, PieceWork pieces, MakeWork makings, Say say) {
        this.log = log;
        this.makings = makings;
        this.pieces = pieces;
        this.say = say;
    }

    /** One making that was written down. */
    public record Row(UUID id, String date, UUID piece, String title, String verdict, boolean failed, String wish, String came, String different, String printedBy, String found, String predicted, UUID photo) {
    }

    @GetMapping("/log")
    String log(Model model) {
        List<Row> rows = log.all().stream().map(this::row).toList();
        model.addAttribute("rows", rows);
        return "today/log";
    }

    /** Two makings side by side. */
    @GetMapping("/log/compare")
    String compare(@RequestParam(name = "entry", defaultValue = "") List<UUID> chosen, Model model) {
        if (chosen.size() != 2) {
            throw new UnusableValue("entries to compare", String.valueOf(chosen.size()), "two", "Tick two entries of the log, then hold them side by side.");
        }
        LogEntry one = log.get(chosen.get(0));
        LogEntry other = log.get(chosen.get(1));
        model.addAttribute("rows", List.of(row(one), row(other)));
        boolean both = one.run() != null && other.run() != null;
        model.addAttribute("made", both);
        model.addAttribute("differences", both ? differences(makings.get(one.run()), makings.get(other.run())) : List.of());
        return "today/compare";
    }

    private static List<Comparison.Difference> differences(Run one, Run other) {
        return Comparison.of(one.work(), one.making(), other.work(), other.making()).differences();
    }

    private Row row(LogEntry entry) {
        Piece piece = pieces.get(entry.piece());
        String predicted = "/pieces/%s/look/%s.png?pass=%d&v=%d&small=true".formatted(piece.id(), entry.state().name().toLowerCase(java.util.Locale.ROOT), entry.pass(), piece.version());
        return new Row(entry.id(), say.date(entry.written()), piece.id(), piece.title(), entry.verdict().words(), entry.verdict() == LogEntry.Verdict.FAILED, entry.wish().words(),
                entry.came(), entry.different(), entry.printedBy(), entry.findings().words(), predicted, entry.photo());
    }
}
