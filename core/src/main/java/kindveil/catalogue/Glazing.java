package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.measure.Provenance;
import kindveil.product.Product;
import kindveil.way.Choice;
import kindveil.way.Choice.Option;
import kindveil.product.Products;
import kindveil.bench.Step;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.measure.Preset;
import kindveil.way.Brief;
import kindveil.way.Dial;
import kindveil.way.Pot;
import kindveil.way.Schools;
import kindveil.way.Script;
import kindveil.way.Where;
import kindveil.way.Symptom;
import kindveil.way.Way;
import kindveil.way.WayCard;

/** Transparent colour over the work. */
final class Glazing implements Way {
    private static final String WATERCOLOUR = "watercolour";
    private static final String OIL = "oil";
    private static final Choice WITH = new Choice("with", "Glazed with", Where.BED, List.of(
            new Option("acrylic", "acrylic glaze", "dry in a quarter of an hour, takes anything over it", "little time to wipe it back"),
            new Option(WATERCOLOUR, "watercolour", "can be lifted again with water", "beads on gloss; runs under every wet coat until it is fixed"),
            new Option(OIL, "oil colour", "hours to move it about, deep", "days to dry, and nothing water-borne over it")));
    private static final WayCard CARD = WayCard.overOrUnder("glazing", "Glazes")
            .does("Transparent watery colour brushed over the work and wiped back; deepens and tints without hiding.")
            .ground(Ground.ACRYLIC_PAINT).choices(WITH, Schools.HURRY).pots(Pot.of("glaze", "Glaze", "#7b4a22"))
            .on(CANVAS, BIRCH_PANEL, WATERCOLOUR_PAPER, COATED_BOARD, JOURNAL_PAGE, PRINTMAKING_PAPER, METAL, FORM, WOOD_BLOCK)
            .elsewhere("There is nothing for it to hold to.")
            .fails(Symptom.STREAKS, "It beads", "too smooth below", "Varnish first: it gives tooth.")
            .fails(Symptom.TONES, "Too dark", "more than wanted", "Wipe back at once with a damp cloth.")
            .alsoCalled("glaze", "tint", "wash", "transparent colour").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return List.of(
                new Dial("coats", "glazes", Preset.assumed(1, 1, 3, "coats"), 1, 8, "None is none.", "Muddy."),
                new Dial("glaze", "each glaze, wet", Preset.assumed(30, 20, 45, "µm"), 10, 100, "Hardly seen.", "Runs."));
    }

    @Override
    public void write(Script script) {
        int coats = (int) Math.round(script.dial("coats"));
        boolean oil = script.chose(WITH, OIL);
        Product colour = oil ? Products.OIL_COLOUR : script.chose(WITH, WATERCOLOUR) ? Products.WATERCOLOUR : Products.GLAZE;
        for (int coat = 1; coat <= coats; coat++) {
            script.coat("glaze-" + coat, Step.coat(Face.SUPPORT_FRONT, colour, script.dial("glaze"), Tool.BRUSH).of(script.tint("glaze")), "Glaze, coat " + coat, "Watery; wiped back where it is too much.", 5);
            String next = coat < coats ? "glaze-" + (coat + 1) : "look";
            if (oil) {
                script.rest("glaze-" + coat, next, 2 * 1440, 5 * 1440, "Oil colour dries by air, from days to a week; lean before fat.", Provenance.PRACTICE);
            } else {
                script.dry("glaze-" + coat, next, Face.SUPPORT_FRONT, Stage.RECOAT, 15, 20, "A glaze on a wet one drags it.");
            }
        }
        script.act("look", new Step.Judge(Face.SUPPORT_FRONT), "Look at it, dry", "It dulls a little as it dries.", 1);
    }
}
