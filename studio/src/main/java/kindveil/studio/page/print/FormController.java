package kindveil.studio.page.print;

import java.util.UUID;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.sheet.CurvedForm;
import kindveil.studio.intake.FormTemplate;
import kindveil.studio.page.Download;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.sheet.TargetWork;
import org.jspecify.annotations.Nullable;
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
    public record Asked(String kind, String around, String along, String carrier, boolean round) {
        public boolean onTape() {
            return carrier.equals(TAPE);
        }

        CurvedForm.Patch patch(Planned planned) {
            return new CurvedForm.Patch(planned.brief().width(), planned.brief().height(), round);
        }

        double bears() {
            return onTape() ? CurvedForm.TAPE_BEARS : CurvedForm.SKIN_BEARS;
        }

        @Nullable CurvedForm form(Problems problems) {
            CurvedForm.Kind curve = problems.choice(CurvedForm.Kind.class, "Form", kind);
            Length first = problems.read(() -> Length.parse("Diameter around", around));
            Length second = curve != null && curve.twoDiameters() ? problems.read(() -> Length.parse(curve == CurvedForm.Kind.WAIST ? "Diameter of the inward curve" : curve == CurvedForm.Kind.CONE ? "Diameter at the upper edge" : "Length of the egg", along)) : first;
            if (!carrier.equals(TAPE) && !carrier.equals(SKIN)) {
                problems.add(new UnusableValue("Carrier", carrier, "skin or tape", "Choose one of them.").getMessage());
            }
            return problems.any() ? null : problems.read(() -> new CurvedForm(curve, first, second));
        }
    }

    private static Asked asked(Planned planned, String kind, String around, String along, String carrier, boolean round) {
        return new Asked(kind, around, along, carrier.isEmpty() ? TargetWork.onTape(planned) ? TAPE : SKIN : carrier, round);
    }

    @GetMapping({"/pieces/{id}/print/form", "/pieces/{id}/veils/{veil}/print/form"})
    ModelAndView form(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam(defaultValue = "BALL") String kind, @RequestParam(required = false) @Nullable String around,
            @RequestParam(defaultValue = "") String along, @RequestParam(defaultValue = "") String carrier, @RequestParam(defaultValue = "false") boolean round) {
        Planned planned = pieces.plan(pieces.get(id, veil));
        Asked asked = asked(planned, kind, around == null ? say.one(roomy(planned)) : around, along.isBlank() ? say.usual(60, 2.5) : along, carrier, round);
        return FormView.of(planned, asked, say).in("piece/form");
    }

    /** A form on which the image certainly does not wrap round the far side: three times as wide as it reaches. */
    private static Length roomy(Planned planned) {
        return Length.ofMillimetres(Math.ceil(3 * new CurvedForm.Patch(planned.brief().width(), planned.brief().height(), false).reach().millimetres() / 10) * 10);
    }

    @GetMapping({"/pieces/{id}/form.pdf", "/pieces/{id}/veils/{veil}/form.pdf"})
    ResponseEntity<byte[]> pdf(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam String kind, @RequestParam String around, @RequestParam(defaultValue = "") String along,
            @RequestParam(defaultValue = "") String carrier, @RequestParam(defaultValue = "false") boolean round) {
        Planned planned = pieces.plan(pieces.get(id, veil));
        Asked asked = asked(planned, kind, around, along, carrier, round);
        return Download.of("template.pdf", MediaType.APPLICATION_PDF).body(targets.template(planned, required(asked), round, asked.bears()));
    }

    @GetMapping({"/pieces/{id}/form.svg", "/pieces/{id}/veils/{veil}/form.svg"})
    ResponseEntity<String> svg(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam String kind, @RequestParam String around, @RequestParam(defaultValue = "") String along,
            @RequestParam(defaultValue = "") String carrier, @RequestParam(defaultValue = "false") boolean round) {
        Planned planned = pieces.plan(pieces.get(id, veil));
        Asked asked = asked(planned, kind, around, along, carrier, round);
        return Download.of("template.svg", MediaType.parseMediaType("image/svg+xml")).body(FormTemplate.svg(planned.piece().title() + ", template", asked.patch(planned), required(asked).outline(asked.patch(planned)),
                required(asked).cuts(asked.patch(planned), asked.bears())));
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
