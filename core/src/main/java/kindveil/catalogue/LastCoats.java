package kindveil.catalogue;

import kindveil.bench.Extent;
import kindveil.bench.Face;
import kindveil.bench.Preparation;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.product.Product;
import kindveil.way.Script;

/** What ways of finishing share: dust, thin coats one over another, a look at the end. */
final class LastCoats {
    static final String DUST = "dust";
    static final String LOOK = "look";

    private LastCoats() {
    }

    static void dust(Script script) {
        script.prepare(DUST, ThingKind.SUPPORT, Preparation.CLEAN_SUPPORT, "Dust it, and look along it", "A soft dry brush, in raking light: what lies on it now stays under the coat.");
    }

    /** Thin coats over all of it, each when the one before bears it. @param how they are laid */
    static void coats(Script script, Product product, double micrometres, int coats, Tool tool, String title, String how) {
        for (int coat = 1; coat <= coats; coat++) {
            script.coat("coat-" + coat, Step.coat(Face.SUPPORT_FRONT, product, micrometres, tool).reaching(Extent.WHOLE), coats == 1 ? title : title + ", coat " + coat, how, 4);
            String next = coat < coats ? "coat-" + (coat + 1) : LOOK;
            script.dry("coat-" + coat, next, Face.SUPPORT_FRONT, Stage.RECOAT, 20, 30, "Gone over wet it drags, and touching it leaves a mark.");
        }
    }

    static void look(Script script) {
        script.act(LOOK, new Step.Judge(Face.SUPPORT_FRONT), "Look along it", "From the side, by one lamp: dull spots were missed.", 1);
    }
}
