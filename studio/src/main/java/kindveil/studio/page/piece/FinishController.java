package kindveil.studio.page.piece;

import kindveil.catalogue.Finishing;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.measure.Span;
import kindveil.reading.LookState;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.way.Choice;
import kindveil.way.Schools;
import kindveil.bench.Step;
import kindveil.way.Trace;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class FinishController {
    private static final Map<Choice, LookState> LAST = Map.of(Finishing.CLEARING, LookState.CLEARED, Finishing.SEALING, LookState.SEALED);
    private final PieceWork pieces;
    private final LookWork looks;

    FinishController(PieceWork pieces, LookWork looks) {
        this.pieces = pieces;
        this.looks = looks;
    }

    /** One option of a last coat, looked at over the piece itself. */
    public record Shown(String key, String words, String buys, String costs, boolean chosen, String picture, String refusal) {
    }

    /** One of the way's last choices with its options. */
    public record Coat(String name, String question, List<Shown> options) {
    }

    /** What goes on, in order. */
    public record Layer(String title, String when, String how) {
    }

    @GetMapping({"/pieces/{id}/finish", "/pieces/{id}/veils/{veil}/finish"})
    ModelAndView finish(@PathVariable UUID id, @PathVariable(required = false) Integer veil) {
        Piece piece = pieces.get(id, veil);
        Planned planned = pieces.plan(piece);
        ModelAndView page = new ModelAndView("piece/finish");
        page.addObject("head", PieceHead.of(piece, "Finish"));
        page.addObject("planned", planned);
        page.addObject("aspect", looks.aspect(piece));
        page.addObject("coats", coats(piece, planned));
        page.addObject("order", order(planned));
        page.addObject("refusals", planned.trace().refusals().stream().map(r -> r.words()).distinct().toList());
        page.addObject("remedies", pieces.remedies(planned));
        page.addObject("pass", planned.trace().plannedPasses());
        return page;
    }

    /** The choices of the way that are about what goes on last. */
    private List<Coat> coats(Piece piece, Planned planned) {
        return piece.design().theWay().choices().stream().filter(LAST::containsKey).map(choice -> new Coat("choice." + choice.key(), choice.question(),
                choice.options().stream().map(option -> shown(piece, planned, choice, option)).toList())).toList();
    }

    private Shown shown(Piece piece, Planned planned, Choice choice, Choice.Option option) {
        Design design = piece.design().choosing(Map.of(choice.key(), option.key()));
        Trace trace = pieces.plan(piece.with(design)).trace();
        String refusal = trace.refusals().isEmpty() ? "" : trace.refusals().getFirst().reason();
        String picture = "%s/look/%s.png?pass=%d&v=%d&small=true&choice.%s=%s".formatted(PieceHead.base(piece), LookView.word(LAST.get(choice)),
                planned.trace().plannedPasses(), piece.version(), choice.key(), option.key());
        boolean chosen = piece.design().theWay().chosen(planned.brief(), choice.key()).key().equals(option.key());
        return new Shown(option.key(), option.words(), option.buys(), option.costs(), chosen, picture, refusal);
    }

    private static List<Layer> order(Planned planned) {
        List<Layer> order = new ArrayList<>();
        for (Trace.Moment moment : planned.trace().moments()) {
            boolean last = moment.act().step() instanceof Step.Infuse
                    || moment.act().step() instanceof Step.Apply apply && planned.trace().overImage(apply);
            if (last) {
                Duration longest = moment.waits().stream().map(w -> w.times().advised()).max(Duration::compareTo).orElse(Duration.ZERO);
                order.add(new Layer(moment.act().title(), longest.isZero() ? "once the fibre has dried white" : "after " + Span.words(longest), moment.act().how()));
            }
        }
        return order;
    }

    @PostMapping({"/pieces/{id}/finish", "/pieces/{id}/veils/{veil}/finish"})
    String change(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @RequestParam int version, @RequestParam Map<String, String> all) {
        Piece piece = pieces.get(id, veil);
        Map<String, String> choices = new HashMap<>(BuildForm.choices(all));
        pieces.change(piece.seen(version).with(piece.design().choosing(choices)));
        return "redirect:" + PieceHead.base(piece) + "/finish";
    }
}
