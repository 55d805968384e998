package kindveil.studio.page.piece;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.measure.Span;
import kindveil.reading.AmountReading;
import kindveil.reading.CautionReading;
import kindveil.reading.TimeReading;
import kindveil.studio.page.Knot;
import kindveil.studio.page.Say;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.making.MakingLine;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class MakeController {
    private final PieceWork pieces;
    private final MakeWork makings;
    private final Say say;

    MakeController(PieceWork pieces, MakeWork makings, Say say) {
        this.pieces = pieces;
        this.makings = makings;
        this.say = say;
    }

    /** What is needed of one thing in all. */
    public record Need(String what, String metricFirst) {
    }

    @GetMapping({"/pieces/{id}/make", "/pieces/{id}/veils/{veil}/make"})
    ModelAndView make(@PathVariable UUID id, @PathVariable(required = false) Integer veil) {
        Piece piece = pieces.get(id, veil);
        Planned planned = pieces.plan(piece);
        TimeReading times = planned.times();
        ModelAndView page = new ModelAndView("piece/make");
        page.addObject("head", PieceHead.of(piece, "Make"));
        page.addObject("planned", planned);
        List<AmountReading> amounts = planned.amounts();
        page.addObject("knots", times.entries().stream().map(entry -> Knot.of(entry, Knot.amount(amounts.get(entry.act().id().part()), entry.act().id(), say))).toList());
        page.addObject("hands", Span.words(times.handsOn()));
        page.addObject("elapsed", Knot.elapsed(times));
        page.addObject("needs", planned.needs().entrySet().stream().map(e -> new Need(e.getKey().words(), say.both(e.getValue()))).toList());
        page.addObject("area", say.area(planned.brief().area()));
        page.addObject("cautions", CautionReading.of(planned.whole()));
        page.addObject("deference", CautionReading.DEFERENCE);
        page.addObject("refusals", planned.whole().refusals().stream().map(r -> r.words()).distinct().toList());
        page.addObject("remedies", pieces.remedies(refused(planned)));
        page.addObject("air", say.air());
        List<MakingLine> all = makings.ofPiece(id);
        page.addObject("open", all.stream().filter(MakingLine::active).findFirst().orElse(null));
        page.addObject("before", all.stream().filter(line -> !line.active()).count());
        return page;
    }

    /** The piece with the veil in hand that the bench refuses first: its remedies are the ones to offer. */
    private Planned refused(Planned planned) {
        Piece piece = planned.piece();
        return planned.whole().moments().stream().filter(moment -> !moment.refusals().isEmpty()).findFirst()
                .map(moment -> pieces.plan(piece.at(moment.act().id().part() + 1))).orElse(planned);
    }

    @PostMapping({"/pieces/{id}/make", "/pieces/{id}/veils/{veil}/make"})
    String begin(@PathVariable UUID id) {
        return makings.ofPiece(id).stream().filter(MakingLine::active).findFirst().map(line -> "redirect:/bench/" + line.id())
                .orElseGet(() -> "redirect:/bench/" + makings.begin(id).id());
    }

    /** Takes up one of the single changes that make the plan sound. */
    @PostMapping({"/pieces/{id}/remedy", "/pieces/{id}/veils/{veil}/remedy"})
    String remedy(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @RequestParam int version, @RequestParam int index, @RequestParam Map<String, String> all) {
        Planned planned = all.containsKey("back") ? pieces.plan(pieces.get(id, veil)) : refused(pieces.plan(pieces.get(id, veil)));
        Piece piece = planned.piece();
        var remedies = pieces.remedies(planned);
        if (index < 0 || index >= remedies.size()) {
            throw new kindveil.studio.work.Outdated(piece.title());
        }
        pieces.change(piece.seen(version).with(remedies.get(index).brief()));
        return "redirect:" + PieceHead.base(piece) + (all.getOrDefault("back", "").equals("finish") ? "/finish" : "/make");
    }
}
