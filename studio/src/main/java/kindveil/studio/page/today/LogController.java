package kindveil.studio.page.today;
import java.util.List;
import java.util.UUID;
import kindveil.making.Comparison;
import kindveil.measure.UnusableValue;
import kindveil.studio.page.ColourRow;
import kindveil.studio.page.Say;
import kindveil.studio.work.look.ColoursWork;
import kindveil.studio.work.Kept;
import kindveil.studio.work.log.LogEntry;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.StoredMaking;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class LogController {
    private final LogWork log;
    private final MakeWork makings;
    private final ColoursWork colours;
    private final Say say;

    LogController(LogWork log, MakeWork makings, ColoursWork colours, Say say) {
        this.colours = colours;
        this.log = log;
        this.makings = makings;
        this.say = say;
    }

    @GetMapping("/log")
    ModelAndView log() {
        Kept<LogEntry> kept = log.kept();
        return new LogView(kept.read().stream().filter(entry -> !entry.struck()).map(entry -> LogView.Row.of(entry, say)).toList(), kept.sentences()).in("today/log");
    }

    /** Two makings side by side. */
    @GetMapping("/log/compare")
    ModelAndView compare(@RequestParam(name = "entry", defaultValue = "") List<UUID> chosen) {
        if (chosen.size() != 2) {
            throw new UnusableValue("entries to compare", String.valueOf(chosen.size()), "two", "Tick two entries of the log, then hold them side by side.");
        }
        LogEntry one = log.get(chosen.get(0));
        LogEntry other = log.get(chosen.get(1));
        boolean made = one.making() != null && other.making() != null;
        return LogView.SideBySide.of(List.of(LogView.Row.of(one, say), LogView.Row.of(other, say)), made,
                made ? differences(makings.get(one.making()), makings.get(other.making())) : List.of(), ColourRow.of(colours(one), colours(other))).in("today/compare");
    }

    private ColoursWork.Colours colours(LogEntry entry) {
        return colours.of(entry.making() == null ? null : makings.get(entry.making()).now(), entry.judged().foreseen(), entry.photo());
    }

    private static List<Comparison.Difference> differences(StoredMaking one, StoredMaking other) {
        return Comparison.of(one.now(), one.making(), other.now(), other.making()).differences();
    }
}
