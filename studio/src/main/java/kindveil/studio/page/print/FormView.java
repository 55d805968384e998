package kindveil.studio.page.print;

import kindveil.studio.page.piece.PieceHead;
import java.util.List;
import java.util.Locale;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.measure.Words;
import kindveil.sheet.CurvedForm;
import kindveil.studio.intake.FormTemplate;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.piece.Planned;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.UriComponentsBuilder;

/**
 * Whether an image lies on a curved form, and where it is cut if it does not.
 *
 * @param box what is drawn, in mm
 * @param standing how the picture is drawn: mirrored, or empty
 * @param kinds of form
 * @param lie how it lies; null where what is asked cannot be read
 */
record FormView(PieceHead head, String box, double width, double height, String standing, FormController.Asked asked, List<Pick> kinds, @Nullable Lie lie, List<String> problems) implements PageView {
    private static final double AROUND = 4;

    /** @param outline as a path; likewise cuts @param query of the template @param round what cutting it round would do, or empty */
    record Lie(String heading, String told, String outline, List<String> cuts, String query, String round, String roundQuery) {
        static Lie of(CurvedForm.Lie lie, CurvedForm.@Nullable Wrap wrap, CurvedForm.@Nullable Lie round, FormController.Asked asked, String outline, List<String> cuts, Say say) {
            return new Lie(heading(lie), wrap == null ? told(lie, asked, say) : wrapped(wrap, say), outline, cuts, query(asked, asked.round()), round == null ? "" : "Cut round, %s across, its rim is %.1f %% off: %s".formatted(say.one(round.radius().times(2)),
                    Math.abs(round.strain()) * 100, round.lies() ? "it lies without cuts." : "%d cuts instead of %d.".formatted(round.cuts(), lie.cuts())), query(asked, true));
        }

        private static String query(FormController.Asked asked, boolean round) {
            return UriComponentsBuilder.newInstance().queryParam("kind", asked.kind()).queryParam("around", asked.around())
                    .queryParam("along", asked.along()).queryParam("carrier", asked.carrier()).queryParam("round", round).encode().build().getQuery();
        }

        private static String heading(CurvedForm.Lie lie) {
            return lie.strain() == 0 ? "It lies flat" : lie.lies() ? "It lies without cuts" : lie.strain() > 0 ? lie.cuts() + " relief cuts" : lie.cuts() + " slits";
        }

        private static String wrapped(CurvedForm.Wrap wrap, Say say) {
            String round = String.format(Locale.ROOT, "It goes %.0f° of the way round. Nothing stretches and nothing folds.", wrap.degrees());
            CurvedForm.Sector sector = wrap.sector();
            return sector == null ? round : "%s Cut it to the part of a ring that is drawn: arcs of %s and %s, open by %s°. Cut straight, its edge would be off by %s in the middle.".formatted(round, say.one(Length.ofMillimetres(sector.inner())), say.one(Length.ofMillimetres(sector.outer())),
                    Figures.rounded(sector.degrees(), 1), say.one(Length.ofMillimetres(sector.rise())));
        }

        private static String told(CurvedForm.Lie lie, FormController.Asked asked, Say say) {
            String what = asked.onTape() ? "tape" : "a thin skin";
            String bears = Figures.plain(lie.bears() * 100) + " %";
            String strain = String.format(Locale.ROOT, "%.1f %%", Math.abs(lie.strain()) * 100);
            String does = lie.strain() > 0 ? "Its rim is %s too long for the form: it must shrink by that or fold.".formatted(strain) : "Its rim is %s too short for the form: it must stretch by that or tear.".formatted(strain);
            if (lie.lies()) {
                return "%s %s bears about %s, so it can be pressed on from the middle outwards.".formatted(does, Words.capital(what), bears);
            }
            return "%s %s bears about %s (assumed; it varies by half). Beyond %s from the middle cut it towards the middle, evenly round, %s".formatted(does, Words.capital(what), bears, say.one(lie.from()),
                    lie.strain() > 0 ? String.format(Locale.ROOT, "taking out %.1f° at the rim each time.", lie.angle()) : String.format(Locale.ROOT, "and let each slit open by %.1f°.", lie.angle()));
        }
    }

    /** What cutting it round would do, where that spares cuts. */
    private static CurvedForm.@Nullable Lie round(CurvedForm form, FormController.Asked asked, Planned planned) {
        CurvedForm.Lie square = form.lie(asked.patch(planned).reach(), asked.bears());
        CurvedForm.Lie round = form.lie(asked.patch(planned).cutRound().reach(), asked.bears());
        return asked.round() || square.lies() || round.cuts() >= square.cuts() ? null : round;
    }

    static FormView of(Planned planned, FormController.Asked asked, Say say) {
        Problems problems = new Problems();
        Length width = planned.brief().width();
        Length height = planned.brief().height();
        CurvedForm form = asked.form(problems);
        CurvedForm.Lie lies = form == null ? null : problems.read(() -> form.lie(asked.patch(planned).reach(), asked.bears()));
        boolean wraps = form != null && (form.kind() == CurvedForm.Kind.CYLINDER || form.kind() == CurvedForm.Kind.CONE);
        CurvedForm.Wrap wrap = wraps ? problems.read(() -> form.wrap(asked.patch(planned))) : null;
        Lie lie = form == null || lies == null || wraps && wrap == null ? null : Lie.of(lies, wrap, round(form, asked, planned), asked, FormTemplate.outline(form.outline(asked.patch(planned))), form.cuts(asked.patch(planned), asked.bears()).stream().map(cut -> FormTemplate.data(cut) + "Z").toList(), say);
        double w = width.millimetres();
        double h = height.millimetres();
        return new FormView(PieceHead.of(planned.piece(), "Print"), "%s %s %s %s".formatted(-AROUND, -AROUND, w + 2 * AROUND, h + 2 * AROUND), w, h,
                planned.mirrored() ? "translate(%s 0) scale(-1 1)".formatted(w) : "", asked, Pick.typed(CurvedForm.Kind.values(), CurvedForm.Kind::words, asked.kind()),
                lie, problems.words());
    }
}
