package kindveil.studio.page.sitting;

import java.nio.charset.StandardCharsets;
import kindveil.studio.page.Say;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.sitting.CalendarFile;
import kindveil.studio.work.sitting.SittingWork;
import kindveil.studio.work.sitting.Worked;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The plan to take along: a calendar file, and a sheet for one sitting. */
@Controller
class SheetController {
    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);
    private final SittingWork sittings;
    private final Say say;

    SheetController(SittingWork sittings, Say say) {
        this.sittings = sittings;
        this.say = say;
    }

    @GetMapping("/sittings.ics")
    ResponseEntity<byte[]> calendar() {
        Worked worked = sittings.now();
        if (!worked.fits()) {
            throw new NotFound("plan of sittings", "this studio");
        }
        return ResponseEntity.ok().contentType(CALENDAR).header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"sittings.ics\"").body(CalendarFile.of(worked).getBytes(StandardCharsets.UTF_8));
    }

    /** @param sitting when it begins, in milliseconds */
    @GetMapping("/sittings/sheet")
    ModelAndView sheet(@RequestParam long sitting) {
        Worked worked = sittings.now();
        int number = -1;
        for (int k = 0; k < worked.free().size(); k++) {
            if (worked.free().get(k).from().toInstant().toEpochMilli() <= sitting && worked.free().get(k).to().toInstant().toEpochMilli() > sitting) {
                number = k;
            }
        }
        if (!worked.fits() || number < 0) {
            throw new NotFound("sitting", sitting);
        }
        return SheetView.of(worked, number, say).in("sitting/sheet");
    }
}
