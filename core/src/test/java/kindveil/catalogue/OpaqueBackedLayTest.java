package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import kindveil.light.Colour;
import kindveil.light.ColourDifference;
import kindveil.reading.LookState;
import kindveil.reading.StackReading;
import org.junit.jupiter.api.Test;

class OpaqueBackedLayTest {
    private final WayFacts facts = WayFacts.of("opaque-backed-lay");

    @Test
    void backing_isThreeCoats_dried_thenOvernight() {
        facts.defaults("coats", 3, 2, 4, "coats");
        facts.order("opaque-1", "opaque-2", "opaque-3", "face", "bed-2", "lay", "press");
        facts.neverBefore("opaque-1", "opaque-2", Duration.ofMinutes(15));
        facts.neverBefore("press", "pass-1-wet", Duration.ofHours(8));
    }

    @Test
    void backedParts_lookAlikeOnAnyGround_theSurroundDoesNot() {
        StackReading stack = StackReading.of(LookState.WET.bench(facts.trace, 4));
        int backed = stack.covers().getFirst().mask().part() == kindveil.bench.Mask.Part.BACKED ? 0 : 1;
        double[] on = backed == 0 ? new double[] {1, 0} : new double[] {0, 1};
        Colour dark = Colour.parse("g", "#1a1f24");
        Colour light = Colour.parse("g", "#e0d4b8");
        assertTrue(ColourDifference.between(stack.at(dark, on).lab(), stack.at(light, on).lab()) < 5, "three white coats nearly hide what is below");
        assertTrue(ColourDifference.between(stack.at(dark, 0, 0).lab(), stack.at(light, 0, 0).lab()) > 30);
        assertEquals(2, stack.covers().size());
    }

    @Test
    void glaze_comesOverAVarnishThatGivesTooth_afterCure() {
        WayFacts glazed = facts.with("glaze", "glazed");
        glazed.order("finish", "tooth", "glaze", "look");
        glazed.neverBefore("finish", "tooth", Duration.ofDays(7));
        assertTrue(glazed.refusals().isEmpty());
    }

    @Test
    void support_isCoatedWhileTheBackingDries() {
        assertTrue(facts.keys().indexOf("bed-1") < facts.keys().indexOf("opaque-3"));
    }
}
