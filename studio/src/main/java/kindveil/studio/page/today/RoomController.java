package kindveil.studio.page.today;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.Objects;
import java.util.stream.Stream;
import kindveil.drying.Night;
import kindveil.drying.Room;
import kindveil.measure.UnusableValue;
import kindveil.measure.Span;
import java.util.List;
import kindveil.measure.Temperature;
import kindveil.measure.UnitSystem;
import kindveil.studio.device.SimulatedSensor;
import kindveil.studio.keep.BackupWork;
import kindveil.studio.keep.Backups;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.learning.LearnWork;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.room.SensorWork;
import kindveil.studio.work.room.StudioRoom;
import org.jspecify.annotations.Nullable;
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
    private final ZoneId zone;
    private final BackupWork backups;
    private final LearnWork learning;
    private final PieceWork pieces;

    private final SensorWork sensing;
    private final SimulatedSensor sensor;

    RoomController(Rooms rooms, Say say, Clock clock, BackupWork backups, LearnWork learning, PieceWork pieces, SensorWork sensing, SimulatedSensor sensor, ZoneId zone) {
        this.zone = zone;
        this.sensing = sensing;
        this.sensor = sensor;
        this.learning = learning;
        this.pieces = pieces;
        this.backups = backups;
        this.rooms = rooms;
        this.say = say;
        this.clock = clock;
    }

    @GetMapping("/room")
    ModelAndView room() {
        return page(List.of());
    }

    private LearnedView learned() {
        LearnWork.Taught taught = learning.taught();
        return LearnedView.of(taught, pieces.all(Stream.concat(taught.seen().stream().map(LearnWork.Seen::piece), taught.timed().stream().map(LearnWork.Timed::piece)).distinct().toList()), say);
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
            return page(List.of(outdated.getMessage()));
        }
    }

    private SensorView sensor(StudioRoom room) {
        return SensorView.of(sensing, sensor, room.units(), say);
    }

    private ModelAndView page(List<String> problems) {
        StudioRoom room = rooms.now();
        return RoomView.of(room, RoomView.Form.of(room), sensor(room), backups, learned(), problems, zone, say).in("today/room");
    }

    /** Whether the air follows the sensor. */
    @PostMapping("/room/sensor")
    Object follow(@RequestParam int version, @RequestParam(defaultValue = "false") boolean on) {
        try {
            sensing.follow(version, on);
            return "redirect:/room#sensor";
        } catch (Outdated outdated) {
            return page(List.of(outdated.getMessage()));
        }
    }

    /** What the stand-in measures. */
    @PostMapping("/room/stand-in")
    Object set(@RequestParam(defaultValue = "") String degrees, @RequestParam(defaultValue = "") String percent, @RequestParam(defaultValue = "") String fault) {
        UnitSystem units = rooms.now().units();
        Problems problems = new Problems();
        SimulatedSensor.Fault chosen = problems.choice(SimulatedSensor.Fault.class, "What ails it", fault);
        Double told = problems.number("Temperature of the simulated air", degrees, Temperature.degrees(SimulatedSensor.COLDEST, units), Temperature.degrees(SimulatedSensor.WARMEST, units), Temperature.sign(units), "A sensor measures no more.");
        Double humidity = problems.number("Humidity of the simulated air", percent, 0, 100, "%", "It is relative.");
        if (problems.any()) {
            return page(problems.words());
        }
        sensor.set(new SimulatedSensor.Setting(Temperature.celsius(told, units), humidity, chosen));
        sensing.look();
        return "redirect:/room#sensor";
    }

    @PostMapping("/room/backup")
    Object backUp() {
        try {
            backups.make();
            return "redirect:/room#safe";
        } catch (Backups.Failed failed) {
            return page(List.of(failed.getMessage()));
        }
    }

    /** Minutes ago the air can have changed: since it was told last. */
    private double longest(StudioRoom now) {
        double most = TWO_WEEKS.toMinutes();
        return now.version() < 0 ? most : Math.clamp(Math.floor(Span.inMinutes(Duration.between(now.told(), clock.instant()))), 0, most);
    }

    private static LocalTime time(String thing, @Nullable String text, LocalTime unsaid) {
        if (text == null) {
            return unsaid;
        }
        try {
            return LocalTime.parse(text.strip().length() == 4 ? "0" + text.strip() : text.strip()).truncatedTo(ChronoUnit.MINUTES);
        } catch (DateTimeParseException unread) {
            throw new UnusableValue(thing, text, "a time of day such as 22:00", "Give hours and minutes.");
        }
    }

    @PostMapping("/room")
    Object tell(@RequestParam int version, @RequestParam(defaultValue = "") String degrees, @RequestParam(defaultValue = "") String percent, @RequestParam(defaultValue = "") String units,
            @RequestParam(defaultValue = "0") String ago, @RequestParam(defaultValue = "0") String cooler, @RequestParam(required = false) @Nullable String from, @RequestParam(required = false) @Nullable String to) {
        StudioRoom now = rooms.now();
        Problems problems = new Problems();
        UnitSystem system = problems.choice(UnitSystem.class, "Measures", units);
        Double told = problems.number("Temperature", degrees, Temperature.degrees(Room.COLDEST, now.units()), Temperature.degrees(Room.WARMEST, now.units()), Temperature.sign(now.units()),
                "Acrylic does not form a sound film outside this range: warm the room or wait.");
        Double humidity = problems.number("Relative humidity", percent, 0, 100, "%", "Read the hygrometer again.");
        Double since = problems.number("Since how long ago", ago, 0, longest(now), "min", now.version() < 0 ? "At most two weeks." : "The air was told at %s: what it was before that is known.".formatted(say.time(now.told())));
        Double less = problems.number("Cooler at night by", cooler, 0, Temperature.steps(Night.MOST, now.units()), Temperature.sign(now.units()), "0 where day and night are alike.");
        LocalTime begins = problems.read(() -> time("Night from", from, Night.ALIKE.from()));
        LocalTime ends = problems.read(() -> time("Night to", to, Night.ALIKE.to()));
        Night night = less == null || begins == null || ends == null ? null : problems.read(() -> new Night(less / Temperature.steps(1, now.units()), begins, ends));
        if (!problems.any()) {
            try {
                rooms.replace(new StudioRoom(version, new Temperature(Temperature.celsius(told, now.units())).celsius(), humidity, Objects.requireNonNull(night), system, clock.instant().minus(Span.minutes(since))));
                return "redirect:/room";
            } catch (Outdated outdated) {
                problems.add(outdated.getMessage());
            }
        }
        return RoomView.of(now, RoomView.Form.typed(now, degrees, percent, ago, cooler, from == null ? "" : from, to == null ? "" : to), sensor(now), backups, learned(), problems.words(), zone, say).in("today/room");
    }
}
