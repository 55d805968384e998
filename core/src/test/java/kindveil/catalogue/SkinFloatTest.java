package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import kindveil.product.Hazard;
import kindveil.bench.ThingKind;
import kindveil.way.ActId;
import kindveil.reading.AmountReading;
import kindveil.reading.CautionReading;
import org.junit.jupiter.api.Test;

class SkinFloatTest {
    private final WayFacts facts = WayFacts.of("skin-float");

    @Test
    void hotSoak_isFourHours_orOvernight_andScalds() {
        facts.neverBefore("hot", "float", Duration.ofHours(4));
        facts.with("soak", "overnight").neverBefore("hot", "float", Duration.ofHours(8));
        assertTrue(CautionReading.of(facts.act("hot").step()).contains(Hazard.SCALD));
    }

    @Test
    void support_isCoatedTwiceDuringTheSoak() {
        facts.order("hot", "coat-1", "coat-2", "float", "catch");
        assertTrue(facts.trace.moment("coat-2").orElseThrow().end().compareTo(facts.trace.moment("float").orElseThrow().start()) <= 0);
    }

    @Test
    void secondTray_isOneToSixteen() {
        var batch = AmountReading.of(facts.trace, Samples.WIDTH, Samples.HEIGHT).batch(ActId.first("bath")).orElseThrow();
        assertEquals(16, batch.shares().get(1).volume().millilitres() / batch.shares().get(0).volume().millilitres(), 1e-9);
    }

    @Test
    void float_leavesASkinWithoutItsPaper() {
        var after = facts.trace.moment("float").orElseThrow().after();
        assertTrue(after.has(ThingKind.SKIN) && !after.has(ThingKind.PRINT));
        assertTrue(!facts.trace.end().has(ThingKind.SKIN), "it has become part of the sheet");
    }
}
