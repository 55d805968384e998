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

/** What keeps a varnish from the work, so that it can be taken off again. */
final class Isolating implements Way {
    private static final WayCard CARD = WayCard.finish("isolating", "Isolating coat")
            .does("Two thin gloss coats that stay for good, so that a varnish over them can be taken off without the image.")
            .ground(Ground.ACRYLIC_PAINT)
            .on(BIRCH_PANEL, CANVAS, COATED_BOARD, WATERCOLOUR_PAPER, JOURNAL_PAGE, PRINTMAKING_PAPER, METAL, WOOD_BLOCK, FORM)
            .elsewhere("Nothing there is varnished so that it comes off again.")
            .fails(Symptom.CLOUDY, "A veil that stays", "matte medium taken for it", "A gloss coat over it; keep matte for the varnish.")
            .fails(Symptom.STREAKS, "Dull and shiny places", "one coat, missed in places", "A second across the first.")
            .alsoCalled("isolation coat", "barrier coat", "separating layer").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return List.of(new Dial("coats", "coats", Preset.assumed(2, 1, 2, "coats"), 1, 4, "None is none.", "Plastic."), new Dial("coat", "each coat, wet", Preset.assumed(70, 60, 90, "µm"), 30, 200, "Missed spots.", "Milky for days."));
    }

    @Override
    public void write(Script script) {
        LastCoats.dust(script);
        LastCoats.coats(script, Products.ISOLATING_COAT, script.dial("coat"), (int) Math.round(script.dial("coats")), Tool.BRUSH, "Brush on the isolating coat", "All of it, to the edges; the second across the first.");
        script.dry(LastCoats.DUST, "coat-1", Face.SUPPORT_FRONT, Stage.THROUGH, 0, 0, "Whatever is wet below stays wet under it.");
        LastCoats.look(script);
    }
}
