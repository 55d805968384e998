package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Extent;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.product.Products;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.bench.Step.Bath;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.measure.Preset;
import kindveil.way.Answer;
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

/** Toner print glued to a wooden panel, its paper rubbed thin, oil making the rest translucent. One contact. */
final class OiledPanel implements Way {
    private static final Choice UNDER = new Choice("undercolour", "Undercolour", Where.BED, List.of(
            new Option("none", "bare wood shows", "warm, quick", "the wood's tone is the lightest light"),
            new Option("light", "light, muted colour", "lights come up", "one more coat to dry")));
    private static final Choice PRESS = new Choice("press", "Rubbing down", Where.LAYING, List.of(
            new Option("fingers", "fingers", "feel", "slow"), new Option("baren", "baren", "strong, even", "can slide")));
    private static final WayCard CARD = WayCard.transfer("oiled-panel", "Oiled panel")
            .does("A toner print glued to a panel with medium, its paper rubbed thin in two rounds; mineral oil makes what is left translucent.")
            .softens(0.25).print(PrintKind.PHOTOCOPY).ground(Ground.RAW)
            .choices(UNDER, PRESS, Schools.WEIGHT, Schools.HURRY, Schools.SPREAD, Schools.MEDIUM_ASIDE, Edges.OF_PAPER, Edges.OPENING, Schools.RUB, Schools.WARMTH, Schools.PAPER_BACK, Schools.BETWEEN)
            .pots(Pot.of("under", "Undercolour", "#e6dcc4").only(UNDER, "light"))
            .on(BIRCH_PANEL, WOOD_BLOCK)
            .on(COATED_BOARD, Fit.care("Takes no oil from below: wipe it well."))
            .on(CANVAS, Fit.poor("Oil goes through to the raw back and spoils the cloth."))
            .on(METALLIC_PAPER, Fit.no("Oil does not hold on a closed face, and a sheet lets it through at its edges."))
            .on(SYNTHETIC_SHEET, Fit.no("Oil does not hold on a closed face."))
            .elsewhere("Oil stains paper and cloth and does not hold on closed surfaces: it wants wood.")
            .wish(Wish.TORN, Fit.sound("Small holes let the undercolour through."))
            .fails(Symptom.LIFTED, "Holes", "rubbed too hard, or too soon", "Touch up with paint before the oil.")
            .fails(Symptom.CLOUDY, "White returns", "fibre left", "A second, more delicate pass; then oil.")
            .fails(Symptom.CLOUDY, "Cloudy under the oil", "oiled before it was dry", "Nothing helps but time and warmth.")
            .alsoCalled("wood transfer", "oil transfer", "rub-off on wood", "photo on wood").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return Rubbing.dials(brief, new Dial("undercoat", "each undercoat, wet", Preset.assumed(65, 60, 80, "µm"), 30, 150, "The wood drinks the bed.", "Dries slowly, holds brush marks."),
                new Dial("bed", "bed, wet", Preset.assumed(150, 120, 180, "µm"), 60, 300, "Dry spots lift.", "The print slides, and dries for a day."));
    }

    @Override
    public void write(Script script) {
        script.support();
        script.meanwhile(() -> {
            script.print();
            Edges.ofPrint(script);
        }, () -> {
            if (!script.primed()) {
                prime(script);
            }
            undercolour(script);
        });
        script.bed("bed", Step.coat(Face.SUPPORT_FRONT, script.chose(Schools.MEDIUM, "gloss") ? Products.GLOSS_MEDIUM : Products.MATTE_MEDIUM, script.dial("bed"), Schools.spreader(script)).reaching(Extent.WHOLE),
                "Spread medium over the whole panel", "Also where no colour is.", 2);
        script.dry(script.chose(UNDER, "light") ? "under" : "undercoat-2", "bed", Face.SUPPORT_FRONT, Stage.RECOAT, 10, 15, "A bed on a wet coat lifts it.");
        script.act("lay", new Step.Join(Face.PRINT_FRONT, Face.SUPPORT_FRONT, false), "Lay the print, face down", "From one edge; do not slide it.", 1,
                Answer.goOn("It lies", "flat"), Answer.rescue("Air is caught", "Work it out to the nearest edge."));
        script.open("bed", "lay", Face.SUPPORT_FRONT, Stage.OPEN, 6, "The bed is open for three to six minutes.");
        script.act("press", new Step.Press(Face.PRINT_FRONT, script.chose(PRESS, "baren") ? Tool.BAREN : Tool.FINGERS), "Rub it down", "Centre outwards. None on the back.", 3);
        script.wash("bed");
        script.weighted("press", Rubbing.first(script), Face.SUPPORT_FRONT, 60, 600);
        script.rubbing(Rubbing.misted(Face.SUPPORT_FRONT, 2, Finishing.FIRST).with(Tool.SPONGE, Bath.SURFACE, 1, null).atMost(3)
                .saying(5, "Soft sponge until the sheet is evenly grey, then gentle circles; later fingers."));
        script.act(Finishing.FIRST, new Step.Prepare(kindveil.bench.ThingKind.SUPPORT, kindveil.bench.Preparation.TOUCH_UP), "Touch up small holes",
                "With paint, now: oil ends everything water-borne.", 4);
        script.act("oil", new Step.Infuse(Face.SUPPORT_FRONT, Products.MINERAL_OIL, Tool.SOFT_CLOTH), "Rub in mineral oil", "Only when it is fully dry. A soft cloth, about five minutes.", 5);
        script.dry(Finishing.FIRST, "oil", Face.SUPPORT_FRONT, Stage.THROUGH, 30, 60, "Oil shuts in whatever water is left.");
        script.act(Finishing.LAST, new Step.Judge(Face.SUPPORT_FRONT), "Hold it away and look", "Wipe off what still stands.", 2);
    }

    @Override
    public void prime(Script script) {
        for (int coat = 1; coat <= 2; coat++) {
            script.coat("undercoat-" + coat, Step.coat(Face.SUPPORT_FRONT, Products.GLOSS_MEDIUM, script.dial("undercoat"), Tool.BRUSH).reaching(Extent.WHOLE),
                    coat == 1 ? "First undercoat" : "Second undercoat", "Thin, the edges too.", 3);
        }
        script.dry("undercoat-1", "undercoat-2", Face.SUPPORT_FRONT, Stage.RECOAT, 10, 15, "Ten to fifteen minutes each.");
    }

    private static void undercolour(Script script) {
        if (script.chose(UNDER, "light")) {
            script.coat("under", Step.coat(Face.SUPPORT_FRONT, Products.UNDERCOLOUR, 70, Tool.BRUSH).reaching(Extent.WHOLE).of(script.tint("under")),
                    "Lay the undercolour", "Light in value and muted: off-white, thinned with medium.", 4);
            script.dry("undercoat-2", "under", Face.SUPPORT_FRONT, Stage.RECOAT, 10, 15, "A coat on a wet one drags it.");
        }
    }
}
