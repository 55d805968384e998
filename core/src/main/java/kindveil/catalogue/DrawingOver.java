package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.bench.Preparation;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.measure.Preset;
import kindveil.product.Product;
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

/** Pencil and pastel on the work. */
final class DrawingOver implements Way {
    private static final Choice WITH = new Choice("drawn", "Drawn with", Where.BED, List.of(
            new Option("coloured-pencil", "coloured pencil", "lies still under any coat", "slides on gloss"),
            new Option("water-pencil", "water-soluble pencil", "can be wetted into a wash", "runs under every wet coat until it is fixed"),
            new Option("pastel", "soft pastel", "velvet, strong", "dust: a brush takes it along")));
    private static final WayCard CARD = WayCard.overOrUnder("drawing-over", "Drawing over")
            .does("Lines and tones in pencil or pastel over the image; what of it water or a brush lifts is fixed before anything else.")
            .ground(Ground.ACRYLIC_PAINT).choices(WITH).pots(kindveil.way.Pot.of("line", "Line", "#5a3a2c"))
            .on(WATERCOLOUR_PAPER, JOURNAL_PAGE, PRINTMAKING_PAPER, DRAWING_PAPER, BIRCH_PANEL, CANVAS, COATED_BOARD)
            .elsewhere("There is no tooth for it.")
            .fails(Symptom.REFUSES, "It slides off", "a gloss face", "A thin coat of matte medium or fine pumice gel first.")
            .fails(Symptom.SMEARED, "It smears", "not fixed", "Fix it with light passes, outdoors.")
            .alsoCalled("pencil", "pastel", "draw in", "embellish").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return List.of(new Dial("share", "how strongly", Preset.assumed(20, 10, 50, "%"), 1, 100, "Hardly seen.", "It hides the image."));
    }

    @Override
    public void write(Script script) {
        Product with = script.chose(WITH, "pastel") ? Products.SOFT_PASTEL : script.chose(WITH, "water-pencil") ? Products.WATER_PENCIL : Products.COLOURED_PENCIL;
        script.prepare("clean", ThingKind.SUPPORT, Preparation.CLEAN_SUPPORT, "Dust it", "Feel for tooth with a fingertip.");
        script.act("draw", Step.coat(Face.SUPPORT_FRONT, with, script.dial("share") / 100 * with.optics().ordinaryCoatMicrometres(), Tool.PENCIL).of(script.tint("line")), "Draw", "From the top down, so that the hand lies on what is bare.", 15);
        script.dry("clean", "draw", Face.SUPPORT_FRONT, Stage.THROUGH, 0, 0, "A point digs into what is not through.");
        script.act("look", new Step.Judge(Face.SUPPORT_FRONT), "Hold it away and look", "Blow the dust off, outdoors.", 1);
    }
}
