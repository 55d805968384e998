package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import kindveil.bench.Face;
import kindveil.product.Hazard;
import kindveil.bench.Layer;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.light.Colour;
import kindveil.reading.CautionReading;
import kindveil.reading.LookState;
import kindveil.reading.StackReading;
import org.junit.jupiter.api.Test;

class TapeLiftTest {
    private final WayFacts facts = WayFacts.of("tape-lift");

    @Test
    void defaults_areThoseOfPractice() {
        facts.defaults("soak", 10, 10, 30, "min");
        facts.defaults("overlap", 5, 3, 8, "mm");
        facts.order("strips", "lay-tape", "burnish", "trim-paper", "pass-1-wet", "pass-1-rub", "place", "stick");
        facts.neverBefore("pass-1-wet", "pass-1-rub", Duration.ofMinutes(10));
    }

    @Test
    void rub_leavesTonerOnTheTape_withTheFibreBehindIt() {
        var after = facts.trace.moment("pass-1-rub").orElseThrow().after();
        assertTrue(!after.has(ThingKind.PRINT));
        assertEquals(1, after.layers(Face.TAPE_BACK, Layer.Image.class).size());
        assertTrue(after.layers(Face.TAPE_BACK).getLast() instanceof Layer.Residue);
    }

    @Test
    void dryFibre_whitensTheLights_notTheDarks() {
        StackReading dried = StackReading.of(LookState.DRIED.bench(facts.trace, 1));
        StackReading wet = StackReading.of(LookState.WET.bench(facts.trace, 1));
        Colour page = Colour.parse("g", "#7d6a48");
        assertTrue(dried.at(page, 0).lab().lightness() > wet.at(page, 0).lab().lightness() + 8);
        assertTrue(dried.at(page, 1).lab().lightness() < 45);
    }

    @Test
    void strips_areCutFromTheTapeThatIsSetOut() {
        var strips = kindveil.reading.TapeReading.of(facts.trace, Samples.WIDTH, Samples.HEIGHT).orElseThrow();
        assertEquals(3, strips.places().size());
        assertTrue(strips.overlap().millimetres() >= 5);
        var wide = facts.with(facts.brief.dialled("tape", 75));
        assertEquals(2, kindveil.reading.TapeReading.of(wide.trace, Samples.WIDTH, Samples.HEIGHT).orElseThrow().places().size());
        assertTrue(kindveil.reading.TapeReading.of(WayFacts.of("gel-lay").trace, Samples.WIDTH, Samples.HEIGHT).isEmpty());
    }

    @Test
    void pulp_goesInTheBin_andSolubleGroundsAreSpared() {
        assertTrue(CautionReading.of(facts.act("pass-1-rub").step()).contains(Hazard.PULP));
        assertTrue(facts.with(facts.brief.with(kindveil.bench.Ground.WATER_SOLUBLE)).refusals().isEmpty());
    }

    @Test
    void gel_fillsTheFibreWhereItIsLaid() {
        var end = facts.with("stick", "gel").trace.end();
        assertTrue(end.layers(Face.SUPPORT_FRONT, Layer.Residue.class).stream().allMatch(r -> r.filling() == kindveil.light.Fibre.Filling.ACRYLIC));
        assertTrue(facts.trace.moments().stream().anyMatch(m -> m.act().step() instanceof Step.Join j && j.forGood()));
    }
}
