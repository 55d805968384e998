package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import kindveil.product.Hazard;
import kindveil.bench.Step;
import kindveil.light.Colour;
import kindveil.reading.CautionReading;
import kindveil.reading.LookState;
import kindveil.reading.StackReading;
import org.junit.jupiter.api.Test;

class GessoBedTest {
    private final WayFacts facts = WayFacts.of("gesso-bed");

    @Test
    void bed_isThick() {
        facts.defaults("bed", 500, 400, 600, "µm");
    }

    @Test
    void lights_turnWhiteOnAnyGround() {
        StackReading stack = StackReading.of(LookState.WET.bench(facts.trace, 3));
        for (String ground : List.of("#101418", "#7a2018", "#c9b48a")) {
            double light = stack.at(Colour.parse("g", ground), 0).lab().lightness();
            assertTrue(light > 75, ground + " gives " + light);
        }
    }

    @Test
    void water_waitsUntilCompletelyDry_overnightOrHours() {
        facts.neverBefore("press", "pass-1-wet", Duration.ofHours(4));
        assertEquals("Completely dry before water: the number one failure.", facts.wait("press", "pass-1-wet").window().why());
    }

    @Test
    void heat_isAtTwentyToTwentyFive_andBringsItToTensOfMinutes() {
        WayFacts hot = facts.with("hurry", "heat");
        assertTrue(hot.act("heat").step() instanceof Step.Heat heat && heat.centimetres() >= 20 && heat.centimetres() <= 25);
        assertTrue(CautionReading.of(hot.act("heat").step()).contains(Hazard.HEAT));
        assertTrue(hot.wait("heat", "pass-1-wet").times().advised().compareTo(Duration.ofHours(2)) < 0);
        assertEquals(List.of(), hot.refusals());
    }
}
