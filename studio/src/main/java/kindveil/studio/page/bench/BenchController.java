package kindveil.studio.page.bench;

import kindveil.way.ActId;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.measure.UnusableValue;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.making.StoredMaking;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class BenchController {
    private static final double LONGEST_AGO = 14 * 24 * 60;
    private final MakeWork makings;
    private final PieceWork pieces;
    private final Say say;

    BenchController(MakeWork makings, PieceWork pieces, Say say) {
        this.makings = makings;
        this.pieces = pieces;
        this.say = say;
    }

    @GetMapping("/bench/{id}")
    ModelAndView bench(@PathVariable UUID id, @RequestParam(required = false) String said) {
        return page(id, "noted".equals(said) ? List.of("That was already noted; nothing was counted twice.") : List.of(), List.of(), 0, 0);
    }

    /** @param against what speaks against answer {@code asked}, which can still be told as done anyway */
    private ModelAndView page(UUID id, List<String> problems, List<String> against, int asked, double minutesAgo) {
        StoredMaking run = makings.get(id);
        Piece piece = pieces.get(run.piece());
        Instant now = say.now();
        List<BenchView.Slip> others = new ArrayList<>();
        List<StoredMaking> running = makings.active().stream().filter(other -> !other.id().equals(id)).toList();
        Map<UUID, Piece> theirs = pieces.all(running.stream().map(StoredMaking::piece).distinct().toList());
        for (StoredMaking other : running) {
            if (theirs.containsKey(other.piece())) {
                others.addAll(BenchView.slips(other.making(), theirs.get(other.piece()).title(), true, say, now));
            }
        }
        ModelAndView page = new ModelAndView("bench/bench");
        page.addObject("bench", BenchView.of(run, piece, others, say));
        page.addObject("air", say.air(run.air().last()));
        page.addObject("now", now.toEpochMilli());
        page.addObject("problems", problems);
        page.addObject("against", against);
        page.addObject("asked", asked);
        page.addObject("minutesAgo", minutesAgo);
        if (!problems.isEmpty() || !against.isEmpty()) {
            page.setStatus(against.isEmpty() && problems.getFirst().startsWith("That was already") ? HttpStatus.OK : HttpStatus.UNPROCESSABLE_CONTENT);
        }
        return page;
    }

    @PostMapping("/bench/{id}/tell")
    Object tell(@PathVariable UUID id, @RequestParam int seq, @RequestParam int answer, @RequestParam(defaultValue = "0") String ago, @RequestParam(defaultValue = "false") boolean anyway) {
        Problems problems = new Problems();
        Double minutes = problems.number("How long ago", ago.isBlank() ? "0" : ago, 0, LONGEST_AGO, "min", "Give the minutes since it was done, 0 for just now.");
        if (problems.any()) {
            return page(id, problems.words(), List.of(), answer, 0);
        }
        try {
            List<String> against = makings.tell(id, seq, answer, minutes, anyway);
            return against.isEmpty() ? "redirect:/bench/" + id : page(id, List.of(), against, answer, minutes);
        } catch (Outdated alreadyTold) {
            return "redirect:/bench/" + id + "?said=noted";
        } catch (UnusableValue unusable) {
            return page(id, List.of(unusable.getMessage()), List.of(), answer, minutes);
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
            return page(id, List.of(unusable.getMessage()), List.of(), 0, 0);
        }
    }

    @PostMapping("/bench/{id}/start-at")
    Object startAt(@PathVariable UUID id, @RequestParam int seq, @RequestParam String act, @RequestParam(defaultValue = "0") String ago) {
        Problems problems = new Problems();
        Double minutes = problems.number("How long ago", ago.isBlank() ? "0" : ago, 0, LONGEST_AGO, "min", "Give the minutes since the act before it was done.");
        if (problems.any()) {
            return page(id, problems.words(), List.of(), 0, 0);
        }
        try {
            makings.startAt(id, seq, ActId.parse(act), minutes);
            return "redirect:/bench/" + id;
        } catch (Outdated alreadyDone) {
            return "redirect:/bench/" + id + "?said=noted";
        } catch (UnusableValue unusable) {
            return page(id, List.of(unusable.getMessage()), List.of(), 0, 0);
        }
    }

    @PostMapping("/bench/{id}/aside")
    String aside(@PathVariable UUID id) {
        makings.layAside(id);
        return "redirect:/pieces/" + makings.get(id).piece() + "/make";
    }
}
