package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.measure.Preset;
import kindveil.product.Products;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Choice.Option;
import kindveil.way.Dial;
import kindveil.way.Script;
import kindveil.way.Symptom;
import kindveil.way.Way;
import kindveil.way.WayCard;
import kindveil.way.Where;

/** A coat of medium over the finished work. */
final class ClearingOver implements Way {
    private static final Choice SHEEN = new Choice("sheen", "Sheen", Where.BED, List.of(
            new Option("gloss", "gloss medium", "clears haze, deepens darks", "shine, and a face that sticks to its neighbour"),
            new Option("matte", "matte medium", "no glare, takes pencil", "darks a little grey; milky over other matte")));
    private static final WayCard CARD = WayCard.finish("clearing-over", "Clear coat")
            .does("Acrylic medium brushed thin over all of it: clears what is white, evens the sheen, and can be worked over.")
            .ground(Ground.ACRYLIC_PAINT).choices(SHEEN)
            .on(BIRCH_PANEL, CANVAS, COATED_BOARD, WATERCOLOUR_PAPER, JOURNAL_PAGE, PRINTMAKING_PAPER, DRAWING_PAPER, METAL, WOOD_BLOCK, FORM, FABRIC)
            .elsewhere("It fills the openings, or takes the sheet apart.")
            .fails(Symptom.CLOUDY, "Milky after an hour", "laid thick, or over what was damp", "Let it dry for a day in moving air; it clears.")
            .fails(Symptom.STREAKS, "Brush marks", "gone back into it as it set", "A second thin coat across the first.")
            .alsoCalled("seal with medium", "top coat", "clear acrylic", "finish coat").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return List.of(new Dial("coats", "coats", Preset.assumed(1, 1, 2, "coats"), 1, 4, "None is none.", "Plastic."), new Dial("coat", "each coat, wet", Preset.assumed(60, 50, 80, "µm"), 20, 200, "Missed spots.", "Milky for days."));
    }

    @Override
    public void write(Script script) {
        LastCoats.dust(script);
        LastCoats.coats(script, script.chose(SHEEN, "matte") ? Products.MATTE_MEDIUM : Products.GLOSS_MEDIUM, script.dial("coat"), (int) Math.round(script.dial("coats")), Tool.BRUSH, "Brush on the medium", "Thin, one way, and not back into it.");
        script.dry(LastCoats.DUST, "coat-1", Face.SUPPORT_FRONT, Stage.RECOAT, 0, 0, "A coat on a wet one drags it.");
        LastCoats.look(script);
    }
}
