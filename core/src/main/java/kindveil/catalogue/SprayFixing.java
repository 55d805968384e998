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
import kindveil.way.Dial;
import kindveil.way.Script;
import kindveil.way.Symptom;
import kindveil.way.Way;
import kindveil.way.WayCard;

/** What keeps soluble and loose colour where it is. */
final class SprayFixing implements Way {
    private static final WayCard CARD = WayCard.finish("spray-fixing", "Spray fixing")
            .does("Light passes of a matte acrylic spray: watercolour, dye ink, pencil and pastel then bear a wet coat or a page against them.")
            .ground(Ground.ACRYLIC_PAINT)
            .on(BIRCH_PANEL, CANVAS, COATED_BOARD, WATERCOLOUR_PAPER, JOURNAL_PAGE, PRINTMAKING_PAPER, DRAWING_PAPER, METAL, WOOD_BLOCK, FORM, FABRIC, LEATHER)
            .elsewhere("It blows such thin stuff about.")
            .fails(Symptom.TONES, "Pastel goes darker", "soaked instead of misted", "Lighter passes from further away; draw the lights in again.")
            .fails(Symptom.SMEARED, "It still runs", "one pass, missed in places", "Two more, across each other.")
            .alsoCalled("fixative", "fix the drawing", "spray seal").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return List.of(new Dial("coats", "passes", Preset.assumed(2, 2, 3, "coats"), 1, 5, "None is none.", "Darkens."), new Dial("coat", "each pass, wet", Preset.assumed(10, 8, 15, "µm"), 5, 40, "It still runs.", "It spots."));
    }

    @Override
    public void write(Script script) {
        LastCoats.dust(script);
        LastCoats.coats(script, Products.FIXATIVE, script.dial("coat"), (int) Math.round(script.dial("coats")), Tool.SPRAY_CAN, "Mist it", "Outdoors, 30 cm away, past both edges, moving.");
        script.dry(LastCoats.DUST, "coat-1", Face.SUPPORT_FRONT, Stage.TOUCH_DRY, 0, 0, "Spray on a wet coat wrinkles it.");
        LastCoats.look(script);
    }
}
