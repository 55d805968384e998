package kindveil.studio.page.way;

import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.studio.page.Problems;
import kindveil.studio.work.look.WaysWork;
import kindveil.studio.work.look.WaysWork.Having;
import kindveil.way.Wish;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** What goes with what. */
@Controller
class WaysController {
    private final WaysWork ways;

    WaysController(WaysWork ways) {
        this.ways = ways;
    }

    @GetMapping("/ways")
    ModelAndView ways(@RequestParam(defaultValue = "GOOD_TONER") String print, @RequestParam(defaultValue = "JOURNAL_PAGE") String support,
            @RequestParam(defaultValue = "ACRYLIC_PAINT") String ground, @RequestParam(defaultValue = "SOFT") String wish, @RequestParam(defaultValue = "print") String table,
            @RequestParam(defaultValue = "") String q) {
        return WaysView.of(having(print, support, ground, wish), !table.equals("support"), q, ways).in("way/ways");
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
}
