package kindveil.catalogue;

import java.util.List;
import kindveil.bench.Face;
import kindveil.bench.Preparation;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.product.Product;
import kindveil.product.Products;
import kindveil.way.Where;
import kindveil.way.Answer;
import kindveil.way.Choice;
import kindveil.way.Choice.Option;
import kindveil.way.Script;

/**
 * The end of a way: touch up, clear the last veil if there is one, varnish after cure, look.
 *
 * @param clearing whether there is a veil to clear
 */
public record Finishing(boolean clearing) {
    public static final Choice CLEARING = new Choice("clearing", "Last veil", Where.TOP, List.of(
            new Option("gloss-medium", "clear with gloss medium", "clears haze, deepens darks", "shine"),
            new Option("matte-medium", "clear with matte medium", "clears haze, no shine", "darks stay a little grey"),
            new Option("mineral-oil", "clear with mineral oil", "translucent, a soft sheen", "nothing water-borne over it, ever"),
            new Option("leave", "leave it as a ghost", "paper-white softness", "darks stay veiled")));
    public static final Choice SEALING = new Choice("sealing", "Sealing", Where.TOP, List.of(
            new Option("none", "none", "done sooner", "unprotected"),
            new Option("gloss-varnish", "gloss varnish", "protection, depth", "shine; wait for cure"),
            new Option("matte-varnish", "matte varnish", "protection without glare", "lifts darks a little; wait for cure")));

    /** The act every finishing begins with. */
    static final String FIRST = "finish";
    static final String LAST = "look";
    private static final double CLEARING_MICROMETRES = 60;
    private static final double VARNISH_MICROMETRES = 80;

    void write(Script script) {
        script.act(FIRST, new Step.Prepare(ThingKind.SUPPORT, Preparation.TOUCH_UP), "Touch up and draw in",
                "Holes, edges, a line that faded: now, since clear coats and oil come after.", 5);
        String last = clearing ? clear(script) : FIRST;
        if (!script.chose(SEALING, "none")) {
            seal(script, last);
        }
        script.act(LAST, new Step.Judge(Face.SUPPORT_FRONT), "Hold it away and look", "Then write down what came, while you see it.", 2);
    }

    private static String clear(Script script) {
        if (script.chose(CLEARING, "leave")) {
            return FIRST;
        }
        if (script.chose(CLEARING, "mineral-oil")) {
            script.act("clear", new Step.Infuse(Face.SUPPORT_FRONT, Products.MINERAL_OIL, Tool.SOFT_CLOTH),
                    "Rub in the oil", "Only when it is fully dry. A soft cloth, small circles, about five minutes; wipe off what stands.", 5);
            script.dry(FIRST, "clear", Face.SUPPORT_FRONT, Stage.THROUGH, 0, 0, "Oil shuts in whatever water is left.");
            return "clear";
        }
        Product medium = script.chose(CLEARING, "matte-medium") ? Products.MATTE_MEDIUM : Products.GLOSS_MEDIUM;
        script.coat("clear", Step.coat(Face.SUPPORT_FRONT, medium, CLEARING_MICROMETRES, Tool.BRUSH), "Clear the last veil",
                "One thin coat, brushed once; do not go back into it.", 3,
                Answer.goOn("The veil is gone", "milky is right, it clears as it dries"),
                Answer.rescue("White is left below", "Fibre too thick to fill. Let it dry; a second thin coat may take it."));
        script.dry(FIRST, "clear", Face.SUPPORT_FRONT, Stage.RECOAT, 0, 0, "A coat on a wet one drags it.");
        script.dry("clear", LAST, Face.SUPPORT_FRONT, Stage.RECOAT, 20, 20, "The look keeps clearing after it is safe to touch.");
        return "clear";
    }

    private void seal(Script script, String last) {
        Product varnish = script.chose(SEALING, "gloss-varnish") ? Products.GLOSS_VARNISH : Products.MATTE_VARNISH;
        script.coat("seal", Step.coat(Face.SUPPORT_FRONT, varnish, VARNISH_MICROMETRES, Tool.BRUSH), "Varnish",
                "Thin, in one direction, out of the dust. Isolation coat first if it is to be removable.", 4);
        script.cures(last, "seal", Face.SUPPORT_FRONT, "Varnish shuts in whatever has not cured.");
        script.dry("seal", LAST, Face.SUPPORT_FRONT, Stage.RECOAT, 30, 30, "Touching leaves a print in it.");
    }
}
