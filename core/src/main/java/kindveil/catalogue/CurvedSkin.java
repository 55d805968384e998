package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Extent;
import java.util.ArrayList;
import kindveil.measure.Figures;
import kindveil.measure.Provenance;
import kindveil.bench.Face;
import kindveil.product.Products;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.bench.Step.Bath;
import kindveil.bench.Step.Cutting;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.measure.Preset;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Choice.Option;
import kindveil.way.Dial;
import kindveil.way.Fit;
import kindveil.way.Rubbing;
import kindveil.way.Schools;
import kindveil.way.Script;
import kindveil.way.Where;
import kindveil.way.Symptom;
import kindveil.way.Way;
import kindveil.way.WayCard;
import kindveil.way.Wish;

/** A thin skin for eggs, shells, vases. Ink down reads right. */
final class CurvedSkin implements Way {
    private static final Choice GLUE = new Choice("glue", "What holds it", Where.BED, List.of(
            new Option("pva", "thinned PVA", "time to chase bubbles out", "a glue coat to dry"),
            new Option("medium", "gloss medium", "clear, one material", "grabs quickly"),
            new Option("water", "water alone", "slides longest, nothing to dry under it", "small skins only; its own tack holds it")));
    /** A skin no wider settles with water alone (assumed). */
    private static final double SETTLES = 60;
    private static final Choice RELIEF = new Choice("relief", "Relief cuts", Where.EDGE, List.of(
            new Option("none", "stretched to lie", "whole picture", "bears about 6 % only"),
            new Option("cuts", "cut into the rim", "lies on stronger curves", "seams to touch up")));
    private static final WayCard CARD = WayCard.transfer("curved-skin", "Skin on curved forms")
            .does("Two thin crossed coats on a toner print make a skin supple enough for eggs, shells and vases.")
            .softens(0.15).print(PrintKind.PHOTOCOPY)
            .choices(GLUE, RELIEF, Schools.PASSES, Finishing.SEALING, Schools.WARMTH, Schools.BETWEEN)
            .on(FORM)
            .on(LEATHER, Fit.care("Flexes: a thin skin may crack at folds."))
            .on(METAL, Fit.care("Degreased and scuffed first."))
            .elsewhere("On flat things a stouter skin is easier: free skin.")
            .wish(Wish.TORN, Fit.care("It is thin: it tears where it wants."))
            .fails(Symptom.TORN, "It tears", "brushed too thin, rubbed dry", "Spread with the finger; re-soak as soon as it dries.")
            .fails(Symptom.BUBBLES, "Kinks", "the form is too round for it", "Stretch it out with water, or relief cuts.")
            .fails(Symptom.BUBBLES, "Bubbles", "PVA not chased out", "From the middle, with a wet finger.")
            .alsoCalled("egg transfer", "shell", "vase", "decoupage skin", "ornament").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return Rubbing.dials(brief, new Dial("coat", "each coat, wet", Preset.assumed(80, 60, 110, "µm"), 40, 150, "It tears.", "It will not stretch over the curve."));
    }

    /** What is large does not settle with water. */
    @Override
    public List<String> questions(Brief brief) {
        List<String> all = new ArrayList<>(Way.super.questions(brief));
        double largest = Math.max(brief.width().millimetres(), brief.height().millimetres());
        if ("water".equals(brief.settings().choices().get(GLUE.key())) && largest > SETTLES) {
            all.add("%s mm is too large to settle with water alone: up to %s mm does. Take thinned PVA, which leaves time to chase bubbles out.".formatted(Figures.rounded(largest, 0), Figures.plain(SETTLES)));
        }
        return all;
    }

    @Override
    public void write(Script script) {
        script.print();
        for (int coat = 1; coat <= 2; coat++) {
            script.act("coat-" + coat, Step.coat(Face.PRINT_FRONT, Products.GLOSS_MEDIUM, script.dial("coat"), Tool.FINGERS).reaching(Extent.BEYOND),
                    "Spread coat " + coat + " with the finger", coat == 1 ? "Lengthwise, beyond the image: brushes rob it." : "Crosswise.", 2);
            script.dry("coat-" + coat, coat == 1 ? "coat-2" : Rubbing.first(script), Face.PRINT_FRONT, coat == 1 ? Stage.RECOAT : Stage.THROUGH, 20, coat == 1 ? 30 : 180,
                    coat == 1 ? "A coat on a wet one drags it." : "The skin must be through before water.");
        }
        script.rubbing(Rubbing.misted(Face.SKIN_BACK, Rubbing.planned(script), "trim-skin").with(Tool.TRAY, Bath.TRAY, 30, null).atMost(4)
                .saying(8, "When the paper is wet through: the finger parallel to a hard surface, push the pulp away, re-soak when it dries."));
        script.act("trim-skin", new Step.Cut(ThingKind.SKIN, Cutting.TRIM), "Trim thick rims", "Close to the picture.", 2);
        if (script.chose(RELIEF, "cuts")) {
            script.act("relief", new Step.Cut(ThingKind.SKIN, Cutting.RELIEF_CUTS), "Cut the relief cuts", "From the rim inwards, where the template shows.", 4);
        }
        script.support();
        boolean water = script.chose(GLUE, "water");
        if (water) {
            script.act("glue", new Step.Wet(Face.SUPPORT_FRONT, Tool.SPRAY_BOTTLE, Bath.SURFACE), "Wet the form", "A film of water all over; the skin is slid on it.", 1);
        } else {
            script.bed("glue", Step.coat(Face.SUPPORT_FRONT, script.chose(GLUE, "pva") ? Products.PVA : Products.GLOSS_MEDIUM, 60, Tool.BRUSH).reaching(Extent.BEYOND),
                    "Brush on the glue", "Thin.", 1);
        }
        script.act("lay", new Step.Join(Face.SKIN_BACK, Face.SUPPORT_FRONT, true), "Lay the skin, ink down", "Stretch out kinks while it slides.", 3);
        script.open("glue", "lay", water ? null : Face.SUPPORT_FRONT, Stage.OPEN, 5, "It must slide while you stretch it.");
        script.act("press", new Step.Press(Face.SUPPORT_FRONT, Tool.FINGERS), "Chase the bubbles out", "From the middle to the rim, wet fingertips.", 3);
        script.wash("glue");
        script.coat("seal-skin", Step.coat(Face.SUPPORT_FRONT, Products.GLOSS_MEDIUM, 60, Tool.BRUSH).reaching(Extent.WHOLE), "Seal over it", "Past the rim of the skin, over the whole form.", 3);
        if (water) {
            script.rest("press", "seal-skin", 60, 120, "Water goes out at its rim.", Provenance.ASSUMED);
        } else {
            script.dry("press", "seal-skin", Face.SUPPORT_FRONT, Stage.RECOAT, 120, 360, "Between skin and object it dries for hours.");
        }
        script.dry("seal-skin", Finishing.FIRST, Face.SUPPORT_FRONT, Stage.RECOAT, 20, 30, "Touch it up when the seal is dry.");
        new Finishing(false).write(script);
    }
}
