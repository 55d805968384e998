package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.product.Products;
import kindveil.bench.Step;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.measure.Preset;
import kindveil.way.Answer;
import kindveil.way.Brief;
import kindveil.way.Dial;
import kindveil.way.Fit;
import kindveil.way.Pot;
import kindveil.way.Script;
import kindveil.way.Where;
import kindveil.way.Symptom;
import kindveil.way.Way;
import kindveil.way.WayCard;

/** Thick medium poured over dry paste and heated while wet until it cracks. */
final class HeatCrackle implements Way {
    private static final WayCard CARD = WayCard.overOrUnder("heat-crackle", "Heat crackle")
            .does("Thick medium poured over dry paste in the same colours, sprayed with soluble ink and heated while wet, further away first.")
            .ground(Ground.GESSO).pots(Pot.of("pour", "Pour", "#e9dfc8"), Pot.of("ink", "Spray ink", "#4b3a2a"))
            .on(BIRCH_PANEL, COATED_BOARD, CANVAS)
            .on(WATERCOLOUR_PAPER, Fit.care("Taped flat: it cockles with the heat."))
            .elsewhere("Heat spoils thin, bound, woven or melting things; not near tissue.")
            .fails(Symptom.CRACKED, "No cracks", "dried before it was heated", "Heat at once, while it is wet.")
            .fails(Symptom.CRACKED, "Scorch", "too close", "20 cm and more, always moving.")
            .alsoCalled("crackle", "craquelure", "heat gun").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return List.of(
                new Dial("pour", "pour, wet", Preset.assumed(1200, 800, 2000, "µm"), 300, 4000, "Too thin to crack.", "Bubbles, days to dry."),
                new Dial("distance", "heat tool's distance", Preset.practice(25, 20, 30, "cm"), 12, 60, "Paper bubbles and scorches.", "It only warms.").at(Where.DRYING),
                new Dial("closer", "and then, closer", Preset.assumed(21, 18, 25, "cm"), 12, 60, "It bubbles before it cracks.", "No closer than before: fewer cracks.").at(Where.DRYING));
    }

    @Override
    public void write(Script script) {
        script.support();
        script.coat("paste", Step.coat(Face.SUPPORT_FRONT, Products.STENCIL_PASTE, 500, Tool.SPREADER).of(script.tint("pour")), "Paste below", "Level and dry before the pour.", 4);
        script.bed("pour", Step.coat(Face.SUPPORT_FRONT, Products.CRACKLE_MEDIUM, script.dial("pour"), Tool.POURING_CUP).of(script.tint("pour")), "Pour the thick medium", "In the same colours.", 3);
        script.dry("paste", "pour", Face.SUPPORT_FRONT, Stage.THROUGH, 240, 600, "Wet paste lifts with the pour.");
        script.act("ink", Step.coat(Face.SUPPORT_FRONT, Products.SOLUBLE_INK, 10, Tool.SPRAY_CAN).of(script.tint("ink")), "Spray the soluble ink", "Here and there.", 1);
        script.act("heat", new Step.Heat(Face.SUPPORT_FRONT, script.dial("distance"), java.time.Duration.ofMinutes(4)), "Heat it while wet", "Further away first; not near tissue.", 4,
                Answer.goOn("It skins over", ""), Answer.rescue("It bubbles", "Further away; prick them."));
        script.act("heat-closer", new Step.Heat(Face.SUPPORT_FRONT, script.dial("closer"), java.time.Duration.ofMinutes(4)), "Then closer", "Always moving, until it cracks.", 4,
                Answer.goOn("It cracks", ""), Answer.rescue("It bubbles", "Further away; prick them."));
        script.open("pour", "heat", Face.SUPPORT_FRONT, Stage.OPEN, 5, "It cracks only when heated wet.");
        script.act("sponge", new Step.Blot(Face.SUPPORT_FRONT), "Sponge colour off", "When it is dry; cracks keep it.", 3);
        script.dry("heat-closer", "sponge", Face.SUPPORT_FRONT, Stage.TOUCH_DRY, 240, 600, "Wet, the sponge takes everything.");
        script.act("look", new Step.Judge(Face.SUPPORT_FRONT), "Look at it", "Soluble ink is fixed by spray before any wet coat.", 1);
    }
}
