package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.bench.Mask.Part;
import kindveil.product.Products;
import kindveil.bench.Preparation;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.measure.Preset;
import kindveil.way.Brief;
import kindveil.light.Colour;
import kindveil.way.Choice;
import kindveil.way.Choice.Option;
import kindveil.way.Dial;
import kindveil.way.Script;
import kindveil.way.Where;
import kindveil.way.Symptom;
import kindveil.way.Way;
import kindveil.way.WayCard;

/** The last things: rims trimmed, edges painted, hardware. */
final class EdgesAndHardware implements Way {
    private static final Colour DARK = Colour.parse("edge", "#2f2c28");
    private static final Choice HANGING = new Choice("hardware", "Hardware", Where.SUPPORT, List.of(
            new Option("none", "none", "a page or a loose sheet", "nothing to hang it by"), new Option("hanger", "hanger and feet", "ready for the wall", "drilled last")));
    private static final WayCard CARD = WayCard.overOrUnder("edges-and-hardware", "Edges and hardware")
            .does("Thick rims trimmed, edges painted, hardware screwed on: last, when everything has cured.")
            .ground(Ground.ACRYLIC_PAINT).choices(HANGING)
            .on(BIRCH_PANEL, CANVAS, COATED_BOARD, WATERCOLOUR_PAPER, JOURNAL_PAGE, PRINTMAKING_PAPER, WOOD_BLOCK, METAL)
            .elsewhere("There is no edge to finish.")
            .fails(Symptom.EDGE, "Edge paint on the face", "no tape", "Tape the face's rim first; scrape off when dry.")
            .alsoCalled("trim", "hanging", "frame", "edge paint").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return List.of(new Dial("edge", "edge coat, wet", Preset.assumed(80, 60, 110, "µm"), 20, 200, "Streaky.", "Runs over the rim.").at(Where.SUPPORT));
    }

    @Override
    public void write(Script script) {
        script.act("trim-edges", new Step.Prepare(ThingKind.SUPPORT, Preparation.TRIM_EDGES), "Trim thick rims", "Level with the edge.", 4);
        script.coat("edge", Step.coat(Face.SUPPORT_FRONT, Products.OPAQUE_PAINT, script.dial("edge"), Tool.BRUSH).on(Part.EDGE).of(DARK), "Paint the edges", "The face's rim taped.", 6);
        if (script.chose(HANGING, "hanger")) {
            script.act("hang", new Step.Prepare(ThingKind.SUPPORT, Preparation.HARDWARE), "Screw on hanger and feet", "Pre-drill; the face on something soft.", 8);
            script.dry("edge", "hang", Face.SUPPORT_FRONT, Stage.RECOAT, 60, 120, "Wet edges mark.");
        }
        script.act("look", new Step.Judge(Face.SUPPORT_FRONT), "Look at all of it", "Release paper between journal pages: acrylic faces block.", 1);
        script.dry("edge", "look", Face.SUPPORT_FRONT, Stage.RECOAT, 30, 60, "Wet edges mark.");
    }
}
