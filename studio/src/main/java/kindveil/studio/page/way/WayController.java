package kindveil.studio.page.way;

import java.util.Map;
import kindveil.bench.PrintKind;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.sheet.Paper;
import kindveil.studio.page.HavingForm;
import kindveil.studio.page.Download;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.shelf.Supports;
import kindveil.studio.work.sheet.TargetWork;
import kindveil.studio.work.look.WaysWork;
import kindveil.studio.work.look.WaysWork.Having;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Way;
import kindveil.way.WayCard;
import kindveil.way.Wish;
import org.jspecify.annotations.Nullable;
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
    private static final Length SMALLEST = Length.ofMillimetres(10);
    private static final Length LARGEST = Length.ofMillimetres(1000);
    private final WaysWork ways;
    private final TargetWork targets;
    private final LogWork log;
    private final Rooms rooms;
    private final Say say;
    private final Supports supports;

    WayController(WaysWork ways, TargetWork targets, LogWork log, Rooms rooms, Say say, Supports supports) {
        this.supports = supports;
        this.targets = targets;
        this.log = log;
        this.ways = ways;
        this.rooms = rooms;
        this.say = say;
    }

    @GetMapping("/ways/{key}")
    ModelAndView way(@PathVariable String key, @RequestParam(required = false) String print, @RequestParam(required = false) String support, @RequestParam(required = false) String ground,
            @RequestParam(required = false) String wish, @RequestParam(name = "width", defaultValue = "") String wide, @RequestParam(name = "height", defaultValue = "") String tall,
            @RequestParam Map<String, String> all) {
        Way way = Catalogue.ways().stream().filter(w -> w.key().equals(key)).findFirst().orElseThrow(() -> new kindveil.studio.work.NotFound("way", key));
        WayCard card = way.card();
        Having having = HavingForm.read(supports, print == null ? (card.usualPrint() == null ? PrintKind.GOOD_TONER : card.usualPrint()).name() : print,
                support == null ? card.usualSupport().id() : support, ground == null ? card.usualGround().name() : ground, wish == null ? Wish.SOFT.name() : wish);
        String width = wide.isBlank() ? say.usual(100, 4) : wide;
        String height = tall.isBlank() ? say.usual(150, 6) : tall;
        Problems problems = new Problems();
        Length w = problems.read(() -> Length.parseSize("Width", width, SMALLEST, LARGEST));
        Length h = problems.read(() -> Length.parseSize("Height", height, SMALLEST, LARGEST));
        Brief usual = Brief.usual(way, w == null ? Length.ofMillimetres(100) : w, h == null ? Length.ofMillimetres(150) : h, rooms.now().air())
                .with(having.print()).with(having.support()).with(having.ground()).with(having.wish());
        Brief brief = way.checked(usual.choosing(chosen(way, all)));
        return WayView.of(way, having, supports.all(), brief, width, height, ways, log.printers(), problems.words(), say).in("way/way");
    }

    /** A proof strip for this way and a print source. */
    @GetMapping("/ways/{key}/proof.pdf")
    ResponseEntity<byte[]> proof(@PathVariable String key, @RequestParam(defaultValue = "GOOD_TONER") String print, @RequestParam(defaultValue = "") String by, @RequestParam(required = false) @Nullable String paper) {
        Way way = Catalogue.ways().stream().filter(w -> w.key().equals(key)).findFirst().orElseThrow(() -> new kindveil.studio.work.NotFound("way", key));
        Problems problems = new Problems();
        PrintKind kind = problems.choice(PrintKind.class, "Print", print);
        Paper sheet = problems.choice(Paper.class, "Paper", paper == null ? Paper.usual(say.measure()).name() : paper);
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
}
