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
import kindveil.way.Choice;
import kindveil.way.Choice.Option;
import kindveil.bench.Mask;
import kindveil.way.Where;
import kindveil.way.Symptom;
import kindveil.way.Way;
import kindveil.way.WayCard;

/** Paste through a stencil: raised, its thickness decides drying and cracks. */
final class StencilPaste implements Way {
    private static final Choice PLACE = new Choice("place", "Where the paste lies", Where.BED, List.of(
            new Option("all", "all over", "one even relief", "hides what lies below"),
            new Option("around", "around the drawing", "the drawing is spared and lies deeper", "a stencil cut after its darks"),
            new Option("on", "on the drawing", "its darks stand up", "a stencil cut after its lights; it hides them")));
    private static final WayCard CARD = WayCard.overOrUnder("stencil-paste", "Stencil paste")
            .does("Paste spread through a stencil stands up from the work; its thickness decides how it dries and cracks.")
            .ground(Ground.ACRYLIC_PAINT).choices(PLACE, Schools.HURRY).pots(Pot.of("paste", "Paste", "#efe9da"))
            .on(CANVAS, BIRCH_PANEL, COATED_BOARD, WATERCOLOUR_PAPER, JOURNAL_PAGE, WOOD_BLOCK)
            .elsewhere("Paste cracks off what bends.")
            .fails(Symptom.CRACKED, "Cracks", "too thick, or dried too fast", "Thinner, two coats; or wanted: keep them.")
            .fails(Symptom.EDGE, "It creeps under the stencil", "too wet", "Hold the stencil flat, scrape once.")
            .alsoCalled("texture paste", "modelling paste", "stencil", "relief").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return List.of(new Dial("paste", "paste, wet", Preset.assumed(800, 400, 1500, "µm"), 100, 4000, "Hardly stands up.", "Cracks, and takes days."));
    }

    @Override
    public void write(Script script) {
        script.support();
        script.coat("paste", Step.coat(Face.SUPPORT_FRONT, Products.STENCIL_PASTE, script.dial("paste"), Tool.SPREADER).of(script.tint("paste"))
                        .on(script.chose(PLACE, "around") ? Mask.Part.LIGHTS : script.chose(PLACE, "on") ? Mask.Part.DARKS : Mask.Part.ALL),
                "Scrape the paste through the stencil", "One pass, the knife flat; lift the stencil straight up and wash it.", 4);
        script.act("look", new Step.Judge(Face.SUPPORT_FRONT), "Feel whether it is through", "Cool to the cheek is wet inside.", 1);
        script.dry("paste", "look", Face.SUPPORT_FRONT, Stage.THROUGH, 240, 600, "Dry outside, wet inside: nothing over it before.");
    }
}
