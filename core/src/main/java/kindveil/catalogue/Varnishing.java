package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.bench.Tool;
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

/** Protection over what has cured. */
final class Varnishing implements Way {
    private static final String REMOVABLE = "removable";
    private static final String SPRAYED = "sprayed";
    private static final Choice KIND = new Choice("varnish", "Varnish", Where.BED, List.of(
            new Option("lasting", "acrylic, for good", "water to wash up, tough", "never comes off; beads on tape"),
            new Option(REMOVABLE, "removable, brushed", "comes off again when it has yellowed or is scratched", "thinner and fumes; asks for an isolating coat"),
            new Option(SPRAYED, "sprayed", "touches nothing: holds over pastel, pencil and tape", "outdoors, mask; several thin passes")));
    private static final Choice SHEEN = new Choice("sheen", "Sheen", Where.BED, List.of(
            new Option("gloss", "gloss", "deep darks", "glare"), new Option("satin", "satin", "between the two", "a trace of grey"), new Option("matte", "matte", "no glare", "lifts darks")));
    private static final WayCard CARD = WayCard.finish("varnishing", "Varnish")
            .does("The last protecting coat, over what has cured: brushed for good, brushed to come off again, or sprayed.")
            .ground(Ground.ACRYLIC_PAINT).choices(KIND, SHEEN)
            .on(BIRCH_PANEL, CANVAS, COATED_BOARD, WATERCOLOUR_PAPER, JOURNAL_PAGE, PRINTMAKING_PAPER, DRAWING_PAPER, METAL, WOOD_BLOCK, FORM, LEATHER)
            .elsewhere("It stiffens what hangs or folds, and cracks there.")
            .fails(Symptom.CLOUDY, "It blooms white", "what is below had not cured, or damp air", "Warm dry air for a week; a removable one is taken off.")
            .fails(Symptom.STREAKS, "Stripes of sheen", "brushed back into, or one heavy pass", "Another thin coat across.")
            .fails(Symptom.STICKY, "It stays tacky", "uncured below, or oil", "Wait; wax over oil instead.")
            .alsoCalled("varnish", "protective coat", "spray varnish", "topcoat").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        boolean sprayed = chosen(brief, KIND.key()).key().equals(SPRAYED);
        return List.of(new Dial("coats", sprayed ? "passes" : "coats", sprayed ? Preset.assumed(3, 2, 4, "coats") : Preset.assumed(1, 1, 2, "coats"), 1, 6, "None is none.", "It runs and sags."),
                new Dial("coat", "each coat, wet", sprayed ? Preset.assumed(20, 15, 30, "µm") : Preset.assumed(70, 60, 90, "µm"), 10, 150, "Missed spots.", "Clouds."));
    }

    private static Product product(Script script) {
        boolean gloss = script.chose(SHEEN, "gloss");
        boolean satin = script.chose(SHEEN, "satin");
        if (script.chose(KIND, SPRAYED)) {
            return gloss ? Products.SPRAY_GLOSS : satin ? Products.SPRAY_SATIN : Products.SPRAY_MATTE;
        }
        if (script.chose(KIND, REMOVABLE)) {
            return gloss ? Products.REMOVABLE_GLOSS : satin ? Products.REMOVABLE_SATIN : Products.REMOVABLE_MATTE;
        }
        return gloss ? Products.GLOSS_VARNISH : satin ? Products.SATIN_VARNISH : Products.MATTE_VARNISH;
    }

    @Override
    public void write(Script script) {
        boolean sprayed = script.chose(KIND, SPRAYED);
        LastCoats.dust(script);
        LastCoats.coats(script, product(script), script.dial("coat"), (int) Math.round(script.dial("coats")), sprayed ? Tool.SPRAY_CAN : Tool.BRUSH, sprayed ? "Spray the varnish" : "Varnish",
                sprayed ? "Outdoors, 30 cm away, past both edges; three thin passes, never one wet one." : "Thin, one way, out of the dust.");
        script.cures(LastCoats.DUST, "coat-1", Face.SUPPORT_FRONT, "Varnish shuts in whatever has not cured.");
        LastCoats.look(script);
    }
}
