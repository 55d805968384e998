package kindveil.studio.page.way;

import kindveil.measure.UnusableValue;
import kindveil.studio.page.HavingForm;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.look.WaysWork;
import kindveil.studio.work.look.WaysWork.Order;
import kindveil.studio.work.shelf.Supports;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** What goes with what. */
@Controller
class WaysController {
    private final WaysWork ways;
    private final Supports supports;
    private final Say say;

    WaysController(WaysWork ways, Supports supports, Say say) {
        this.say = say;
        this.supports = supports;
        this.ways = ways;
    }

    @GetMapping("/ways")
    ModelAndView ways(@RequestParam(defaultValue = "GOOD_TONER") String print, @RequestParam(defaultValue = "journal-page") String support,
            @RequestParam(defaultValue = "ACRYLIC_PAINT") String ground, @RequestParam(defaultValue = "SOFT") String wish, @RequestParam(defaultValue = "print") String table,
            @RequestParam(defaultValue = "FIT") String order, @RequestParam(defaultValue = "") String q) {
        Problems problems = new Problems();
        Order by = problems.choice(Order.class, "Order", order);
        if (by == null) {
            throw new UnusableValue("order", order, "one of those in the sentence", "Choose one there.");
        }
        return WaysView.of(HavingForm.read(supports, print, support, ground, wish), !table.equals("support"), by, q, ways, supports.all(), say).in("way/ways");
    }
}
