package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Extent;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.product.Products;
import kindveil.product.Mixtures;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.bench.Step.Bath;
import kindveil.bench.Step.Soluble;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.measure.Preset;
import kindveil.way.Answer;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Choice.Option;
import kindveil.way.Dial;
import kindveil.way.Fit;
import kindveil.way.Script;
import kindveil.way.Where;
import kindveil.way.Symptom;
import kindveil.way.Way;
import kindveil.way.WayCard;
import kindveil.way.Wish;

/** The dye layer of a dye-sublimation print floats off in hot water and is caught on a receptive coat. Reads right. */
final class SkinFloat implements Way {
    private static final Choice NIGHT = new Choice("soak", "The hot soak", Where.PAPER, List.of(
            new Option("hours", "about four hours", "done in a day", "hot water topped up"),
            new Option("overnight", "overnight", "floats by itself", "a tray covered and labelled all night")));
    private static final String AGAIN = "again";
    private static final Choice FOLDS = new Choice("folds", "Its folds", Where.LAYING, List.of(
            new Option("first", "as they come at the first lift", "the skin is handled once", "a fold may lie where none is wanted"),
            new Option(AGAIN, "dipped again until they lie", "each fold where you want it", "every dip is another chance to tear")), true);
    private static final WayCard CARD = WayCard.transfer("skin-float", "Skin float")
            .does("The dye skin of a dye-sublimation photo print floats off in hot water; a coated support is slid under it and lifts it with its folds.")
            .softens(0.05).print(PrintKind.DYE_SUBLIMATION).ground(Ground.RAW)
            .choices(NIGHT, FOLDS)
            .on(WATERCOLOUR_PAPER, PRINTMAKING_PAPER)
            .on(SYNTHETIC_SHEET, Fit.sound("Closed and smooth: coated twice, it holds the skin flat."))
            .on(METAL, Fit.care("Degreased and scuffed; coated twice."))
            .on(FABRIC, Fit.care("Stretched over something hard."))
            .elsewhere("The support is slid under water: loose, and bearing it.")
            .wish(Wish.DISTORTED, Fit.sound("Folds and stretch are what it is made for."))
            .wish(Wish.CLEAN, Fit.care("Some fold always stays."))
            .fails(Symptom.REFUSES, "It will not float", "another kind of photo print", "Only dye-sublimation prints have the skin.")
            .fails(Symptom.TORN, "It tears", "turned over, or lifted with fingers", "Never turn it; water moves it.")
            .fails(Symptom.BUBBLES, "Silvery bubbles", "water below", "Brayer from the middle, rising pressure; blot the edges.")
            .alsoCalled("emulsion lift", "photo skin", "floating image", "instant photo lift").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return List.of(
                new Dial("coat", "each receptive coat, wet", Preset.assumed(60, 50, 80, "µm"), 30, 150, "It does not hold.", "It creeps into the folds."),
                new Dial("wetting", "water to one part wetting agent", Preset.practice(16, 12, 20, "parts"), 4, 60, "It foams.", "The skin clings to itself.").at(Where.LAYING));
    }

    @Override
    public void write(Script script) {
        script.meanwhile(() -> {
            script.print();
            script.act("hot", new Step.Wet(Face.PRINT_BACK, Tool.HOT_TRAY, Bath.HOT_TRAY), "Lay it in very hot water, covered", "Label the tray. Top up with hot water.", 3);
            script.act("float", new Step.Dissolve(Face.PRINT_FRONT, Soluble.SUBLIMED_DYE), "Float the skin off", "It comes by itself; never turn it over.", 5,
                    Answer.goOn("It floats free", ""), Answer.rescue("It holds", "Hotter water, and another hour."));
            script.soak("hot", "float", script.chose(NIGHT, "overnight") ? 480 : 240, null, "About four hours, or overnight.");
        }, () -> {
            script.support();
            for (int coat = 1; coat <= 2; coat++) {
                script.coat("coat-" + coat, Step.coat(Face.SUPPORT_FRONT, Products.RECEPTIVE_COAT, script.dial("coat"), Tool.BRUSH).reaching(Extent.BEYOND),
                        "Receptive coat " + coat, "Thin, crossed.", 2);
            }
            script.dry("coat-1", "coat-2", Face.SUPPORT_FRONT, Stage.RECOAT, 20, 30, "A coat on a wet one drags it.");
        });
        script.mix("bath", Mixtures.WETTING_BATH.with(1, script.dial("wetting")), 0, "Second tray: water and wetting agent", "It lets the folds slide.");
        script.act("catch", new Step.Join(Face.SKIN_BACK, Face.SUPPORT_FRONT, true), "Slide the support under, and lift", script.chose(FOLDS, AGAIN) ? "A white tray shows where the skin is. Sink it, move a fold with water, lift again." : "A white tray shows where the skin is. Arrange the folds with water.",
                script.chose(FOLDS, AGAIN) ? 10 : 4);
        script.dry("coat-2", "catch", Face.SUPPORT_FRONT, Stage.RECOAT, 20, 60, "Dry, or the skin sinks in.");
        script.act("press", new Step.Press(Face.SUPPORT_FRONT, Tool.BRAYER), "Brayer lightly from the middle", "On something hard; drive the water out, rising pressure.", 3);
        script.act("blot", new Step.Blot(Face.SUPPORT_FRONT), "Blot the edges", "No rubbing.", 1);
        script.act("look", new Step.Judge(Face.SUPPORT_FRONT), "Look at it, dry", "Scan it to enlarge: a result can be a source again.", 1);
        script.sheetDries("blot", "look", false, 240, 600, "A sheet that was in the tray is wet to the core.");
    }
}
