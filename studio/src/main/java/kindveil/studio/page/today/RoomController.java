package kindveil.studio.page.today;

import kindveil.drying.Room;
import java.time.Clock;
import java.time.Duration;
import kindveil.measure.Span;
import java.util.List;
import kindveil.measure.Temperature;
import kindveil.measure.UnitSystem;
import kindveil.studio.keep.BackupWork;
import kindveil.studio.keep.Backups;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.learning.LearnWork;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.room.StudioRoom;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class RoomController {
    private final Rooms rooms;
    private final Say say;
    private static final Duration TWO_WEEKS = Duration.ofDays(14);
    private final Clock clock;
    private final BackupWork backups;
    private final LearnWork learning;
    private final PieceWork pieces;

    RoomController(Rooms rooms, Say say, Clock clock, BackupWork backups, LearnWork learning, PieceWork pieces) {
        this.learning = learning;
        this.pieces = pieces;
        this.backups = backups;
        this.rooms = rooms;
        this.say = say;
        this.clock = clock;
    }

    @GetMapping("/room")
    ModelAndView room() {
        StudioRoom room = rooms.now();
        return RoomView.of(room, RoomView.Form.of(room), backups, learned(), List.of(), say).in("today/room");
    }

    private LearnedView learned() {
        LearnWork.Taught taught = learning.taught();
        return LearnedView.of(taught, pieces.all(taught.seen().stream().map(LearnWork.Seen::piece).distinct().toList()), say);
    }

    /** What is learned from: used or not, begun anew or not, one check more or less. */
    @PostMapping("/room/learning")
    Object learn(@RequestParam int version, @RequestParam(defaultValue = "") String use, @RequestParam(defaultValue = "") String since, @RequestParam(defaultValue = "") String leave, @RequestParam(defaultValue = "") String count) {
        try {
            if (!leave.isEmpty() || !count.isEmpty()) {
                learning.count(version, leave.isEmpty() ? count : leave, leave.isEmpty());
            } else if (!since.isEmpty()) {
                if (since.equals("now")) {
                    learning.forget(version);
                } else {
                    learning.remember(version);
                }
            } else {
                learning.use(version, use.equals("yes"));
            }
            return "redirect:/room#learned";
        } catch (Outdated outdated) {
            StudioRoom room = rooms.now();
            return RoomView.of(room, RoomView.Form.of(room), backups, learned(), List.of(outdated.getMessage()), say).in("today/room");
        }
    }

    @PostMapping("/room/backup")
    Object backUp() {
        try {
            backups.make();
            return "redirect:/room#safe";
        } catch (Backups.Failed failed) {
            StudioRoom room = rooms.now();
            return RoomView.of(room, RoomView.Form.of(room), backups, learned(), List.of(failed.getMessage()), say).in("today/room");
        }
    }

    /** Minutes ago the air can have changed: since it was told last. */
    private double longest(StudioRoom now) {
        double most = TWO_WEEKS.toMinutes();
        return now.version() < 0 ? most : Math.clamp(Math.floor(Span.inMinutes(Duration.between(now.told(), clock.instant()))), 0, most);
    }

    @PostMapping("/room")
    Object tell(@RequestParam int version, @RequestParam(defaultValue = "") String degrees, @RequestParam(defaultValue = "") String percent, @RequestParam(defaultValue = "") String units,
            @RequestParam(defaultValue = "0") String ago) {
        StudioRoom now = rooms.now();
        Problems problems = new Problems();
        UnitSystem system = problems.choice(UnitSystem.class, "Measures", units);
        boolean fahrenheit = now.units() == UnitSystem.US;
        Double told = problems.number("Temperature", degrees, fahrenheit ? 41 : Room.COLDEST, fahrenheit ? 104 : Room.WARMEST, fahrenheit ? "°F" : "°C",
                "Acrylic does not form a sound film outside this range: warm the room or wait.");
        Double humidity = problems.number("Relative humidity", percent, 0, 100, "%", "Read the hygrometer again.");
        Double since = problems.number("Since how long ago", ago, 0, longest(now), "min", now.version() < 0 ? "At most two weeks." : "The air was told at %s: what it was before that is known.".formatted(say.time(now.told())));
        if (!problems.any()) {
            try {
                double celsius = fahrenheit ? (told - 32) * 5 / 9 : told;
                rooms.replace(new StudioRoom(version, new Temperature(celsius).celsius(), humidity, system, clock.instant().minus(Span.minutes(since))));
                return "redirect:/room";
            } catch (Outdated outdated) {
                problems.add(outdated.getMessage());
            }
        }
        return RoomView.of(now, RoomView.Form.typed(now, degrees, percent, ago), backups, learned(), problems.words(), say).in("today/room");
    }
}
