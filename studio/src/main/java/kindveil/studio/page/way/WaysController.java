package kindveil.studio.page.way;

import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.studio.page.Problems;
import kindveil.studio.work.look.WaysWork;
import kindveil.studio.work.look.WaysWork.Having;
import kindveil.studio.work.shelf.Supports;
import kindveil.way.Wish;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** What goes with what. */
@Controller
class WaysController {
    private final WaysWork ways;
    private final Supports supports;

    WaysController(WaysWork ways, Supports supports) {
        this.supports = supports;
        this.ways = ways;
    }

    @GetMapping("/ways")
    ModelAndView ways(@RequestParam(defaultValue = "GOOD_TONER") String print, @RequestParam(defaultValue = "journal-page") String support,
            @RequestParam(defaultValue = "ACRYLIC_PAINT") String ground, @RequestParam(defaultValue = "SOFT") String wish, @RequestParam(defaultValue = "print") String table,
            @RequestParam(defaultValue = "") String q) {
        return WaysView.of(having(supports, print, support, ground, wish), !table.equals("support"), q, ways, supports.all()).in("way/ways");
    }

    static Having having(Supports supports, String print, String support, String ground, String wish) {
        Problems problems = new Problems();
        Having having = new Having(problems.choice(PrintKind.class, "Print", print), problems.read(() -> supports.chosen(support)),
                problems.choice(Ground.class, "Ground", ground), problems.choice(Wish.class, "Wish", wish));
        if (problems.any()) {
            throw new kindveil.measure.UnusableValue("what you have", String.join(" ", problems.words()), "choices from the lists", "Go back and choose again.");
        }
        return having;
    }
}
