package kindveil.studio.page.bench;

import java.util.UUID;
import kindveil.studio.work.stock.Prints;
import kindveil.way.ActId;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Sheets that came off the bench with their picture on them, kept or not. */
@Controller
class LeftoverController {
    private final Prints prints;

    LeftoverController(Prints prints) {
        this.prints = prints;
    }

    @PostMapping("/bench/{id}/leftover")
    String keep(@PathVariable UUID id, @RequestParam String act, @RequestParam boolean kept) {
        prints.keepLeftover(id, ActId.parse(act), kept);
        return "redirect:/bench/" + id;
    }
}
