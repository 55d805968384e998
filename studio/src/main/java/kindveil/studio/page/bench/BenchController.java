package kindveil.studio.page.bench;

import kindveil.way.ActId;
import kindveil.way.TellTale;
import java.util.List;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.UUID;
import kindveil.measure.UnusableValue;
import kindveil.studio.page.Problems;
import jakarta.servlet.http.HttpServletRequest;
import kindveil.studio.page.Say;
import kindveil.studio.page.device.Caller;
import kindveil.studio.work.device.Doorkeeper;
import kindveil.mixing.Recipe;
import kindveil.studio.work.jar.JarWork;
import kindveil.studio.work.making.Using;
import kindveil.studio.work.stock.Prints;
import kindveil.studio.work.stock.Stock;
import kindveil.studio.work.log.LogEntry;
import kindveil.studio.work.log.Results;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.MakingLine;
import kindveil.studio.work.making.Meanwhile;
import kindveil.studio.work.making.ReplanWork;
import kindveil.studio.work.making.Result;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.making.StoredMaking;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class BenchController {
    private static final double LONGEST_AGO = 14 * 24 * 60;
    private static final int JITTER_SECONDS = 90;
    private final MakeWork makings;
    private final PieceWork pieces;
    private final ReplanWork replans;
    private final Results results;
    private final Say say;
    private final Doorkeeper keeper;
    private final HttpServletRequest request;
    private final JarWork jars;
    private final Stock stock;
    private final Prints prints;

    BenchController(MakeWork makings, ReplanWork replans, PieceWork pieces, Results results, Say say, Doorkeeper keeper, HttpServletRequest request, JarWork jars, Stock stock, Prints prints) {
        this.prints = prints;
        this.stock = stock;
        this.jars = jars;
        this.keeper = keeper;
        this.request = request;
        this.replans = replans;
        this.results = results;
        this.makings = makings;
        this.pieces = pieces;
        this.say = say;
    }

    @GetMapping("/bench/{id}")
    ModelAndView bench(@PathVariable UUID id, @RequestParam(required = false) @Nullable String said) {
        return page(id, "noted".equals(said) ? List.of("That was already noted; nothing was counted twice.") : List.of(), false, BenchPage.Against.NOTHING);
    }

    private ModelAndView wrong(UUID id, List<String> problems) {
        return page(id, problems, true, BenchPage.Against.NOTHING);
    }

    private ModelAndView page(UUID id, List<String> said, boolean wrong, BenchPage.Against against) {
        StoredMaking making = makings.get(id);
        List<String> all = Stream.concat(said.stream(), clock(making).stream()).toList();
        Piece piece = pieces.get(making.piece());
        List<MakingLine> series = makings.pulls(making);
        PullView pull = PullView.of(making, series, results.of(making).map(LogEntry::id).orElse(null), "/pieces/" + piece.id());
        return new BenchPage(BenchView.of(making, piece, others(id, series), pull, making.making().current().map(act -> makings.beside(id, act, say.now())).orElse(List.of()), say), BenchPage.LiveView.of(making, Caller.id(), keeper.door()), ReadyJar.of(making, jars, stock, say), BenchPage.Sheet.of(making, prints), say.air(making.air().last()), say.time(say.now()), say.now().toEpochMilli(), all, wrong, against).in("bench/bench");
    }

    /** A clock that stands before what was told last was set, then or since: no window is right by it. */
    private Optional<String> clock(StoredMaking making) {
        Instant last = making.making().lastDeed();
        return last.isAfter(say.now().plusSeconds(JITTER_SECONDS)) ? Optional.of("This machine's clock stands at %s, before what was told last, at %s: no window can be right by it. Set the clock, and open this page again."
                .formatted(say.time(say.now()), say.time(last))) : Optional.empty();
    }

    /** What runs in other makings, each piece asked for once. */
    private List<BenchView.Slip> others(UUID here, List<MakingLine> series) {
        Set<UUID> own = series.stream().map(MakingLine::id).collect(Collectors.toSet());
        List<StoredMaking> all = makings.active();
        List<StoredMaking> active = all.stream().filter(other -> !other.id().equals(here)).toList();
        Map<UUID, Piece> theirs = pieces.all(active.stream().map(StoredMaking::piece).distinct().toList());
        Stream<BenchView.Slip> next = Meanwhile.of(all, say.now()).stream().filter(one -> !one.next().id().equals(here) && theirs.containsKey(one.next().piece()))
                .map(one -> BenchView.slip(one, one.next().called(theirs.get(one.next().piece()).title()), own.contains(one.next().id()), say, say.now()));
        return Stream.concat(next, active.stream().filter(other -> theirs.containsKey(other.piece()))
                .flatMap(other -> BenchView.slips(other, other.making(), other.called(theirs.get(other.piece()).title()), true, say, say.now()).stream())).toList();
    }

    @PostMapping("/bench/{id}/tell")
    Object tell(@PathVariable UUID id, @RequestParam int seq, @RequestParam int answer, @RequestParam(defaultValue = "0") String ago, @RequestParam(defaultValue = "false") boolean anyway, @RequestParam(required = false) @Nullable UUID jar, @RequestParam(defaultValue = "0") double more) {
        Problems problems = new Problems();
        Double minutes = problems.number("How long ago", ago.isBlank() ? "0" : ago, 0, LONGEST_AGO, "min", "Give the minutes since it was done, 0 for just now.");
        if (problems.any()) {
            return wrong(id, problems.words());
        }
        try {
            List<String> against = makings.tell(id, seq, answer, minutes, anyway, new Using.Source(jar, Math.clamp(more, 0, Recipe.MOST_MILLILITRES)));
            return against.isEmpty() ? "redirect:/bench/" + id : page(id, List.of(), true, new BenchPage.Against(against, answer, minutes));
        } catch (Outdated alreadyTold) {
            return "redirect:/bench/" + id + "?said=noted";
        } catch (UnusableValue unusable) {
            return wrong(id, List.of(unusable.getMessage()));
        }
    }

    /** How each of its coats dries. */
    @GetMapping("/bench/{id}/coats")
    ModelAndView coats(@PathVariable UUID id) {
        StoredMaking making = makings.get(id);
        return CoatsView.of(making, making.called(pieces.get(making.piece()).title()), say).in("bench/coats");
    }

    /** What is seen or felt of what dries or was laid; no deed. @param from which page it was told */
    @PostMapping("/bench/{id}/sign")
    Object sign(@PathVariable UUID id, @RequestParam int seq, @RequestParam TellTale tale, @RequestParam int reply, @RequestParam(defaultValue = "") String from) {
        try {
            makings.sign(id, seq, tale, reply);
            return from.equals("today") ? "redirect:/?felt=%s#now".formatted(id) : "redirect:/bench/" + id;
        } catch (Outdated movedOn) {
            return "redirect:/bench/" + id + "?said=noted";
        } catch (UnusableValue unusable) {
            return wrong(id, List.of(unusable.getMessage()));
        }
    }

    @PostMapping("/bench/{id}/undo")
    Object undo(@PathVariable UUID id, @RequestParam int seq) {
        try {
            makings.takeBack(id, seq);
            return "redirect:/bench/" + id;
        } catch (Outdated alreadyDone) {
            return "redirect:/bench/" + id + "?said=noted";
        } catch (UnusableValue unusable) {
            return wrong(id, List.of(unusable.getMessage()));
        }
    }

    @PostMapping("/bench/{id}/start-at")
    Object startAt(@PathVariable UUID id, @RequestParam int seq, @RequestParam String act, @RequestParam(defaultValue = "0") String ago) {
        Problems problems = new Problems();
        Double minutes = problems.number("How long ago", ago.isBlank() ? "0" : ago, 0, LONGEST_AGO, "min", "Give the minutes since the act before it was done.");
        if (problems.any()) {
            return wrong(id, problems.words());
        }
        try {
            makings.startAt(id, seq, ActId.parse(act), minutes);
            return "redirect:/bench/" + id;
        } catch (Outdated alreadyDone) {
            return "redirect:/bench/" + id + "?said=noted";
        } catch (UnusableValue unusable) {
            return wrong(id, List.of(unusable.getMessage()));
        }
    }

    /** What of the plan can still be otherwise. */
    @GetMapping("/bench/{id}/plan")
    ModelAndView plan(@PathVariable UUID id) {
        return plan(id, List.of());
    }

    private ModelAndView plan(UUID id, List<String> problems) {
        StoredMaking making = makings.get(id);
        return ReplanView.of(making, pieces.get(making.piece()).title(), replans.open(making), problems, say).in("bench/plan");
    }

    /** The plan changed from the act at hand on. */
    @PostMapping("/bench/{id}/plan")
    Object replan(@PathVariable UUID id, @RequestParam int seq, @RequestParam int part, @RequestParam String key, @RequestParam(defaultValue = "") String option, @RequestParam(required = false) @Nullable String value) {
        Problems problems = new Problems();
        Double number = value == null ? null : problems.number("Number", value, -1e12, 1e12, "", "Give a number inside its range.");
        if (problems.any()) {
            return plan(id, problems.words());
        }
        try {
            replans.replan(id, seq, part, key, option, number);
            return "redirect:/bench/" + id;
        } catch (Outdated movedOn) {
            return "redirect:/bench/" + id + "?said=noted";
        } catch (UnusableValue unusable) {
            return plan(id, List.of(unusable.getMessage()));
        }
    }

    /** Another pull of the same plan, beside this one. */
    @PostMapping("/bench/{id}/pull")
    Object oneMore(@PathVariable UUID id) {
        try {
            return "redirect:/bench/" + makings.oneMore(id).id();
        } catch (UnusableValue unusable) {
            return wrong(id, List.of(unusable.getMessage()));
        }
    }

    /** What came of it, in a word. */
    @PostMapping("/bench/{id}/came")
    Object came(@PathVariable UUID id, @RequestParam Result result) {
        try {
            results.came(id, result);
            return "redirect:/bench/" + id;
        } catch (UnusableValue unusable) {
            return wrong(id, List.of(unusable.getMessage()));
        }
    }

    @PostMapping("/bench/{id}/aside")
    String aside(@PathVariable UUID id) {
        UUID piece = makings.get(id).piece();
        makings.layAside(id);
        return "redirect:/pieces/" + piece + "/make";
    }

    @PostMapping("/bench/{id}/take-up")
    Object takeUp(@PathVariable UUID id) {
        try {
            makings.takeUp(id);
            return "redirect:/bench/" + id;
        } catch (UnusableValue unusable) {
            return wrong(id, List.of(unusable.getMessage()));
        }
    }
}
