package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Face;
import kindveil.bench.Ground;
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
import kindveil.way.Way;
import kindveil.way.WayCard;

/** Transparent colour over the work. */
final class Glazing implements Way {
    private static final WayCard CARD = WayCard.overOrUnder("glazing", "Glazes")
            .does("Transparent watery colour brushed over the work and wiped back; deepens and tints without hiding.")
            .ground(Ground.ACRYLIC_PAINT).choices(Schools.HURRY).pots(Pot.of("glaze", "Glaze", "#7b4a22"))
            .on(CANVAS, BIRCH_PANEL, WATERCOLOUR_PAPER, COATED_BOARD, JOURNAL_PAGE, PRINTMAKING_PAPER, METAL, FORM, WOOD_BLOCK)
            .elsewhere("There is nothing for it to hold to.")
            .fails("It beads", "too smooth below", "Varnish first: it gives tooth.")
            .fails("Too dark", "more than wanted", "Wipe back at once with a damp cloth.")
            .alsoCalled("glaze", "tint", "wash", "transparent colour").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> dials(Brief brief) {
        return List.of(
                new Dial("coats", "glazes", Preset.assumed(1, 1, 3, "coats"), 1, 8, "None is none.", "Muddy."),
                new Dial("glaze", "each glaze, wet", Preset.assumed(30, 20, 45, "µm"), 10, 100, "Hardly seen.", "Runs."));
    }

    @Override
    public void write(Script script) {
        int coats = (int) Math.round(script.dial("coats"));
        for (int coat = 1; coat <= coats; coat++) {
            script.coat("glaze-" + coat, Step.coat(Face.SUPPORT_FRONT, Products.GLAZE, script.dial("glaze"), Tool.BRUSH).of(script.colour("glaze")), "Glaze, coat " + coat, "Watery; wiped back where it is too much.", 5);
            script.dry("glaze-" + coat, coat < coats ? "glaze-" + (coat + 1) : "look", Face.SUPPORT_FRONT, Stage.RECOAT, 15, 20, "A glaze on a wet one drags it.");
        }
        script.act("look", new Step.Judge(Face.SUPPORT_FRONT), "Look at it, dry", "It dulls a little as it dries.", 1);
    }
}
