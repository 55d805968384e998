package kindveil.studio.page.sitting;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Supplier;
import kindveil.measure.UnusableValue;
import kindveil.reading.SeriesReading;
import kindveil.reading.TaskReading.Resource;
import kindveil.sitting.Hours;
import kindveil.sitting.Tiredness;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.sitting.Diary;
import kindveil.studio.work.sitting.SittingWork;
import kindveil.studio.work.sitting.WaysOut;
import kindveil.studio.work.sitting.Worked;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The plan of the evenings: looked at, said, moved. */
@Controller
class SittingsController {
    private static final String PAGE = "sitting/sittings";
    private static final String BACK = "redirect:/sittings";
    private static final int MOST_THERE = 99_999;
    private final SittingWork sittings;
    private final WaysOut waysOut;
    private final Say say;
    private final ZoneId zone;

    SittingsController(SittingWork sittings, WaysOut waysOut, Say say, ZoneId zone) {
        this.waysOut = waysOut;
        this.sittings = sittings;
        this.say = say;
        this.zone = zone;
    }

    /** @param knot a task asked about, as its job and first act */
    @GetMapping("/sittings")
    ModelAndView sittings(@RequestParam(defaultValue = "") String knot) {
        return view(sittings.now(), null, knot, List.of());
    }

    private ModelAndView view(Worked worked, SittingsView.@Nullable Form typed, String knot, List<String> problems) {
        List<Piece> candidates = sittings.candidates();
        SittingsView.Form form = typed == null ? SittingsView.form(worked.diary(), candidates, say) : typed;
        return SittingsView.of(worked, worked.fits() ? sittings.better(worked) : 0, sittings.happened(worked), candidates, form, knot, problems, sittings.undoable(), say).in(PAGE);
    }

    /** When hands are free, what is to be made, and by when. */
    @PostMapping("/sittings")
    Object say(@RequestParam int version, @RequestParam(defaultValue = "") String hours, @RequestParam(defaultValue = "") String due, @RequestParam(defaultValue = "") List<UUID> piece, @RequestParam Map<String, String> fields) {
        Problems problems = new Problems();
        LocalDate today = sittings.today();
        Map<UUID, Integer> pulls = new HashMap<>();
        for (UUID each : piece) {
            String typed = fields.getOrDefault("pulls-" + each, "1");
            Integer count = problems.whole("Pulls", typed.isBlank() ? "1" : typed, 1, SeriesReading.MOST, "", "One is one piece; more of them are a second series.");
            pulls.put(each, count == null ? 1 : count);
        }
        Hours read = problems.read(() -> Hours.parse(hours, today));
        LocalDateTime by = problems.read(() -> Hours.moment(due, today));
        Diary asked = problems.any() ? null : problems.read(() -> sittings.diary().at(version).saying(Objects.requireNonNull(read), by, piece).pulling(pulls));
        return done(problems, asked == null ? null : () -> sittings.say(asked), () -> {
            SittingsView.Form now = SittingsView.form(sittings.diary(), sittings.candidates(), say);
            return new SittingsView.Form(hours, due, now.pieces().stream().map(pick -> new SittingsView.Pick(pick.id(), pick.title(), piece.contains(pick.id()), pick.several() || piece.contains(pick.id()), fields.getOrDefault("pulls-" + pick.id(), pick.pulls()))).toList(), now.there(), now.rubbing(), now.rest());
        });
    }

    /** How much there is of what is kept busy, and what fingers bear. */
    @PostMapping("/sittings/there")
    Object there(@RequestParam int version, @RequestParam Map<String, String> fields) {
        Problems problems = new Problems();
        Map<Resource, Integer> there = new EnumMap<>(Resource.class);
        sittings.diary().there().keySet().stream().sorted().forEach(what -> {
            Integer count = problems.whole(what.words(), fields.getOrDefault(what.name(), ""), 0, MOST_THERE, "", "Count what there is.");
            if (count != null) {
                there.put(what, what == Resource.FLAT_SPACE ? SittingsView.flat(count, say) : count);
            }
        });
        Integer rubbing = problems.whole("Rubbing in a day", fields.getOrDefault("rubbing", ""), Tiredness.LEAST_A_DAY, Tiredness.MOST_A_DAY, "min", "Count what your fingers bear.");
        Integer rest = problems.whole("Rest after ten minutes of rubbing", fields.getOrDefault("rest", ""), 0, Tiredness.MOST_REST, "min", "0 for none.");
        Diary asked = problems.any() ? null : sittings.diary().at(version).with(there, new Tiredness(Objects.requireNonNull(rubbing), Objects.requireNonNull(rest)));
        return done(problems, asked == null ? null : () -> sittings.say(asked), null);
    }

    /** A task put elsewhere: to a moment in milliseconds, or one in words; or left to be planned again. */
    @PostMapping("/sittings/knot")
    Object knot(@RequestParam int version, @RequestParam String job, @RequestParam String act, @RequestParam(defaultValue = "") String at, @RequestParam(defaultValue = "") String to, @RequestParam(defaultValue = "") String free) {
        Problems problems = new Problems();
        Instant moment = !free.isEmpty() ? null : !to.isEmpty() ? problems.read(() -> moment(to)) : problems.read(() -> Objects.requireNonNull(Hours.moment(at.isBlank() ? "?" : at, sittings.today())).atZone(zone).toInstant());
        return done(problems, problems.any() ? null : () -> sittings.pin(version, job, act, moment), null);
    }

    /** One sitting longer, shorter, elsewhere, or left out. */
    @PostMapping("/sittings/sitting")
    Object sitting(@RequestParam int version, @RequestParam String from, @RequestParam(defaultValue = "") String begins, @RequestParam(defaultValue = "") String ends) {
        Problems problems = new Problems();
        Instant was = problems.read(() -> moment(from));
        Instant first = begins.isEmpty() ? null : problems.read(() -> moment(begins));
        Instant last = ends.isEmpty() ? null : problems.read(() -> moment(ends));
        return done(problems, problems.any() || was == null ? null : () -> sittings.stretch(version, was, first, last), null);
    }

    private static Instant moment(String milliseconds) {
        if (!milliseconds.matches("[0-9]{10,14}")) {
            throw new UnusableValue("Time", milliseconds, "a moment of these weeks", "Look at the page again.");
        }
        return Instant.ofEpochMilli(Long.parseLong(milliseconds));
    }

    /** A better plan is looked for, for a moment. */
    @PostMapping("/sittings/better")
    Object better(@RequestParam int version) {
        return done(new Problems(), () -> sittings.better(version), null);
    }

    /** The plan as it is shown is the one that is kept. */
    @PostMapping("/sittings/keep")
    Object keep(@RequestParam int version) {
        return done(new Problems(), () -> sittings.say(sittings.diary().at(version)), null);
    }

    @PostMapping("/sittings/undo")
    Object undo(@RequestParam int version) {
        return done(new Problems(), () -> sittings.undo(version), null);
    }

    /** One of the ways it would fit is taken. */
    @PostMapping("/sittings/take")
    Object take(@RequestParam int version, @RequestParam int way) {
        return done(new Problems(), () -> sittings.take(version, way), null);
    }

    /** What stands in the way, and what would make it fit: it takes a moment, and comes after the page. */
    @GetMapping("/sittings/ways")
    ModelAndView ways() {
        Worked worked = sittings.now();
        boolean looked = worked.asked() && !worked.fits() && !worked.problem().sittings().isEmpty();
        return WaysOutView.of(worked, looked ? waysOut.conflict(worked) : null, looked ? waysOut.ways(worked) : List.of(), say).in("sitting/ways");
    }

    /** Does it, and says what is wrong with it beside what was typed. */
    private Object done(Problems problems, @Nullable Runnable change, @Nullable Supplier<SittingsView.Form> typed) {
        if (change != null) {
            try {
                problems.read(() -> {
                    change.run();
                    return true;
                });
            } catch (Outdated outdated) {
                problems.add(outdated.getMessage());
            }
        }
        return problems.any() ? view(sittings.now(), typed == null ? null : typed.get(), "", problems.words()) : BACK;
    }
}
