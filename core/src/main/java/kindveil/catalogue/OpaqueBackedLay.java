package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Face;
import kindveil.bench.Mask.Part;
import kindveil.product.Product;
import kindveil.product.Products;
import kindveil.bench.Preparation;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.bench.Step.Bath;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.light.Hiding;
import kindveil.light.Paint;
import kindveil.measure.Preset;
import kindveil.measure.Provenance;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Choice.Option;
import kindveil.way.Dial;
import kindveil.way.Edges;
import kindveil.way.Fit;
import kindveil.way.Pot;
import kindveil.way.Rubbing;
import kindveil.way.Schools;
import kindveil.way.Script;
import kindveil.way.Where;
import kindveil.way.Symptom;
import kindveil.way.Way;
import kindveil.way.WayCard;
import kindveil.way.Wish;

/** The print's face is painted opaque where the ground must not show; then it is laid. One contact; the mask mirrors with the print. */
final class OpaqueBackedLay implements Way {
    private static final String METALLIC = "metallic";
    private static final Choice BACKING = new Choice("backing", "Backing", Where.BED, List.of(
            new Option("white", "opaque white", "true lights on any ground", "two or three coats"),
            new Option(METALLIC, "metallic", "glints through the lights", "shifts with the light")));
    private static final Choice GLAZE = new Choice("glaze", "Glazes over it", Where.TOP, List.of(
            new Option("none", "none", "done sooner", "black and white"),
            new Option("glazed", "watery transparent glazes", "colour over the drawing", "needs the tooth of a varnish")));
    private static final double OPAQUE_COAT = 80;
    private static final int FLAKES_LIE_OVER_EACH_OTHER = 3;
    private static final WayCard CARD = WayCard.transfer("opaque-backed-lay", "Opaque-backed lay")
            .does("Opaque paint on the face of the print, exactly over the part that must block the ground; laid into medium, the surround stays see-through.")
            .softens(0.2).print(PrintKind.GOOD_TONER)
            .choices(BACKING, GLAZE, Schools.GROUND, Schools.WEIGHT, Schools.HURRY, Schools.PASSES, Finishing.SEALING, Edges.OF_PAPER_IN_A_BED, Edges.OPENING, Edges.REACHES, Schools.SPREAD, Schools.MEDIUM_ASIDE, Schools.PRESSED_BY_BRAYER, Schools.RUB, Schools.WARMTH, Schools.WETTED, Schools.PAPER_BACK, Schools.BETWEEN)
            .pots(Pot.of("backing", "Backing", "#f4f1e6"), Pot.of("glaze", "Glaze", "#8a4b2a", Where.TOP).only(GLAZE, "glazed"))
            .on(CANVAS, BIRCH_PANEL, WATERCOLOUR_PAPER, COATED_BOARD)
            .on(JOURNAL_PAGE, Fit.care("Mist only; a sheet of film under the page."))
            .on(PRINTMAKING_PAPER)
            .elsewhere("It is laid like gel: firm, flat, and bearing wet rubbing.")
            .wish(Wish.GHOSTED, Fit.care("Backed parts show every fibre white on white: hardly seen."))
            .fails(Symptom.EDGE, "A halo of white", "paint beyond the contour", "The contour must be exact: scratch it back before laying.")
            .fails(Symptom.TONES, "The ground shows through", "too few coats", "Three coats; hold the print to the light to judge.")
            .alsoCalled("white backing", "blocked out transfer", "opaque under", "portrait on pattern").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return Rubbing.dials(brief, new Dial("coats", "opaque coats", needed(brief), 1, Hiding.MOST, "The ground shows through.", "A thick edge stands up."),
                new Dial("opaque", "each opaque coat, wet", Preset.assumed(OPAQUE_COAT, 60, 100, "µm"), 30, 160, "The ground shows through.", "Ridges at the contour."),
                new Dial("bed", "bed, wet", Preset.assumed(120, 100, 150, "µm"), 60, 250, "It lifts in stripes.", "The print slides."));
    }

    /** As many as hide a black and a white ground from a glance, in this colour and of this thickness. */
    private Preset needed(Brief brief) {
        double wet = Math.clamp(brief.settings().dials().getOrDefault("opaque", OPAQUE_COAT), 30, 160);
        Paint usualPaint = new Paint(coloured(brief, "backing"), chosen(brief, BACKING.key()).key().equals(METALLIC) ? Paint.Opacity.FLAKES : Paint.Opacity.OPAQUE);
        int coats = brief.settings().paint("backing").flatMap(Product::paint).map(own -> Hiding.of(own.times(wet / OPAQUE_COAT))).orElseGet(() -> Hiding.of(usualPaint, wet / OPAQUE_COAT)).atAGlance();
        int hidden = coats == 0 ? Hiding.MOST : coats;
        // flakes hide from the first coat on, but leave pinholes between them until they lie over each other (practice)
        int usual = chosen(brief, BACKING.key()).key().equals(METALLIC) ? Math.max(FLAKES_LIE_OVER_EACH_OTHER, hidden) : hidden;
        return new Preset(usual, Math.max(1, usual - 1), Math.min(Hiding.MOST, usual + 1), "coats", Provenance.DERIVED);
    }

    @Override
    public void write(Script script) {
        script.print();
        Edges.ofPrint(script);
        script.meanwhile(() -> backed(script), () -> {
            script.support();
            script.groundSealed(Products.GLOSS_MEDIUM, "bed-1");
            script.coat("bed-1", Step.coat(Face.SUPPORT_FRONT, medium(script), script.dial("bed"), Schools.spreader(script)), "First coat on the support", "Even, to the edges of the image.", 2);
        });
        Edges.mask(script);
        script.bed("bed-2", Edges.reaching(script, Step.coat(Face.SUPPORT_FRONT, medium(script), script.dial("bed"), Schools.spreader(script))), "Second coat on the support", "Thin and even.", 2);
        script.dry("bed-1", "bed-2", Face.SUPPORT_FRONT, Stage.RECOAT, 20, 30, "A coat on a wet one drags it.");
        script.act("lay", new Step.Join(Face.PRINT_FRONT, Face.SUPPORT_FRONT, false), "Lay it face down", "From one edge, on its register.", 1);
        script.open("bed-2", "lay", Face.SUPPORT_FRONT, Stage.OPEN, 6, "The print must meet a wet bed.");
        script.act("press", new Step.Press(Face.PRINT_FRONT, Schools.presser(script)), "Burnish it down", "Straight down, centre outwards.", 3);
        Edges.unmask(script, "bed-2");
        script.wash("bed-2");
        script.weighted("press", Rubbing.first(script), Face.SUPPORT_FRONT, 480, 600);
        script.rubbing(Rubbing.misted(Face.SUPPORT_FRONT, Rubbing.planned(script), Finishing.FIRST).with(Tool.SPONGE, Bath.SURFACE, 0.5, null)
                .saying(6, "A damp sponge for half a minute, then circles."));
        boolean glazed = script.chose(GLAZE, "glazed");
        if (!glazed) {
            new Finishing(false).write(script);
            return;
        }
        script.act(Finishing.FIRST, new Step.Prepare(ThingKind.SUPPORT, Preparation.TOUCH_UP), "Touch up", "Holes and edges, before the varnish.", 4);
        script.coat("tooth", Step.coat(Face.SUPPORT_FRONT, Products.MATTE_VARNISH, 80, Tool.BRUSH), "Varnish for protection and tooth", "Thin; it gives the glaze something to hold.", 3);
        script.cures(Finishing.FIRST, "tooth", Face.SUPPORT_FRONT, "Varnish shuts in whatever has not cured.");
        script.coat("glaze", Step.coat(Face.SUPPORT_FRONT, Products.GLAZE, 30, Tool.BRUSH).of(script.tint("glaze")), "Glaze, watery", "Transparent colour, wiped back where it is too much.", 6);
        script.dry("tooth", "glaze", Face.SUPPORT_FRONT, Stage.RECOAT, 60, 120, "A glaze on wet varnish drags it.");
        script.act(Finishing.LAST, new Step.Judge(Face.SUPPORT_FRONT), "Hold it away and look", "Then write down what came.", 2);
        script.dry("glaze", Finishing.LAST, Face.SUPPORT_FRONT, Stage.TOUCH_DRY, 15, 20, "Wet glaze fools the eye.");
    }

    private static Product medium(Script script) {
        return script.chose(Schools.MEDIUM, "gloss") ? Products.GLOSS_MEDIUM : Products.MATTE_MEDIUM;
    }

    private static void backed(Script script) {
        int coats = (int) Math.round(script.dial("coats"));
        for (int coat = 1; coat <= coats; coat++) {
            script.coat("opaque-" + coat, Step.coat(Face.PRINT_FRONT, script.chose(BACKING, METALLIC) ? Products.METALLIC_PAINT : Products.OPAQUE_PAINT, script.dial("opaque"), Tool.BRUSH).on(Part.BACKED).of(script.tint("backing")),
                    "Paint the backing, coat " + coat, "On the face of the print, exactly to the contour.", 4);
            script.dry("opaque-" + coat, coat < coats ? "opaque-" + (coat + 1) : "face", Face.PRINT_FRONT, Stage.RECOAT, 15, 20, "A coat on a wet one drags it.");
        }
        script.coat("face", Step.coat(Face.PRINT_FRONT, Products.GLOSS_MEDIUM, 100, Tool.BRUSH), "Coat the whole face with medium", "To the edges; none on the back.", 2);
        script.dry("face", "bed-2", Face.PRINT_FRONT, Stage.RECOAT, 20, 30, "Dry before it is laid.");
    }
}
