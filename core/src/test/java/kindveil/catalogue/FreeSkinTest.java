package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import kindveil.bench.Face;
import kindveil.bench.Layer;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.light.Colour;
import kindveil.reading.LookState;
import kindveil.reading.StackReading;
import org.junit.jupiter.api.Test;

class FreeSkinTest {
    private final WayFacts facts = WayFacts.of("free-skin");

    @Test
    void coats_areThreeToSix_eachDried_thenFourHoursOfWater() {
        facts.defaults("coats", 4, 3, 6, "coats");
        facts.order("coat-1", "coat-2", "coat-3", "coat-4", "pass-1-wet");
        facts.neverBefore("coat-1", "coat-2", Duration.ofMinutes(20));
        facts.neverBefore("pass-1-wet", "pass-1-rub", Duration.ofHours(4));
        assertEquals(6, facts.with(facts.brief.dialled("coats", 6)).keys().stream().filter(k -> k.matches("coat-\\d")).count());
    }

    @Test
    void firstRub_makesASkinOfItsOwn() {
        var after = facts.trace.moment("pass-1-rub").orElseThrow().after();
        assertTrue(after.has(ThingKind.SKIN) && !after.has(ThingKind.PRINT));
        assertEquals(4, after.layers(Face.SKIN_FRONT, Layer.Coating.class).size());
        assertEquals(1, after.layers(Face.SKIN_BACK, Layer.Residue.class).size());
    }

    @Test
    void fibreBehindTheInk_whitensTheLights_neverTheDarks() {
        WayFacts bare = facts.with(facts.brief.with("sandwich", "no").with("passes", "1"));
        StackReading wet = StackReading.of(LookState.WET.bench(bare.trace, 1));
        Colour ground = Colour.parse("g", "#30404a");
        StackReading more = StackReading.of(LookState.WET.bench(facts.trace, 4));
        assertTrue(wet.at(ground, 0).lab().lightness() >= more.at(ground, 0).lab().lightness());
        assertEquals(more.at(ground, 1).lab().lightness(), wet.at(ground, 1).lab().lightness(), 6);
    }

    @Test
    void underpainting_isTracedAndDryBeforeTheSlurry() {
        WayFacts traced = facts.with("underpainting", "traced");
        assertTrue(traced.has(Step.Outline.class));
        traced.order("trace", "under", "glue", "lay");
    }

    @Test
    void slurry_isMixedInEqualParts_andTheSkinIsPressedWhileItIsWet() {
        facts.order("mix", "glue", "lay", "press");
        assertTrue(facts.wait("glue", "lay").times().latest().compareTo(Duration.ofMinutes(6)) <= 0);
    }
}
