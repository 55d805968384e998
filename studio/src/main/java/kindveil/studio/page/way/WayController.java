package kindveil.studio.page.way;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.measure.Span;
import kindveil.reading.AmountReading;
import kindveil.reading.CautionReading;
import kindveil.reading.CompatibilityReading;
import kindveil.reading.HandReading;
import kindveil.reading.TimeReading;
import kindveil.sheet.Paper;
import kindveil.studio.page.Download;
import kindveil.studio.page.Knot;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.sheet.TargetWork;
import kindveil.studio.work.look.WaysWork;
import kindveil.studio.work.look.WaysWork.Having;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Dial;
import kindveil.way.Fit.Verdict;
import kindveil.way.Trace;
import kindveil.way.Way;
import kindveil.way.WayCard;
import kindveil.way.Wish;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** One way: its section, its acts, its schools, what it takes and what goes wrong. */
@Controller
class WayController {
    private static final int MOST_INSTEAD = 4;
    private static final Length SMALLEST = Length.ofMillimetres(10);
    private static final Length LARGEST = Length.ofMillimetres(1000);
    private final WaysWork ways;
    private final TargetWork targets;
    private final LogWork log;
    private final Rooms rooms;
    private final Say say;

    WayController(WaysWork ways, TargetWork targets, LogWork log, Rooms rooms, Say say) {
        this.targets = targets;
        this.log = log;
        this.ways = ways;
        this.rooms = rooms;
        this.say = say;
    }

    /**
     * A school beside the others.
     *
     * @param costs what is paid for it
     * @param takes of medium and paint in all, at the size asked for
     */
    public record School(String key, String words, String buys, String costs, String takes, String hands, String elapsed, String risk, boolean chosen) {
    }

    /** What is chosen, with its schools. */
    public record Schooling(String key, String question, List<School> schools) {
    }

    /** What goes with it. @param mark its verdict as a mark */
    public record With(String words, String mark, String verdict, String href, boolean chosen) {
    }

    /** What something takes in all. */
    public record Need(String what, String volume) {
    }

    @GetMapping("/ways/{key}")
    ModelAndView way(@PathVariable String key, @RequestParam(required = false) String print, @RequestParam(required = false) String support, @RequestParam(required = false) String ground,
            @RequestParam(required = false) String wish, @RequestParam(defaultValue = "100 mm") String width, @RequestParam(defaultValue = "150 mm") String height,
            @RequestParam Map<String, String> all) {
        Way way = Catalogue.ways().stream().filter(w -> w.key().equals(key)).findFirst().orElseThrow(() -> new kindveil.studio.work.NotFound("way", key));
        WayCard card = way.card();
        Having having = WaysController.having(print == null ? (card.usualPrint() == null ? PrintKind.GOOD_TONER : card.usualPrint()).name() : print,
                support == null ? card.usualSupport().name() : support, ground == null ? card.usualGround().name() : ground, wish == null ? Wish.SOFT.name() : wish);
        Problems problems = new Problems();
        Length w = problems.read(() -> Length.parseSize("Width", width, SMALLEST, LARGEST));
        Length h = problems.read(() -> Length.parseSize("Height", height, SMALLEST, LARGEST));
        Brief usual = Brief.usual(way, w == null ? Length.ofMillimetres(100) : w, h == null ? Length.ofMillimetres(150) : h, rooms.now().air())
                .with(having.print()).with(having.support()).with(having.ground()).with(having.wish());
        Brief brief = way.checked(usual.choosing(chosen(way, all)));
        Trace trace = Trace.of(way.expand(brief));
        ModelAndView page = new ModelAndView("way/way");
        page.addObject("way", way);
        page.addObject("card", card);
        page.addObject("having", having);
        page.addObject("width", width);
        page.addObject("height", height);
        page.addObject("problems", problems.words());
        page.addObject("prints", PrintKind.values());
        page.addObject("supports", Support.values());
        page.addObject("grounds", Ground.values());
        page.addObject("wishes", Wish.values());
        page.addObject("printers", log.printers());
        verdict(page, way, having, brief, trace);
        plan(page, way, brief, trace);
        page.addObject("schooling", schooling(way, brief));
        page.addObject("withPrints", card.usualPrint() == null ? List.of() : Arrays.stream(PrintKind.values()).map(p -> with(way, having.with(p), p.words(), p == having.print())).toList());
        page.addObject("withSupports", Arrays.stream(Support.values()).map(s -> with(way, having.with(s), s.words(), s == having.support())).toList());
        if (problems.any()) {
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        }
        return page;
    }

    /** A proof strip for this way and a print source. */
    @GetMapping("/ways/{key}/proof.pdf")
    ResponseEntity<byte[]> proof(@PathVariable String key, @RequestParam(defaultValue = "GOOD_TONER") String print, @RequestParam(defaultValue = "") String by, @RequestParam(defaultValue = "A4") String paper) {
        Way way = Catalogue.ways().stream().filter(w -> w.key().equals(key)).findFirst().orElseThrow(() -> new kindveil.studio.work.NotFound("way", key));
        Problems problems = new Problems();
        PrintKind kind = problems.choice(PrintKind.class, "Print", print);
        Paper sheet = problems.choice(Paper.class, "Paper", paper);
        problems.read(() -> LogWork.requireShort("Who prints it", by, 120));
        if (problems.any()) {
            throw new kindveil.measure.UnusableValue("proof strip", print, "a print, a paper and who prints it", String.join(" ", problems.words()));
        }
        return Download.of(key + "-proof.pdf", MediaType.APPLICATION_PDF).body(targets.proof(way, kind, by, sheet));
    }

    private static Map<String, String> chosen(Way way, Map<String, String> all) {
        Map<String, String> chosen = new java.util.HashMap<>();
        for (Choice choice : way.choices()) {
            if (all.containsKey(choice.key())) {
                chosen.put(choice.key(), all.get(choice.key()));
            }
        }
        return chosen;
    }

    private void verdict(ModelAndView page, Way way, Having having, Brief brief, Trace trace) {
        CompatibilityReading reading = ways.of(way, having);
        List<String> refusals = trace.refusals().stream().map(r -> r.words()).distinct().toList();
        page.addObject("verdict", reading.verdict());
        page.addObject("mark", WaysController.mark(reading.verdict()));
        page.addObject("reasons", reading.reasons().stream().map(r -> (r.words() + " " + r.remedy()).strip()).toList());
        page.addObject("refusals", refusals);
        page.addObject("instead", reading.verdict() == Verdict.NO ? ways.instead(way, having).stream().limit(MOST_INSTEAD).toList() : List.of());
        page.addObject("hand", HandReading.of(trace).orElse(null));
        page.addObject("query", WaysController.query(having));
    }

    private void plan(ModelAndView page, Way way, Brief brief, Trace trace) {
        TimeReading times = TimeReading.of(trace);
        AmountReading amounts = AmountReading.of(trace, brief.width(), brief.height());
        page.addObject("growth", Growth.of(trace));
        page.addObject("knots", times.entries().stream().map(e -> Knot.of(e, Knot.amount(amounts, e.act().id(), say))).toList());
        page.addObject("hands", Span.words(times.handsOn()));
        page.addObject("elapsed", Knot.elapsed(times));
        page.addObject("needs", amounts.byProduct().entrySet().stream().map(e -> new Need(e.getKey().words(), say.both(e.getValue()))).toList());
        page.addObject("dials", way.dials(brief).stream().map(WayController::dial).toList());
        page.addObject("cautions", CautionReading.of(trace).keySet());
        page.addObject("deference", CautionReading.DEFERENCE);
        page.addObject("air", say.air());
    }

    private static Need dial(Dial dial) {
        return new Need(dial.words(), "%s, %s".formatted(dial.usual(), dial.usual().provenance().word()));
    }

    private List<Schooling> schooling(Way way, Brief brief) {
        List<Schooling> all = new ArrayList<>();
        for (Choice choice : way.choices()) {
            all.add(new Schooling(choice.key(), choice.question(), choice.options().stream().map(option -> school(way, brief, choice, option)).toList()));
        }
        return all;
    }

    private School school(Way way, Brief brief, Choice choice, Choice.Option option) {
        Brief other = brief.with(choice.key(), option.key());
        Trace trace = Trace.of(way.expand(other));
        TimeReading times = TimeReading.of(trace);
        double millilitres = AmountReading.of(trace, brief.width(), brief.height()).byProduct().values().stream().mapToDouble(v -> v.millilitres()).sum();
        String risk = !trace.refusals().isEmpty() ? trace.refusals().getFirst().reason() : trace.concerns().isEmpty() ? "" : trace.concerns().getFirst().reason();
        boolean chosen = way.chosen(brief, choice.key()).equals(option);
        return new School(option.key(), option.words(), option.buys(), option.costs(), millilitres == 0 ? "–" : say.one(new kindveil.measure.Volume(millilitres)), Span.words(times.handsOn()),
                Knot.elapsed(times), risk, chosen);
    }

    private With with(Way way, Having there, String words, boolean chosen) {
        CompatibilityReading reading = ways.of(way, there);
        return new With(words, WaysController.mark(reading.verdict()), reading.verdict().words(), "/ways/%s?%s".formatted(way.key(), WaysController.query(there)), chosen);
    }
}
