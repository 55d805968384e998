package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
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
import kindveil.way.Answer;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Choice.Option;
import kindveil.way.Dial;
import kindveil.way.Edges;
import kindveil.way.Fit;
import kindveil.way.Rubbing;
import kindveil.way.Schools;
import kindveil.way.Script;
import kindveil.way.TellTale;
import kindveil.way.Where;
import kindveil.way.Symptom;
import kindveil.way.Way;
import kindveil.way.WayCard;
import kindveil.way.Wish;

/** Clear packing tape lifts the toner; paper soaked and rubbed off; the tacky tape is laid. Reads right. */
final class TapeLift implements Way {
    private static final Choice WATER = new Choice("water", "Water", Where.PAPER, List.of(
            new Option("soak", "a soak", "easy rubbing", "a tray and ten minutes"),
            new Option("mist", "a mist and a wait", "no tray", "more rubbing")));
    private static final Choice STICK = new Choice("stick", "What holds it on the page", Where.BED, List.of(
            new Option("own", "its own adhesive", "nothing to dry", "lifts where fibre is left"),
            new Option("gel", "a little gel under the darks", "holds, clears fibre a little", "dries for hours under tape")));
    private static final WayCard CARD = WayCard.transfer("tape-lift", "Tape lift")
            .does("Clear packing tape burnished on a toner copy keeps the toner when the paper is soaked and rubbed away; the still tacky tape goes into the journal.")
            .softens(0.1).print(PrintKind.PHOTOCOPY)
            .choices(WATER, STICK, Schools.PASSES, Schools.WARMTH, Schools.BETWEEN, Edges.OPENING)
            .on(JOURNAL_PAGE, DRAWING_PAPER, WATERCOLOUR_PAPER, PRINTMAKING_PAPER)
            .on(BIRCH_PANEL, Fit.care("Only on a smooth, sealed face."))
            .on(COATED_BOARD, CANVAS)
            .on(METAL, Fit.care("Degreased first."))
            .on(FORM, Fit.poor("Kinks on curves: a skin lies better."))
            .on(FABRIC, Fit.poor("It holds a while, then lifts."))
            .elsewhere("Tape wants a smooth, flat, dry place.")
            .wish(Wish.DISTORTED, Fit.sound("Wrinkle and overlap at will."))
            .wish(Wish.TORN, Fit.care("Tape does not tear: cut it."))
            .fails(Symptom.TORN, "Strips part in the water", "butted, not overlapped", "Overlap at least 3 mm, 5 is good.")
            .fails(Symptom.BARE, "White where it should be dark", "air: not burnished", "Burnish hard: well-stuck areas darken.")
            .fails(Symptom.STICKY, "No longer sticky", "fibre left, or dust", "A little gel medium or glue under the darks, or fasteners.")
            .alsoCalled("packing tape transfer", "clear tape", "tape transfer", "sticky transfer").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return Rubbing.dials(brief, new Dial("soak", "soak", Preset.practice(10, 10, 30, "min"), 2, 600, "Paper holds on: more rubbing, scratches.", "It only gets easier.").at(Where.PAPER),
                new Dial("tape", "width of the tape", Preset.assumed(48, 38, 75, "mm"), 12, 150, "Many seams.", "Hard to lay without air."),
                new Dial("overlap", "overlap of strips", Preset.practice(5, 3, 8, "mm"), 3, 20, "They part in the water.", "Double lines show."));
    }

    @Override
    public void write(Script script) {
        script.print();
        script.tape(script.dial("tape"), Products.TAPE_ADHESIVE);
        script.act("strips", new Step.Cut(ThingKind.TAPE, Cutting.STRIPS, script.dial("overlap")), "Cut the strips", "Longer than the picture; overlapping, never butted.", 2);
        script.act("lay-tape", new Step.Join(Face.TAPE_BACK, Face.PRINT_FRONT, false), "Lay the tape on the face", "No air, no wrinkles; a border of paper all round.", 2);
        script.act("burnish", new Step.Press(Face.PRINT_BACK, Tool.SPOON), "Burnish hard", "Spoon or bone: well-stuck areas darken.", 4,
                Answer.goOn("All of it has darkened", "").telling(TellTale.BURNISH, 0), Answer.rescue("Silvery spots", "Air: burnish again, or prick and press.").telling(TellTale.BURNISH, 1));
        script.act("trim-paper", new Step.Cut(ThingKind.PRINT, Cutting.TRIM), "Trim the paper border", "So that water gets in from the edges.", 1);
        boolean soak = script.chose(WATER, "soak");
        script.rubbing(Rubbing.misted(Face.TAPE_BACK, Rubbing.planned(script), "place").with(soak ? Tool.TRAY : Tool.SPRAY_BOTTLE, soak ? Bath.TRAY : Bath.SURFACE,
                soak ? script.dial("soak") : 5, null).saying(8, "Roll it off with the fingers; the whole sheet may peel in one: fine. Pulp in the bin, not down the sink."));
        script.act("place", new Step.Cut(ThingKind.TAPE, Cutting.TRIM), "Cut it to shape", "A clear border, or tight to the image.", 2);
        Edges.cut(script, ThingKind.TAPE);
        script.support();
        if (script.chose(STICK, "gel")) {
            script.bed("gel", Step.coat(Face.SUPPORT_FRONT, Products.GLOSS_GEL, 60, Tool.FINGERS), "A little gel under the darks", "A fingertip of it.", 1);
        }
        script.act("stick", new Step.Join(Face.TAPE_BACK, Face.SUPPORT_FRONT, true), "Stick it into place", "One edge first, smooth it down.", 1,
                Answer.goOn("It holds", ""), Answer.rescue("It lifts at the edges", "A little gel medium or glue under the darks, or fasteners."));
        if (script.chose(STICK, "gel")) {
            script.open("gel", "stick", Face.SUPPORT_FRONT, Stage.OPEN, 5, "Lay it while the gel is wet.");
        }
        script.act("smooth", new Step.Press(Face.SUPPORT_FRONT, Tool.SOFT_CLOTH), "Smooth it down", "From the middle; kinks lie flat under a card.", 1);
        script.act("look", new Step.Judge(Face.SUPPORT_FRONT), "Look at it", "A soft ghost of fibre may stay in the lights.", 1);
    }
}
