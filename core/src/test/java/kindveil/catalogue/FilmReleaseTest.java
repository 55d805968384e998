package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import kindveil.product.Hazard;
import kindveil.product.Products;
import kindveil.bench.Preparation;
import kindveil.bench.Step;
import kindveil.bench.Support;
import kindveil.bench.Tool;
import kindveil.way.ActId;
import kindveil.measure.Length;
import kindveil.reading.AmountReading;
import kindveil.reading.CautionReading;
import kindveil.way.Window;
import org.junit.jupiter.api.Test;

class FilmReleaseTest {
    private final WayFacts facts = WayFacts.of("film-release");

    @Test
    void dwell_isTwoSided_twoMinutes() {
        facts.defaults("dwell", 120, 110, 150, "s");
        facts.kind("lay", "peel", Window.Dwell.class);
        assertEquals(Duration.ofSeconds(120), facts.wait("lay", "peel").times().earliest());
        assertEquals(Duration.ofSeconds(150), facts.wait("lay", "peel").times().latest());
    }

    @Test
    void solution_isMixedHoursAhead_oneToEight() {
        facts.neverBefore("mix", "bed", Duration.ofHours(3));
        var batch = AmountReading.of(facts.trace, Samples.WIDTH, Samples.HEIGHT).batch(ActId.first("mix")).orElseThrow();
        assertEquals(8, batch.shares().get(1).volume().millilitres() / batch.shares().get(0).volume().millilitres(), 1e-9);
        assertEquals(facts.millilitres(Products.RELEASE_SOLUTION), batch.volume().millilitres(), 1e-9);
    }

    @Test
    void solution_growsWithTheArea_theDwellDoesNot() {
        double small = AmountReading.of(facts.trace, Length.ofMillimetres(100), Length.ofMillimetres(100)).of(Products.RELEASE_SOLUTION).millilitres();
        double large = AmountReading.of(facts.trace, Length.ofMillimetres(200), Length.ofMillimetres(200)).of(Products.RELEASE_SOLUTION).millilitres();
        assertTrue(large > 3 * small && large < 4 * small, small + " " + large);
    }

    @Test
    void metal_isPreparedAndRolledWithoutFingers_gauzeIsTapedAndMoved() {
        var metal = facts.with(facts.brief.with(Support.METAL));
        assertTrue(metal.act("degrease").step() instanceof Step.Prepare p && p.what() == Preparation.DEGREASE);
        assertTrue(metal.act("press").step() instanceof Step.Press p && p.tool() != Tool.FINGERS);
        assertEquals(java.util.List.of(), metal.refusals());
        var gauze = facts.with(facts.brief.with(Support.GAUZE));
        gauze.order("tape-down", "bed", "peel", "move");
        assertEquals(java.util.List.of(), gauze.refusals());
    }

    @Test
    void alcohol_carriesItsCaution() {
        assertTrue(CautionReading.of(facts.act("mix").step()).contains(Hazard.FLAMMABLE));
        assertTrue(CautionReading.of(facts.act("bed").step()).containsAll(java.util.List.of(Hazard.FLAMMABLE, Hazard.KITCHEN)));
    }
}
