package kindveil.studio.page.way;

import kindveil.studio.page.HavingForm;
import kindveil.studio.work.look.WaysWork;
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

    WaysController(WaysWork ways, Supports supports) {
        this.supports = supports;
        this.ways = ways;
    }

    @GetMapping("/ways")
    ModelAndView ways(@RequestParam(defaultValue = "GOOD_TONER") String print, @RequestParam(defaultValue = "journal-page") String support,
            @RequestParam(defaultValue = "ACRYLIC_PAINT") String ground, @RequestParam(defaultValue = "SOFT") String wish, @RequestParam(defaultValue = "print") String table,
            @RequestParam(defaultValue = "") String q) {
        return WaysView.of(HavingForm.read(supports, print, support, ground, wish), !table.equals("support"), q, ways, supports.all()).in("way/ways");
    }
}
