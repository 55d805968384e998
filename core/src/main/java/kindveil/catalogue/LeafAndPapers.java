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
import kindveil.measure.Provenance;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Choice.Option;
import kindveil.way.Dial;
import kindveil.way.Fit;
import kindveil.way.Pot;
import kindveil.way.Script;
import kindveil.way.Where;
import kindveil.way.Symptom;
import kindveil.way.Way;
import kindveil.way.WayCard;

/** Metal leaf and coloured papers, glued and sealed, under or over a transfer. */
final class LeafAndPapers implements Way {
    private static final Choice KIND = new Choice("kind", "What is laid", Where.BED, List.of(
            new Option("papers", "papers of one colour", "a field with an edge", "edges lift if they are not sealed"),
            new Option("leaf", "metal leaf", "light from below", "size must be tacky, not wet")));
    private static final WayCard CARD = WayCard.overOrUnder("leaf-and-papers", "Leaf and papers")
            .does("Coloured papers or metal leaf glued down and sealed, so that they bear what is laid over them.")
            .ground(Ground.GESSO).choices(KIND).pots(Pot.of("sheet", "Papers or leaf", "#cdb98f"))
            .on(JOURNAL_PAGE, WATERCOLOUR_PAPER, BIRCH_PANEL, CANVAS, COATED_BOARD, PRINTMAKING_PAPER)
            .on(FORM, Fit.care("Small torn pieces."))
            .elsewhere("Paper and leaf do not hold there.")
            .fails(Symptom.EDGE, "Edges lift when rubbed", "not sealed", "Glue them down and seal past the edge.")
            .alsoCalled("collage", "gold leaf", "gilding", "decoupage", "tissue", "tinted papers").build();

    private static final double PAPER_MICROMETRES = 100;
    private static final double LEAF_MICROMETRES = 1;

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return List.of(new Dial("glue", "glue, wet", Preset.assumed(70, 50, 100, "µm"), 20, 200, "Edges lift.", "Cockles and bubbles."));
    }

    @Override
    public void write(Script script) {
        script.support();
        boolean leaf = script.chose(KIND, "leaf");
        script.coat("glue", Step.coat(Face.SUPPORT_FRONT, leaf ? Products.LEAF_SIZE : Products.PVA, script.dial("glue"), Tool.BRUSH), leaf ? "Brush on the size" : "Brush on the glue", "Thin and even.", 3);
        script.act("lay", Step.coat(Face.SUPPORT_FRONT, leaf ? Products.METAL_LEAF : Products.PRINTED_PAPERS, leaf ? LEAF_MICROMETRES : PAPER_MICROMETRES, Tool.FINGERS).of(script.tint("sheet")),
                leaf ? "Lay the leaf when the size is tacky" : "Lay the papers while it is wet", leaf ? "Let it fall; do not slide it." : "One edge first, overlapping as you like.", 4);
        if (leaf) {
            script.rest("glue", "lay", 15, 20, "On wet size leaf drowns.", Provenance.PRACTICE);
        } else {
            script.open("glue", "lay", Face.SUPPORT_FRONT, Stage.OPEN, 4, "Lay while it is wet.");
        }
        script.act("press", new Step.Press(Face.SUPPORT_FRONT, Tool.SOFT_CLOTH), "Press it down", "From the middle outwards, a soft cloth.", 3);
        script.coat("seal", Step.coat(Face.SUPPORT_FRONT, Products.GLOSS_MEDIUM, 60, Tool.BRUSH).reaching(Extent.WHOLE), "Seal it", "Past all edges.", 3);
        script.dry("press", "seal", Face.SUPPORT_FRONT, Stage.RECOAT, 30, 60, "A coat on wet glue lifts it.");
        script.act("look", new Step.Judge(Face.SUPPORT_FRONT), "Look whether all edges lie", "Feel along them.", 1);
        script.dry("seal", "look", Face.SUPPORT_FRONT, Stage.THROUGH, 20, 30, "Sealed is sealed only when it is dry.");
    }
}
