package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Extent;
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
import kindveil.way.Together;
import kindveil.way.Symptom;
import kindveil.way.Way;
import kindveil.way.WayCard;

/** Colour, spatter or an interference layer under what comes. */
final class Underpainting implements Way {
    private static final WayCard CARD = WayCard.overOrUnder("underpainting", "Underpainting")
            .does("Acrylic colour under what comes, dry and bearing water before anything is laid on it.")
            .ground(Ground.GESSO).choices(Together.KIND, Schools.HURRY).pots(Together.POTS.toArray(Pot[]::new))
            .on(JOURNAL_PAGE, WATERCOLOUR_PAPER, BIRCH_PANEL, CANVAS, COATED_BOARD, PRINTMAKING_PAPER, DRAWING_PAPER, FABRIC, METAL, FORM, WOOD_BLOCK)
            .elsewhere("Colour does not stay there.")
            .fails(Symptom.LIFTED, "It lifts under rubbing", "not through, or a colour that water lifts", "Seal it with clear medium and let that dry.")
            .alsoCalled("undercolour", "background", "spatter", "first layer").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return Together.dials(brief, new Dial("coat", "each coat, wet", Preset.assumed(80, 60, 110, "µm"), 20, 300, "Thin, streaky.", "Slow to dry through."));
    }

    @Override
    public void write(Script script) {
        script.support();
        if (Together.chosen(script)) {
            Together.write(script, Products.UNDERCOLOUR, script.dial("coat"));
            dry(script, "second");
            return;
        }
        script.coat("under", Step.coat(Face.SUPPORT_FRONT, Products.UNDERCOLOUR, script.dial("coat"), Tool.BRUSH).reaching(Extent.WHOLE).of(script.tint("under")),
                "Lay the undercolour", "Light and muted where the picture's lights will be.", 5);
        String last = "under";
        if (script.chose(Together.KIND, Together.SPATTER)) {
            script.coat("spatter", Step.coat(Face.SUPPORT_FRONT, Products.UNDERCOLOUR, 20, Tool.BRUSH).of(script.tint("spatter")), "Spatter", "From a loaded brush, tapped; thin.", 2);
            script.dry("under", "spatter", Face.SUPPORT_FRONT, Stage.TOUCH_DRY, 10, 15, "On wet paint it blooms.");
            last = "spatter";
        }
        dry(script, last);
    }

    private static void dry(Script script, String last) {
        script.act("look", new Step.Judge(Face.SUPPORT_FRONT), "Look whether it is through", "A fingertip stays clean and nothing feels cold.", 1);
        script.dry(last, "look", Face.SUPPORT_FRONT, Stage.THROUGH, 20, 30, "Grounds must be dry and bear water before any way that rubs with water.");
    }
}
