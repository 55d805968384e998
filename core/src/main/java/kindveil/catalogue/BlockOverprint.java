package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Extent;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.bench.Mask.Part;
import kindveil.product.Products;
import kindveil.product.Mixtures;
import kindveil.bench.Preparation;
import kindveil.bench.Step;
import kindveil.bench.Step.Split;
import kindveil.bench.ThingKind;
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

/** A cut block printed over the work: flips once. */
final class BlockOverprint implements Way {
    private static final Choice INK = new Choice("ink", "Ink", Where.IMAGE, List.of(
            new Option("water", "water-based", "dries by evaporation, an hour", "needs absorbent paper, washes out of blocks"),
            new Option("oil", "oil-type", "sharp, slow", "days by absorption; may never dry on resistant paper")));
    private static final Choice GRAIN = new Choice("grain", "The block's face", Where.IMAGE, List.of(
            new Option("sanded", "sanded between coats", "even solids", "one more round of dust"),
            new Option("grain", "grain left to show", "lively solids", "paler")));
    private static final String FILM = "film";
    private static final Choice ADHESIVE = new Choice("adhesive", "The ply is held by", Where.LAYING, List.of(
            new Option("glue", "wood glue all over", "for good, into the finest pieces", "a night under a weight"),
            new Option(FILM, "double-sided film", "printed from the same hour", "no second try; small pieces lift after some pulls")), true);
    private static final Face BOARD = new Face(ThingKind.BLOCK, Face.Side.BACK);
    private static final double GLUED = 150;
    private static final WayCard CARD = WayCard.overOrUnder("block-overprint", "Block overprint")
            .does("A laser-cut or carved block, glued to a board and sealed with shellac, printed over the work. It flips once: the cut file is mirrored.")
            .softens(0.1).picture().ground(Ground.RAW).choices(INK, GRAIN, ADHESIVE).pots(Pot.of("ink", "Printing ink", "#7d2f22", Where.IMAGE))
            .on(PRINTMAKING_PAPER, WATERCOLOUR_PAPER, DRAWING_PAPER)
            .on(JOURNAL_PAGE, Fit.care("One page flat on a board."))
            .on(FABRIC, Fit.care("Stretched flat."))
            .elsewhere("A block prints on paper or cloth that lies flat.")
            .fails(Symptom.REFUSES, "Ink will not take", "receiver coating not rinsed off, or a resistant face", "Rinse and dry first; oil-type ink never dries on it.")
            .fails(Symptom.STREAKS, "Uneven solids", "first prints", "Charge it: first on scrap, the third is usually even.")
            .alsoCalled("relief print", "overprint", "laser cut block", "plywood block").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return List.of(new Dial("ink", "ink, wet", Preset.assumed(10, 6, 14, "µm"), 3, 40, "Salty, open solids.", "Fine cuts fill in.").at(Where.IMAGE),
                new Dial("bottle", "alcohol in its bottle", Preset.practice(96, 95, 99.9, "%"), 50, 99.9, "Weaker than 95 % in the bottle: its water clouds the film.", ""));
    }

    @Override
    public void write(Script script) {
        script.block();
        boolean film = script.chose(ADHESIVE, FILM);
        if (!film) {
            script.coat("glue", Step.coat(BOARD, Products.WOOD_GLUE, GLUED, Tool.SPREADER), "Spread wood glue on its board", "All over, to the edges, thin: what comes up in the cuts prints.", 2);
        }
        script.prepare("mount", ThingKind.BLOCK, Preparation.MOUNT_ON_BACKING, film ? "Stick the cut plywood to a stable board" : "Lay the cut plywood on its board", film ? "On the film, from one edge; corners rounded. Fumes of laser-cut board: the operator's rules."
                : "Corners rounded, weighted overnight. Fumes of laser-cut board: the operator's rules.");
        script.mix("cut-shellac", Mixtures.SHELLAC, script.dial("bottle"), "Cut the shellac 1:1 with alcohol", "A lidded jar.");
        boolean sanded = script.chose(GRAIN, "sanded");
        shellac(script, 1);
        if (!film) {
            script.open("glue", "mount", BOARD, Stage.OPEN, 8, "Glue that has skinned holds in places only.");
            script.rest("mount", "shellac-1", 600, 720, "The glue sets under the weight.", Provenance.PRACTICE);
        }
        if (sanded) {
            script.act("sand", new Step.Abrade(Face.BLOCK, Tool.FINE_PAPER), "Sand, 400 grit", "Dust off.", 4);
        }
        shellac(script, 2);
        script.rest("shellac-1", sanded ? "sand" : "shellac-2", 60, 60, "Shellac skins before it is hard.", Provenance.PRACTICE);
        script.bed("ink", Step.coat(Face.BLOCK, script.chose(INK, "oil") ? Products.OIL_BLOCK_INK : Products.WATER_INK, script.dial("ink"), Tool.BRAYER).on(Part.DARKS).of(script.tint("ink")),
                "Charge the block", "Thin layers; the first print goes on scrap, the third is usually even.", 3);
        script.rest("shellac-2", "ink", 60, 120, "Ink lifts soft shellac.", Provenance.PRACTICE);
        script.act("lay", new Step.Join(Face.BLOCK, Face.SUPPORT_FRONT, false), "Lay it on its register", "Straight down.", 0.3);
        script.open("ink", "lay", Face.BLOCK, Stage.OPEN, 5, "Ink must be wet.");
        script.act("press", new Step.Press(Face.BLOCK, Tool.BAREN), "Press; emboss the edge with the baren", "All over.", 2);
        script.act("lift", new Step.Part(ThingKind.BLOCK, Face.SUPPORT_FRONT, Split.GIVE), "Lift it", "Straight up.", 0.3);
        script.open("lay", "lift", Face.BLOCK, Stage.OPEN, 4, "Dry ink tears the paper.");
        script.wash("ink");
        script.act("look", new Step.Judge(Face.SUPPORT_FRONT), "Look at it, dry", "Water-based by evaporation, oil-type by absorption.", 1);
        script.rest("lift", "look", script.chose(INK, "oil") ? 4320 : 60, script.chose(INK, "oil") ? 7200 : 120, "Wet ink smears.", Provenance.PRACTICE);
    }

    private static void shellac(Script script, int coat) {
        script.coat("shellac-" + coat, Step.coat(Face.BLOCK, Products.SHELLAC, 60, Tool.BRUSH).reaching(Extent.WHOLE), "Shellac, coat " + coat, "Face, edges and back.", 4);
    }
}
