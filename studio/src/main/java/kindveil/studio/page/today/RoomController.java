package kindveil.studio.page.today;

import kindveil.drying.Underlay;
import kindveil.drying.Stage;
import kindveil.drying.RoomCourse;
import kindveil.drying.Room;
import kindveil.drying.Rate;
import kindveil.drying.Overlay;
import kindveil.drying.Drying;
import kindveil.drying.Cover;
import kindveil.drying.Coat;
import kindveil.drying.Bed;
import java.time.Duration;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import kindveil.measure.Span;
import kindveil.measure.Temperature;
import kindveil.measure.UnitSystem;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.room.StudioRoom;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class RoomController {
    private static final double WIDTH = 520;
    private static final double HEIGHT = 240;
    private static final double HOURS = 3;
    private final Rooms rooms;
    private final Say say;
    private final Clock clock;

    RoomController(Rooms rooms, Say say, Clock clock) {
        this.rooms = rooms;
        this.say = say;
        this.clock = clock;
    }

    private static final Bed UNDER_PRINT = Bed.open(new Coat(100, 0.6), Underlay.panel(20)).under(Overlay.dry(15, 0));

    /** A coat drying in this air: its curve and when it is through. */
    public record Curve(String name, String path, String through, double labelX, double labelY) {
    }

    @GetMapping("/room")
    ModelAndView room() {
        StudioRoom room = rooms.now();
        return page(room, kindveil.measure.Figures.rounded(degrees(room), 1), kindveil.measure.Figures.rounded(room.percent(), 0), List.of());
    }

    private static double degrees(StudioRoom room) {
        return room.units() == UnitSystem.US ? room.celsius() * 9 / 5 + 32 : room.celsius();
    }

    private ModelAndView page(StudioRoom room, String degrees, String percent, List<String> problems) {
        ModelAndView page = new ModelAndView("today/room");
        page.addObject("room", room);
        page.addObject("degrees", degrees);
        page.addObject("percent", percent);
        page.addObject("unit", room.units() == UnitSystem.US ? "°F" : "°C");
        page.addObject("told", say.time(room.told()));
        page.addObject("dryings", List.of(
                drying("thin coat, open", Bed.open(new Coat(60, 0.6), Underlay.panel(5)), room.air()),
                drying("coat on a print", Bed.open(new Coat(100, 0.6), Underlay.paper(15)), room.air()),
                drying("bed under a print", UNDER_PRINT, room.air()),
                drying("the same, weighted", UNDER_PRINT.loaded(Cover.weight(false)), room.air())));
        page.addObject("problems", problems);
        if (!problems.isEmpty()) {
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        }
        return page;
    }

    private static Curve drying(String name, Bed bed, Room air) {
        Drying drying = Drying.fresh(bed, RoomCourse.of(air), Duration.ZERO);
        List<String> points = new ArrayList<>();
        for (double x = 0; x <= WIDTH; x += 4) {
            double share = drying.waterShare(Span.minutes(x / WIDTH * HOURS * 60));
            points.add("%.0f %.1f".formatted(x, HEIGHT * (1 - share)));
        }
        String through = drying.spread(Stage.THROUGH, Rate.UNLEARNED).map(s -> "through in %s [%s … %s]".formatted(Span.words(s.half()), Span.words(s.quarter()), Span.words(s.nineTenths())))
                .orElse("never gets through in this air; it does below about %.0f %%: warm the room, dry the air or bring a fan".formatted(Drying.dampestPercent(Stage.THROUGH)));
        double labelX = drying.reaches(Stage.TOUCH_DRY).map(t -> Math.min(WIDTH - 120, Span.inMinutes(t) / (HOURS * 60) * WIDTH)).orElse(WIDTH - 120);
        return new Curve(name, "M" + String.join("L", points), through, labelX, HEIGHT * (1 - Stage.TOUCH_DRY.waterShare()));
    }

    @PostMapping("/room")
    Object tell(@RequestParam int version, @RequestParam(defaultValue = "") String degrees, @RequestParam(defaultValue = "") String percent, @RequestParam(defaultValue = "") String units) {
        StudioRoom now = rooms.now();
        Problems problems = new Problems();
        UnitSystem system = problems.choice(UnitSystem.class, "Measures", units);
        boolean fahrenheit = now.units() == UnitSystem.US;
        Double told = problems.number("Temperature", degrees, fahrenheit ? 41 : Room.COLDEST, fahrenheit ? 104 : Room.WARMEST, fahrenheit ? "°F" : "°C",
                "Acrylic does not form a sound film outside this range: warm the room or wait.");
        Double humidity = problems.number("Relative humidity", percent, 0, 100, "%", "Read the hygrometer again.");
        if (!problems.any()) {
            try {
                double celsius = fahrenheit ? (told - 32) * 5 / 9 : told;
                rooms.replace(new StudioRoom(version, new Temperature(celsius).celsius(), humidity, system, clock.instant()));
                return "redirect:/room";
            } catch (Outdated outdated) {
                problems.add(outdated.getMessage());
            }
        }
        return page(now, degrees, percent, problems.words());
    }
}
