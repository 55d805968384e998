package kindveil.studio.page.way;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.catalogue.Catalogue;
import kindveil.reading.CompatibilityReading;
import kindveil.studio.page.Problems;
import kindveil.studio.work.look.WaysWork;
import kindveil.studio.work.look.WaysWork.Having;
import kindveil.way.Fit.Verdict;
import kindveil.way.Way;
import kindveil.way.Wish;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** What goes with what. */
@Controller
class WaysController {
    private static final int MOST_REASONS = 2;
    private final WaysWork ways;

    WaysController(WaysWork ways) {
        this.ways = ways;
    }

    /** One way with its verdict. @param reasons the weightiest, with what would help */
    public record Ranked(String key, String name, String summary, Verdict verdict, List<String> reasons) {
        static Ranked of(CompatibilityReading reading) {
            return new Ranked(reading.way().key(), reading.way().name(), reading.way().card().summary(), reading.verdict(),
                    reading.reasons().stream().limit(MOST_REASONS).map(r -> (r.words() + " " + r.remedy()).strip()).toList());
        }
    }

    /** A row of the table, ready to draw. */
    public record TableRow(String key, String name, double y, List<Cell> cells) {
    }

    /** One verdict in it. @param chosen whether it is the one asked for */
    public record Cell(double x, String mark, String words, String href, boolean chosen) {
    }

    /** A column. */
    public record Column(double x, String words, boolean chosen) {
    }

    @GetMapping("/ways")
    ModelAndView ways(@RequestParam(defaultValue = "GOOD_TONER") String print, @RequestParam(defaultValue = "JOURNAL_PAGE") String support,
            @RequestParam(defaultValue = "ACRYLIC_PAINT") String ground, @RequestParam(defaultValue = "SOFT") String wish, @RequestParam(defaultValue = "print") String table,
            @RequestParam(defaultValue = "") String q) {
        Having having = having(print, support, ground, wish);
        ModelAndView page = new ModelAndView("way/ways");
        List<Way> found = q.isBlank() ? Catalogue.transfers() : Catalogue.search(q);
        page.addObject("q", q);
        page.addObject("having", having);
        page.addObject("prints", PrintKind.values());
        page.addObject("supports", Support.values());
        page.addObject("grounds", Ground.values());
        page.addObject("wishes", Wish.values());
        page.addObject("ranked", ways.ranked(found.stream().filter(Catalogue.transfers()::contains).toList(), having).stream().map(Ranked::of).toList());
        page.addObject("layers", (q.isBlank() ? Catalogue.overAndUnder() : found.stream().filter(Catalogue.overAndUnder()::contains).toList()));
        boolean byPrint = !table.equals("support");
        page.addObject("byPrint", byPrint);
        page.addObject("columns", columns(having, byPrint));
        page.addObject("rows", rows(having, byPrint));
        page.addObject("query", query(having));
        return page;
    }

    static Having having(String print, String support, String ground, String wish) {
        Problems problems = new Problems();
        Having having = new Having(problems.choice(PrintKind.class, "Print", print), problems.choice(Support.class, "Support", support),
                problems.choice(Ground.class, "Ground", ground), problems.choice(Wish.class, "Wish", wish));
        if (problems.any()) {
            throw new kindveil.measure.UnusableValue("what you have", String.join(" ", problems.words()), "choices from the lists", "Go back and choose again.");
        }
        return having;
    }

    static String query(Having having) {
        return "print=%s&support=%s&ground=%s&wish=%s".formatted(having.print(), having.support(), having.ground(), having.wish());
    }

    private static List<Column> columns(Having having, boolean byPrint) {
        return byPrint ? Arrays.stream(PrintKind.values()).map(p -> new Column(x(p.ordinal()), shortened(p.words()), p == having.print())).toList()
                : Arrays.stream(Support.values()).map(s -> new Column(x(s.ordinal()), shortened(s.words()), s == having.support())).toList();
    }

    private static String shortened(String words) {
        return words.replace(" on plain paper", "").replace("page of an ", "").replace("page of a ", "").replace(", pigment black and dye colours", ", mixed").replace(" or newspaper", "");
    }

    private static double x(int column) {
        return 12 + column * 25;
    }

    private List<TableRow> rows(Having having, boolean byPrint) {
        List<WaysWork.Row> table = byPrint ? ways.byPrint(having) : ways.bySupport(having);
        return java.util.stream.IntStream.range(0, table.size()).mapToObj(i -> {
            WaysWork.Row row = table.get(i);
            return new TableRow(row.way().key(), row.way().name(), 14 + i * 27.0, java.util.stream.IntStream.range(0, row.cells().size())
                    .mapToObj(c -> cell(row, c, having, byPrint)).toList());
        }).toList();
    }

    private static Cell cell(WaysWork.Row row, int column, Having having, boolean byPrint) {
        CompatibilityReading reading = row.cells().get(column);
        Having there = byPrint ? having.with(PrintKind.values()[column]) : having.with(Support.values()[column]);
        String what = byPrint ? there.print().words() : there.support().words();
        String words = "%s, %s: %s%s".formatted(row.way().name(), what, reading.verdict().words(), reading.reasons().isEmpty() ? "" : ". " + reading.reasons().getFirst().words());
        return new Cell(x(column), mark(reading.verdict()), words, "/ways/%s?%s".formatted(row.way().key(), query(there)), there.equals(having));
    }

    static String mark(Verdict verdict) {
        return verdict.name().toLowerCase(Locale.ROOT);
    }
}
