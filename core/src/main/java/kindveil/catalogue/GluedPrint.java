package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Extent;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.measure.Preset;
import kindveil.product.Products;
import kindveil.way.Brief;
import kindveil.way.Dial;
import kindveil.way.Fit;
import kindveil.way.Script;
import kindveil.way.Symptom;
import kindveil.way.Way;
import kindveil.way.WayCard;

/** A print glued down face up, paper and all, and sealed: what is laid over it lies on its colour and its print. */
final class GluedPrint implements Way {
    private static final WayCard CARD = WayCard.overOrUnder("glued-print", "Glued print")
            .does("A print on its own paper glued down face up and sealed past its edges; under a veil its white and its print show through.")
            .softens(0.05).picture().print(PrintKind.GOOD_TONER).ground(Ground.GESSO)
            .on(JOURNAL_PAGE, WATERCOLOUR_PAPER, BIRCH_PANEL, CANVAS, COATED_BOARD, PRINTMAKING_PAPER, DRAWING_PAPER)
            .on(FORM, Fit.care("Small torn pieces."))
            .elsewhere("Paper does not hold there.")
            .fails(Symptom.EDGE, "Edges lift when rubbed", "not sealed", "Glue them down and seal past the edge.")
            .fails(Symptom.BUBBLES, "Blisters", "glue that had skinned, or air", "Prick them, a drop of glue, press under release paper.")
            .alsoCalled("collage", "decoupage", "printed papers", "book page", "sheet music", "map").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return List.of(new Dial("glue", "glue, wet", Preset.assumed(70, 50, 100, "µm"), 20, 200, "Edges lift.", "Cockles and bubbles."),
                new Dial("seal", "sealing coat, wet", Preset.assumed(60, 40, 90, "µm"), 20, 200, "Water gets in.", "Slow to dry."));
    }

    @Override
    public void write(Script script) {
        script.print();
        script.support();
        script.bed("glue", Step.coat(Face.SUPPORT_FRONT, Products.PVA, script.dial("glue"), Tool.BRUSH), "Brush on the glue", "Thin and even, to the edges of the paper.", 3);
        script.act("lay", new Step.Join(Face.PRINT_BACK, Face.SUPPORT_FRONT, true), "Lay it, printed side up", "One edge first, driving the air before you.", 1.5);
        script.open("glue", "lay", Face.SUPPORT_FRONT, Stage.OPEN, 4, "Lay while it is wet.");
        script.act("press", new Step.Press(Face.SUPPORT_FRONT, Tool.SOFT_CLOTH), "Press it down", "From the middle outwards, a soft cloth.", 3);
        script.wash("glue");
        script.coat("seal", Step.coat(Face.SUPPORT_FRONT, Products.GLOSS_MEDIUM, script.dial("seal"), Tool.BRUSH).reaching(Extent.BEYOND), "Seal it", "Past all edges.", 3);
        script.dry("press", "seal", Face.SUPPORT_FRONT, Stage.RECOAT, 30, 60, "A coat on wet glue lifts it.");
        script.act("look", new Step.Judge(Face.SUPPORT_FRONT), "Look whether all edges lie", "Feel along them.", 1);
        script.dry("seal", "look", Face.SUPPORT_FRONT, Stage.THROUGH, 20, 30, "Sealed is sealed only when it is dry.");
    }
}
