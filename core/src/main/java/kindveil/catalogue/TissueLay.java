package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Face;
import kindveil.product.Products;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.measure.Preset;
import kindveil.way.Answer;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Choice.Option;
import kindveil.way.Dial;
import kindveil.way.Fit;
import kindveil.way.Schools;
import kindveil.way.Script;
import kindveil.way.Where;
import kindveil.way.Symptom;
import kindveil.way.Tinting;
import kindveil.way.Way;
import kindveil.way.WayCard;
import kindveil.way.Wish;

/** Laser-printed tissue under and over thin stiffening medium. Printed side up reads right. */
final class TissueLay implements Way {
    private static final Choice SIDE = new Choice("side", "Printed side", Where.IMAGE, List.of(
            new Option("up", "up", "crisp, reads right", "toner lies near the surface"),
            new Option("down", "down", "softened by the tissue", "mirrored: print it mirrored")));
    private static final WayCard CARD = WayCard.transfer("tissue-lay", "Tissue lay")
            .does("Laser-printed tissue wetted out between two coats of thin medium turns half-transparent, and its edges vanish under paint.")
            .softens(0.1).print(PrintKind.TISSUE_TONER)
            .choices(SIDE, Schools.HURRY, Finishing.SEALING, Tinting.CHOICE).pots(Tinting.POT)
            .on(CANVAS, BIRCH_PANEL, WATERCOLOUR_PAPER, COATED_BOARD, JOURNAL_PAGE, PRINTMAKING_PAPER)
            .on(FORM, Fit.care("In small torn pieces."))
            .on(FABRIC, GAUZE)
            .on(SYNTHETIC_SHEET, Fit.no("Nothing holds tissue on plastic: the medium peels off with it."))
            .elsewhere("It needs a face that thin medium wets.")
            .wish(Wish.TORN, Fit.sound("Tears and creases belong to it."))
            .fails(Symptom.TORN, "It tears", "rubbed while wet", "Lay it from the middle with a soft brush; never rub.")
            .fails(Symptom.BUBBLES, "White creases", "air and dry spots", "A little more medium from above.")
            .fails(Symptom.REFUSES, "It jams in the printer", "not mounted on a carrier sheet", "A removable adhesive on copy paper; laser only.")
            .alsoCalled("tissue paper collage", "printed tissue", "napkin", "rice paper").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return List.of(Tinting.dials(chosen(brief, Tinting.CHOICE.key()), new Dial("coat", "each coat, wet", Preset.assumed(80, 60, 110, "µm"), 30, 200, "Dry spots stay white.", "It swims and creases.")));
    }

    @Override
    public void write(Script script) {
        boolean up = script.chose(SIDE, "up");
        script.print();
        Tinting.stir(script, Products.STIFFENING_MEDIUM);
        script.support();
        script.bed("under", Tinting.coat(script, Step.coat(Face.SUPPORT_FRONT, Products.STIFFENING_MEDIUM, script.dial("coat"), Tool.BRUSH)), "Brush on thin medium", "A little beyond the tissue.", 1.5);
        script.act("lay", new Step.Join(up ? Face.PRINT_BACK : Face.PRINT_FRONT, Face.SUPPORT_FRONT, true), "Lay the tissue, printed side " + (up ? "up" : "down"), "From the middle outwards; let it fall.", 1);
        script.open("under", "lay", Face.SUPPORT_FRONT, Stage.OPEN, 6, "It must wet out from below.");
        script.bed("over", Tinting.coat(script, Step.coat(Face.SUPPORT_FRONT, Products.STIFFENING_MEDIUM, script.dial("coat"), Tool.FOAM_ROLLER)), "Medium over it", "A soft roller or brush, hardly touching: it tears wet.", 1.5,
                Answer.goOn("Half-transparent all over", ""), Answer.rescue("White spots", "A drop of medium, and wait."));
        script.wash("under", "over");
        script.dry("over", Finishing.FIRST, Face.SUPPORT_FRONT, Stage.RECOAT, 20, 60, "Painting over wet tissue tears it.");
        new Finishing(false).write(script);
    }
}
