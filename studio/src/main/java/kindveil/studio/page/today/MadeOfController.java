package kindveil.studio.page.today;

import java.util.List;
import kindveil.studio.keep.MadeOf;
import kindveil.studio.page.PageView;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.servlet.ModelAndView;

/** What the studio is made of, with licences. */
@Controller
class MadeOfController {
    private final MadeOf madeOf;

    MadeOfController(MadeOf madeOf) {
        this.madeOf = madeOf;
    }

    /** The list. */
    record View(List<MadeOf.Part> parts) implements PageView {
    }

    @GetMapping("/made-of")
    ModelAndView madeOf() {
        return new View(madeOf.parts()).in("today/made-of");
    }
}
