package kindveil.studio.page.piece;

import java.util.List;
import java.util.Locale;
import java.util.UUID;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.measure.Words;
import kindveil.sheet.CurvedForm;
import kindveil.studio.intake.FormTemplate;
import kindveil.studio.page.Download;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.sheet.TargetWork;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Whether an image lies on a curved form, and where it is cut if it does not. Everything asked stands in the address. */
@Controller
class FormController {
    private static final String TAPE = "tape";
    private static final String SKIN = "skin";
    private final PieceWork pieces;
    private final TargetWork targets;
    private final Say say;

    FormController(PieceWork pieces, TargetWork targets, Say say) {
        this.pieces = pieces;
        this.targets = targets;
        this.say = say;
    }

    /** What is asked. */
    public record Asked(String kind, String around, String along, String carrier) {
        private double bears() {
            return carrier.equals(TAPE) ? CurvedForm.TAPE_BEARS : CurvedForm.SKIN_BEARS;
        }

        private CurvedForm form(Problems problems) {
            CurvedForm.Kind curve = problems.choice(CurvedForm.Kind.class, "Form", kind);
            Length first = problems.read(() -> Length.parse("Diameter around", around));
            Length second = curve != null && curve.twoDiameters() ? problems.read(() -> Length.parse(curve == CurvedForm.Kind.WAIST ? "Diameter of the inward curve" : "Length of the egg", along)) : first;
            if (!carrier.equals(TAPE) && !carrier.equals(SKIN)) {
                problems.add(new UnusableValue("Carrier", carrier, "skin or tape", "Choose one of them.").getMessage());
            }
            return problems.any() ? null : problems.read(() -> new CurvedForm(curve, first, second));
        }
    }

    private static Asked asked(Planned planned, String kind, String around, String along, String carrier) {
        return new Asked(kind, around, along, carrier.isEmpty() ? TargetWork.onTape(planned) ? TAPE : SKIN : carrier);
    }

    @GetMapping({"/pieces/{id}/print/form", "/pieces/{id}/veils/{veil}/print/form"})
    ModelAndView form(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @RequestParam(defaultValue = "BALL") String kind, @RequestParam(required = false) String around,
            @RequestParam(defaultValue = "60 mm") String along, @RequestParam(defaultValue = "") String carrier) {
        Planned planned = pieces.plan(pieces.get(id, veil));
        Asked asked = asked(planned, kind, around == null ? say.one(roomy(planned)) : around, along, carrier);
        Problems problems = new Problems();
        CurvedForm form = asked.form(problems);
        ModelAndView page = new ModelAndView("piece/form");
        page.addObject("head", PieceHead.of(planned.piece(), "Print"));
        page.addObject("asked", asked);
        page.addObject("kinds", CurvedForm.Kind.values());
        page.addObject("mirrored", planned.mirrored());
        page.addObject("width", planned.brief().width().millimetres());
        page.addObject("height", planned.brief().height().millimetres());
        page.addObject("query", query(asked));
        CurvedForm.Lie lie = form == null ? null : problems.read(() -> form.lie(CurvedForm.reach(planned.brief().width(), planned.brief().height()), asked.bears()));
        page.addObject("lie", lie);
        page.addObject("cuts", lie == null ? List.of() : form.cuts(planned.brief().width(), planned.brief().height(), asked.bears()).stream().map(FormTemplate::data).toList());
        page.addObject("heading", lie == null ? "" : heading(lie));
        page.addObject("told", lie == null ? "" : told(lie, asked));
        page.addObject("problems", problems.words());
        if (problems.any()) {
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        }
        return page;
    }

    /** A form on which the image certainly does not wrap round the far side: three times as wide as it reaches. */
    private static Length roomy(Planned planned) {
        return Length.ofMillimetres(Math.ceil(3 * CurvedForm.reach(planned.brief().width(), planned.brief().height()).millimetres() / 10) * 10);
    }

    private static String query(Asked asked) {
        return org.springframework.web.util.UriComponentsBuilder.newInstance().queryParam("kind", asked.kind).queryParam("around", asked.around).queryParam("along", asked.along)
                .queryParam("carrier", asked.carrier).encode().build().getQuery();
    }

    private static String heading(CurvedForm.Lie lie) {
        return lie.strain() == 0 ? "It lies flat" : lie.lies() ? "It lies without cuts" : lie.strain() > 0 ? lie.cuts() + " relief cuts" : lie.cuts() + " slits";
    }

    private String told(CurvedForm.Lie lie, Asked asked) {
        String what = asked.carrier.equals(TAPE) ? "tape" : "a thin skin";
        String bears = Figures.plain(lie.bears() * 100) + " %";
        if (lie.strain() == 0) {
            return "A form that curves one way only can be wrapped: nothing stretches, nothing folds, at any size.";
        }
        String strain = String.format(Locale.ROOT, "%.1f %%", Math.abs(lie.strain()) * 100);
        String does = lie.strain() > 0 ? "Its rim is %s too long for the form: it must shrink by that or fold.".formatted(strain) : "Its rim is %s too short for the form: it must stretch by that or tear.".formatted(strain);
        if (lie.lies()) {
            return "%s %s bears about %s, so it can be pressed on from the middle outwards.".formatted(does, Words.capital(what), bears);
        }
        return "%s %s bears about %s (assumed; it varies by half). Beyond %s from the middle cut it towards the middle, evenly round, %s".formatted(does,
                Words.capital(what), bears, say.one(lie.from()),
                lie.strain() > 0 ? String.format(Locale.ROOT, "taking out %.1f° at the rim each time.", lie.angle()) : String.format(Locale.ROOT, "and let each slit open by %.1f°.", lie.angle()));
    }

    @GetMapping({"/pieces/{id}/form.pdf", "/pieces/{id}/veils/{veil}/form.pdf"})
    ResponseEntity<byte[]> pdf(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @RequestParam String kind, @RequestParam String around, @RequestParam(defaultValue = "") String along,
            @RequestParam(defaultValue = "") String carrier) {
        Planned planned = pieces.plan(pieces.get(id, veil));
        Asked asked = asked(planned, kind, around, along, carrier);
        return Download.of("template.pdf", MediaType.APPLICATION_PDF).body(targets.template(planned, required(asked), asked.bears()));
    }

    @GetMapping({"/pieces/{id}/form.svg", "/pieces/{id}/veils/{veil}/form.svg"})
    ResponseEntity<String> svg(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @RequestParam String kind, @RequestParam String around, @RequestParam(defaultValue = "") String along,
            @RequestParam(defaultValue = "") String carrier) {
        Planned planned = pieces.plan(pieces.get(id, veil));
        Asked asked = asked(planned, kind, around, along, carrier);
        return Download.of("template.svg", MediaType.parseMediaType("image/svg+xml")).body(FormTemplate.svg(planned.piece().title() + ", template", planned.brief().width(), planned.brief().height(),
                required(asked).cuts(planned.brief().width(), planned.brief().height(), asked.bears())));
    }

    private static CurvedForm required(Asked asked) {
        Problems problems = new Problems();
        CurvedForm form = asked.form(problems);
        if (form == null) {
            throw new UnusableValue("form", asked.kind, "a form with its diameters", String.join(" ", problems.words()));
        }
        return form;
    }
}
