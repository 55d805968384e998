package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Face;
import kindveil.product.Products;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.light.Colour;
import kindveil.measure.Preset;
import kindveil.way.Brief;
import kindveil.way.Dial;
import kindveil.way.Edges;
import kindveil.way.Fit;
import kindveil.way.Rubbing;
import kindveil.way.Schools;
import kindveil.way.Script;
import kindveil.way.Symptom;
import kindveil.way.Tinting;
import kindveil.way.Way;
import kindveil.way.WayCard;
import kindveil.way.Wish;

/** Toner print into thick gesso over dried paint. One contact; the lights turn white. */
final class GessoBed implements Way {
    private static final Colour WHITE = Colour.grey(0.86);
    private static final int OVERNIGHT = 600;
    /** Under a fan (assumed). */
    private static final int FANNED = 360;
    private static final WayCard CARD = WayCard.transfer("gesso-bed", "Gesso bed")
            .does("A toner print laid into thick wet gesso: its lights turn white, undercolour shows where gesso is thin or torn.")
            .softens(0.3).print(PrintKind.PHOTOCOPY)
            .choices(Schools.GROUND, Schools.HURRY_HOT, Schools.PASSES, Finishing.SEALING, Edges.OF_PAPER_IN_A_BED, Edges.OPENING, Edges.REACHES, Schools.PRESSED_BY_CARD, Schools.RUB, Schools.WARMTH, Schools.WETTED, Schools.PAPER_BACK, Schools.BETWEEN, Tinting.CHOICE).pots(Tinting.POT)
            .on(JOURNAL_PAGE, WATERCOLOUR_PAPER, BIRCH_PANEL, CANVAS, COATED_BOARD)
            .on(DRAWING_PAPER, Fit.care("It cockles: tape it down."))
            .elsewhere("Thick gesso needs something flat and absorbent that does not bend.")
            .wish(Wish.CLEAN, Fit.care("Edges come grungy and lights chalky: that is its charm."))
            .wish(Wish.TORN, Fit.sound("Made for it: tear and thin at will."))
            .fails(Symptom.LIFTED, "The image comes off with the paper", "not completely dry: the failure that happens most", "Leave the rest overnight; touch up what is gone.")
            .fails(Symptom.BUBBLES, "Paper bubbles under the heat tool", "held closer than 20 cm", "Further away; press bubbles down while warm.")
            .fails(Symptom.TONES, "No undercolour anywhere", "gesso even and thick", "Leave thin places and bare edges on purpose.")
            .alsoCalled("gesso transfer", "journal transfer", "grungy transfer").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return Rubbing.dials(brief, Tinting.dials(chosen(brief, Tinting.CHOICE.key()), new Dial("bed", "gesso, wet", Preset.assumed(500, 400, 600, "µm"), 150, 1500, "Too thin dries before the print is down.", "Days to dry, cracks.")));
    }

    @Override
    public void write(Script script) {
        script.print();
        Edges.ofPrint(script);
        Tinting.stir(script, Products.GESSO.of(WHITE));
        script.support();
        script.groundSealed(Products.GLOSS_MEDIUM, "bed");
        Edges.mask(script);
        script.bed("bed", Tinting.coat(script, Edges.reaching(script, Step.coat(Face.SUPPORT_FRONT, Products.GESSO, script.dial("bed"), Tool.SPREADER).of(WHITE))),
                "Spread gesso thickly", "Card or knife; uneven is welcome, bare places show the colour below.", 2);
        script.act("lay", new Step.Join(Face.PRINT_FRONT, Face.SUPPORT_FRONT, false), "Lay the print, face down", "At once.", 0.5);
        script.open("bed", "lay", Face.SUPPORT_FRONT, Stage.OPEN, 6, "The print must meet wet gesso.");
        script.act("press", new Step.Press(Face.PRINT_FRONT, Schools.presser(script)), "Rub it down", "Centre outwards; wipe the edges.", 2);
        Edges.unmask(script, "bed");
        script.wash("bed");
        if (script.chose(Schools.HURRY_HOT, Schools.HEAT)) {
            script.act("heat", new Step.Heat(Face.PRINT_BACK, 22, java.time.Duration.ofMinutes(35)), "Heat it, 20 to 25 cm away", "Always moving; closer and the paper bubbles.", 35);
            script.dry("heat", Rubbing.first(script), Face.SUPPORT_FRONT, Stage.THROUGH, 15, 30, "Cool and completely dry before water: the number one failure.");
        } else {
            script.dry("press", Rubbing.first(script), Face.SUPPORT_FRONT, Stage.THROUGH, 4 * 60, script.chose(Schools.HURRY_HOT, Schools.FAN) || script.chose(Schools.HURRY_HOT, Schools.CUPBOARD) ? FANNED : OVERNIGHT, "Completely dry before water: the number one failure.");
        }
        script.rubbing(Rubbing.misted(Face.SUPPORT_FRONT, Rubbing.planned(script), Finishing.FIRST).saying(5, "Mist and rub; gesso is forgiving."));
        new Finishing(false).write(script);
    }
}
