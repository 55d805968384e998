package kindveil.studio.work.sheet;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import kindveil.bench.PrintKind;
import kindveil.catalogue.Catalogue;
import kindveil.learning.Spares;
import kindveil.sheet.CheckRule;
import kindveil.studio.work.log.Log;
import kindveil.studio.work.log.LogEntry;
import kindveil.studio.work.shelf.Lineage;
import kindveil.studio.work.shelf.Print;
import kindveil.studio.work.shelf.Shelf;
import kindveil.way.Way;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Printers and shops, as the log and the sheets name them, and what became of their copies. */
@Service
public class Printers {
    private final Log log;
    private final Gatherings gatherings;
    private final Shelf shelf;

    Printers(Log log, Gatherings gatherings, Shelf shelf) {
        this.log = log;
        this.gatherings = gatherings;
        this.shelf = shelf;
    }

    /** What became of its copies by one way. */
    public record ByWay(String way, Spares spares) {
    }

    /**
     * One machine.
     *
     * @param ways by which its copies were taken over, most often first
     * @param rule the 50 mm rule as it printed it, or null where nobody measured
     * @param stock copies of it that are counted in stock
     * @param last when something of it was written down or printed last, or null
     */
    public record Printer(String name, Set<PrintKind> kinds, List<ByWay> ways, @Nullable CheckRule rule, int stock, @Nullable Instant last) {
        public int judged() {
            return ways.stream().mapToInt(way -> way.spares().good() + way.spares().failed()).sum();
        }
    }

    /** All that are named anywhere, by name. */
    public List<Printer> all() {
        List<LogEntry> written = log.all().stream().filter(entry -> !entry.struck()).toList();
        List<Print> stock = shelf.all(Print.class).stream().filter(print -> print.lineage() != null).toList();
        Gathering gathering = gatherings.now();
        Set<String> names = new TreeSet<>(String.CASE_INSENSITIVE_ORDER);
        Stream.of(written.stream().map(LogEntry::printedBy), gathering.setUps().stream().map(Gathering.SetUp::printedBy), stock.stream().map(Print::lineage).map(Lineage::by)).flatMap(each -> each).filter(name -> !name.isBlank()).forEach(names::add);
        return names.stream().map(name -> printer(name, written.stream().filter(entry -> entry.printedBy().equalsIgnoreCase(name)).toList(), stock.stream().filter(print -> print.lineage().by().equalsIgnoreCase(name)).toList(), gathering)).toList();
    }

    private static Printer printer(String name, List<LogEntry> record, List<Print> stock, Gathering gathering) {
        Set<PrintKind> kinds = EnumSet.noneOf(PrintKind.class);
        record.forEach(entry -> kinds.add(entry.judged().print().kind()));
        stock.forEach(print -> kinds.add(print.lineage().print()));
        List<ByWay> ways = new ArrayList<>();
        record.stream().map(entry -> entry.judged().way().key()).distinct().forEach(way -> ways.add(new ByWay(called(way), spares(record, way))));
        ways.sort(Comparator.comparingInt((ByWay way) -> way.spares.good() + way.spares.failed()).reversed().thenComparing(ByWay::way));
        Optional<CheckRule> rule = gathering.setUps().stream().filter(setUp -> setUp.printedBy().equalsIgnoreCase(name) && setUp.rule().measured() != null).map(Gathering.SetUp::rule).findFirst();
        Instant last = Stream.concat(record.stream().map(LogEntry::written), stock.stream().map(print -> print.lineage().at())).max(Comparator.naturalOrder()).orElse(null);
        return new Printer(name, kinds, ways, rule.orElse(null), stock.stream().mapToInt(Print::count).sum(), last);
    }

    private static String called(String way) {
        return Catalogue.ways().stream().filter(known -> known.key().equals(way)).findFirst().map(Way::name).orElse(way);
    }

    /** What is written of copies from there. */
    List<LogEntry> recordOf(String printedBy) {
        return printedBy.isBlank() ? List.of() : log.all().stream().filter(entry -> !entry.struck() && entry.printedBy().equals(printedBy)).toList();
    }

    /** What the log says of copies from there, taken over that way: failures put down to something else than the print do not count. */
    public Spares spares(String printedBy, String way) {
        return spares(recordOf(printedBy), way);
    }

    static Spares spares(List<LogEntry> ofSource, String way) {
        List<LogEntry> record = ofSource.stream().filter(entry -> entry.judged().way().key().equals(way)).toList();
        int failed = (int) record.stream().filter(entry -> entry.verdict() == LogEntry.Verdict.FAILED && againstThePrint(entry)).count();
        int good = (int) record.stream().filter(entry -> entry.verdict() != LogEntry.Verdict.FAILED).count();
        return new Spares(good, failed);
    }

    private static boolean againstThePrint(LogEntry entry) {
        return entry.findings().cause() == null || entry.findings().cause() == LogEntry.Cause.PRINT;
    }
}
