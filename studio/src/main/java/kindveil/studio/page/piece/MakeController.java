package kindveil.studio.page.piece;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.measure.Span;
import kindveil.reading.AmountReading;
import kindveil.reading.CautionReading;
import kindveil.reading.TimeReading;
import kindveil.studio.page.Say;
import kindveil.studio.work.MakeWork;
import kindveil.studio.work.Piece;
import kindveil.studio.work.PieceWork;
import kindveil.studio.work.Planned;
import kindveil.studio.work.Run;
import kindveil.way.Trace;
import kindveil.way.Window;
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

    /**
     * One act on the thread.
     *
     * @param pause what is waited for before it, or empty
     * @param thread how long the thread before it is drawn, px
     * @param closes whether a window closes there
     */
    public record Knot(String title, String how, String hands, String clock, String pause, String why, int thread, boolean closes, String amount, String caution) {
    }

    /** What is needed of one thing in all. */
    public record Need(String what, String metricFirst) {
    }

    @GetMapping("/pieces/{id}/make")
    ModelAndView make(@PathVariable UUID id) {
        Piece piece = pieces.get(id);
        Planned planned = pieces.plan(piece);
        TimeReading times = planned.times();
        AmountReading amounts = planned.amounts();
        ModelAndView page = new ModelAndView("piece/make");
        page.addObject("head", PieceHead.of(piece, "Make"));
        page.addObject("planned", planned);
        page.addObject("knots", times.entries().stream().map(entry -> knot(entry, amounts)).toList());
        page.addObject("hands", Span.words(times.handsOn()));
        page.addObject("elapsed", Span.words(times.elapsed()));
        page.addObject("needs", amounts.byMaterial().entrySet().stream().map(e -> new Need(e.getKey().words(), say.both(e.getValue()))).toList());
        page.addObject("area", say.area(planned.brief().area()));
        page.addObject("cautions", CautionReading.of(planned.trace()));
        page.addObject("deference", CautionReading.DEFERENCE);
        page.addObject("refusals", planned.trace().refusals().stream().map(r -> r.words()).distinct().toList());
        page.addObject("remedies", pieces.remedies(planned));
        page.addObject("air", say.air());
        List<Run> runs = makings.ofPiece(id);
        page.addObject("open", runs.stream().filter(Run::active).findFirst().orElse(null));
        page.addObject("before", runs.stream().filter(run -> !run.active()).count());
        return page;
    }

    private Knot knot(TimeReading.Entry entry, AmountReading amounts) {
        String amount = amounts.forAct(entry.act().key()).map(p -> "%s of %s, %s µm wet".formatted(say.both(p.volume()), p.material().words(),
                kindveil.measure.Figures.rounded(p.micrometres(), 0))).orElse("");
        Trace.Wait leading = entry.waits().stream().max(java.util.Comparator.comparing(Trace.Wait::advisedEnd)).orElse(null);
        boolean closes = entry.waits().stream().anyMatch(w -> w.times().latest() != null);
        Trace.Wait shown = entry.waits().stream().filter(w -> w.times().latest() != null).findFirst().orElse(leading);
        boolean toolOnly = shown != null && shown.window() instanceof Window.Open open && open.bed() == null;
        int thread = (int) Math.min(64, Math.round(Math.sqrt(Span.inMinutes(entry.pause())) * 4));
        return new Knot(entry.act().title(), entry.act().how(), Span.words(entry.act().handsOn()), Span.words(entry.start()), shown == null ? "" : wait(shown),
                shown == null || toolOnly ? "" : shown.window().why(), thread, closes, amount, CautionReading.of(entry.act().step()).orElse(""));
    }

    private static String wait(Trace.Wait wait) {
        return switch (wait.window()) {
            case Window.Open open when open.bed() == null -> "before %s are over".formatted(Span.words(wait.times().latest()));
            case Window.Open open -> "within %s, closing from %s".formatted(Span.words(wait.times().latest()), Span.words(wait.times().closing()));
            case Window.Dwell dwell -> "between %s and %s".formatted(Span.words(wait.times().earliest()), Span.words(wait.times().latest()));
            case Window.Soak soak -> "after %s".formatted(Span.words(wait.times().earliest()));
            case Window.Dry dry when wait.times().never() -> "will not get there in this room's air";
            case Window.Dry dry when wait.times().earliest().equals(wait.times().advised()) -> "after %s".formatted(Span.words(wait.times().earliest()));
            case Window.Dry dry -> "first check after %s, safe after %s".formatted(Span.words(wait.times().earliest()), Span.words(wait.times().advised()));
        };
    }

    @PostMapping("/pieces/{id}/make")
    String begin(@PathVariable UUID id) {
        return makings.ofPiece(id).stream().filter(Run::active).findFirst().map(run -> "redirect:/bench/" + run.id())
                .orElseGet(() -> "redirect:/bench/" + makings.begin(id).id());
    }

    /** Takes up one of the single changes that make the plan sound. */
    @PostMapping("/pieces/{id}/remedy")
    String remedy(@PathVariable UUID id, @RequestParam int version, @RequestParam int index, @RequestParam Map<String, String> all) {
        Piece piece = pieces.get(id);
        var remedies = pieces.remedies(pieces.plan(piece));
        if (index < 0 || index >= remedies.size()) {
            throw new kindveil.studio.work.Outdated(piece.title());
        }
        pieces.change(new Piece(id, version, piece.title(), piece.created(), piece.picture(), piece.groundPicture(), piece.design().with(remedies.get(index).brief())));
        return "redirect:/pieces/" + id + "/" + (all.getOrDefault("back", "").equals("finish") ? "finish" : "make");
    }
}
