package kindveil.studio.page.today;

import kindveil.studio.page.piece.LookView;
import java.util.List;
import java.util.UUID;
import kindveil.making.Comparison;
import kindveil.measure.UnusableValue;
import kindveil.studio.page.Say;
import kindveil.studio.work.Kept;
import kindveil.studio.work.log.LogEntry;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.StoredMaking;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

@Controller
class LogController {
    private final LogWork log;
    private final MakeWork makings;
    private final Say say;

    LogController(LogWork log, MakeWork makings, Say say) {
        this.log = log;
        this.makings = makings;
        this.say = say;
    }

    /** One making that was written down. */
    public record Row(UUID id, String date, UUID piece, String title, String verdict, boolean failed, String wish, String came, String different, String printedBy, String found, String predicted, UUID photo) {
    }

    @GetMapping("/log")
    String log(Model model) {
        Kept<LogEntry> kept = log.kept();
        List<Row> rows = kept.read().stream().filter(entry -> !entry.struck()).map(this::row).toList();
        model.addAttribute("rows", rows);
        model.addAttribute("apart", kept.sentences());
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
        boolean both = one.making() != null && other.making() != null;
        model.addAttribute("made", both);
        model.addAttribute("differences", both ? differences(makings.get(one.making()), makings.get(other.making())) : List.of());
        return "today/compare";
    }

    private static List<Comparison.Difference> differences(StoredMaking one, StoredMaking other) {
        return Comparison.of(one.plan(), one.making(), other.plan(), other.making()).differences();
    }

    private Row row(LogEntry entry) {
        return new Row(entry.id(), say.date(entry.written()), entry.piece(), entry.judged().title(), entry.verdict().words(), entry.verdict() == LogEntry.Verdict.FAILED, entry.wish().words(),
                entry.came(), entry.different(), entry.printedBy(), entry.findings().words(), LookView.foreseen(entry), entry.photo());
    }
}
