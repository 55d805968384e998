package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import java.util.ArrayList;
import kindveil.measure.Figures;
import kindveil.way.Choice;
import kindveil.way.Choice.Option;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.bench.Mask.Part;
import kindveil.product.Products;
import kindveil.product.Mixtures;
import kindveil.bench.Preparation;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.bench.Step.Bath;
import kindveil.bench.Step.Cutting;
import kindveil.bench.Step.Split;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.measure.Preset;
import kindveil.measure.Provenance;
import kindveil.light.Colour;
import kindveil.way.Brief;
import kindveil.way.Dial;
import kindveil.way.Fit;
import kindveil.way.Rubbing;
import kindveil.way.Schools;
import kindveil.way.Script;
import kindveil.way.Where;
import kindveil.way.Symptom;
import kindveil.way.Way;
import kindveil.way.WayCard;

/** A guide for carving, glued on lino, vinyl or wood. Two hands: the block mirrored, its impression right. */
final class BlockGuide implements Way {
    private static final Colour PROOF = Colour.parse("ink", "#22262b");
    private static final double INK = 10;
    /** What the gel on the block takes up of its first ink, µm (assumed). */
    private static final double TAKEN_UP = 2;
    private static final String THROUGH = "through";
    private static final Choice PAPER = new Choice("guide-paper", "Its paper", Where.IMAGE, List.of(
            new Option("rubbed", "rubbed away before carving", "the image lies bare, the finest line is seen", "a round of rubbing, and the block has to dry again"),
            new Option(THROUGH, "left on and carved through", "carved as soon as the gel is through", "thin paper only; what is left is washed off before the proof")), true);
    /** Heavier paper frays under the tool and hides how deep it cuts (assumed). */
    private static final double THIN = 60;
    private static final WayCard CARD = WayCard.transfer("block-guide", "Block guide")
            .does("The picture is glued to a block as a carving guide; mirrored on the block, its impression reads right.")
            .softens(0.2).print(PrintKind.PHOTOCOPY).ground(Ground.RAW)
            .choices(Schools.HURRY, PAPER)
            .on(LINO_BLOCK)
            .on(WOOD_BLOCK, Fit.sound("The medium fills the grain."))
            .elsewhere("Only a lino, vinyl or wood block can be carved.")
            .fails(Symptom.LIFTED, "The guide lifts in patches", "thick or streaky gel on a closed block", "Thin, even, no streaks; a day to dry.")
            .fails(Symptom.REFUSES, "It dulls the tools", "carved damp", "Dry before carving.")
            .fails(Symptom.SMEARED, "It slid", "the weight rocked", "A flat weight that does not rock.")
            .alsoCalled("linocut transfer", "lino", "woodcut", "relief print guide").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return Rubbing.dials(brief, new Dial("bed", "gel, wet", Preset.assumed(60, 40, 80, "µm"), 20, 100, "Bald spots.", "Too thick lifts on closed blocks."));
    }

    /** Heavy paper is not carved through. */
    @Override
    public List<String> questions(Brief brief) {
        List<String> all = new ArrayList<>(Way.super.questions(brief));
        double grams = brief.settings().dials().getOrDefault(Rubbing.PAPER, brief.print().sheet().gramsPerSquareMetre());
        if (THROUGH.equals(brief.settings().choices().get(PAPER.key())) && grams > THIN) {
            all.add("Paper of %s g/m² frays under the tool: take some of at most %s g/m² for carving through, or rub it away first.".formatted(Figures.plain(grams), Figures.plain(THIN)));
        }
        return all;
    }

    @Override
    public void write(Script script) {
        boolean toner = script.brief().print().ink() == PrintKind.Ink.TONER;
        script.meanwhile(script::print, () -> {
            script.support();
            script.prepare("wet-sand", ThingKind.SUPPORT, Preparation.WET_SAND, "Wipe the block and wet-sand it lightly", "Then let it dry completely.");
            script.mix("thin", Mixtures.THINNED_GEL, 0, "Thin the gel by drops", "Until it brushes out without dragging.");
        });
        if (toner) {
            script.bed("coat-print", Step.coat(Face.PRINT_FRONT, Products.THINNED_GEL, script.dial("bed"), Tool.BRUSH), "Coat the print, thin", "A border round the image keeps the back clean.", 1.5);
        }
        script.bed("bed", Step.coat(Face.SUPPORT_FRONT, Products.THINNED_GEL, script.dial("bed"), Tool.BRUSH), "Coat the block: thin, even, no streaks", "Edge to edge.", 1.5);
        script.rest("wet-sand", toner ? "coat-print" : "bed", 60, 120, "A wet block keeps the gel from drying.", Provenance.PRACTICE);
        script.act("lay", new Step.Join(Face.PRINT_FRONT, Face.SUPPORT_FRONT, false), "Lay it, corner first", "Smooth lightly; release sheet beyond all sides. Spills: blot, do not rub.", 0.7);
        script.open("bed", "lay", Face.SUPPORT_FRONT, Stage.OPEN, 3, "So thin a coat closes soon.");
        script.act("press", new Step.Press(Face.PRINT_FRONT, Tool.FINGERS), "Smooth it lightly", "From the middle.", 1);
        script.wash("bed", "coat-print");
        script.act("load", new Step.Load(Face.SUPPORT_FRONT), "A flat weight", "One that does not rock.", 1);
        script.act("unload", new Step.Unload(Face.SUPPORT_FRONT), "Take it off", "Straight up.", 0.5);
        script.dry("load", "unload", Face.SUPPORT_FRONT, Stage.THROUGH, 600, 1440, "Overnight to a day under the weight.");
        script.dry("unload", script.chose(PAPER, THROUGH) ? "carve" : Rubbing.first(script), Face.SUPPORT_FRONT, Stage.THROUGH, 0, 0, "Not dry is failure number one.");
        boolean through = script.chose(PAPER, THROUGH);
        if (through) {
            script.act("carve", new Step.Cut(ThingKind.SUPPORT, Cutting.CARVE), "Carve through the paper", "The lights away, paper and all; cut away from your hand.", 60);
        }
        script.rubbing(Rubbing.misted(Face.SUPPORT_FRONT, 1, through ? "set-out-impression" : "carve").with(Tool.SPONGE, Bath.SURFACE, 1, null).atMost(2).saying(4, "A damp sponge, nothing abrasive; stop where it lifts."));
        if (!through) {
            script.act("carve", new Step.Cut(ThingKind.SUPPORT, Cutting.CARVE), "Carve", "The lights away; cut away from your hand.", 60);
            script.rest("pass-1-rub", "carve", 60, 240, "Damp dulls the tools.", Provenance.ASSUMED);
        }
        script.sheet();
        script.bed("ink", Step.coat(Face.SUPPORT_FRONT, Products.WATER_INK, INK + TAKEN_UP, Tool.BRAYER).on(Part.DARKS).of(PROOF), "Ink the block", "Thin layers.", 2);
        script.act("lay-sheet", new Step.Join(Face.IMPRESSION, Face.SUPPORT_FRONT, false), "Lay the paper", "On its register.", 0.3);
        script.open("ink", "lay-sheet", Face.SUPPORT_FRONT, Stage.OPEN, 5, "Water-based ink dries by evaporation.");
        script.act("rub-sheet", new Step.Press(Face.IMPRESSION, Tool.BAREN), "Rub the back", "Edges too.", 2);
        script.act("pull", new Step.Part(ThingKind.IMPRESSION, Face.SUPPORT_FRONT, Split.PULL), "Pull the proof", "It reads right: the block is the mirror.", 0.3);
        script.open("lay-sheet", "pull", Face.SUPPORT_FRONT, Stage.OPEN, 5, "Dry ink tears the paper.");
        script.wash("ink");
        script.act("look", new Step.Judge(Face.IMPRESSION), "Look at the proof", "What still prints that should not: carve on.", 2);
    }
}
