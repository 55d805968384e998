package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindveil.product.Products;
import kindveil.bench.Step;
import kindveil.way.Window;
import org.junit.jupiter.api.Test;

class PlateToTissueTest {
    private final WayFacts facts = WayFacts.of("plate-to-tissue");

    @Test
    void tissue_isLaidStraightAfterTheLift_withNothingBetween() {
        assertEquals(facts.keys().indexOf("lift") + 1, facts.keys().indexOf("lay-tissue"));
        facts.kind("lift", "lay-tissue", Window.Open.class);
    }

    @Test
    void secondColour_isThereNone() {
        long coats = facts.trace.moments().stream().filter(m -> m.act().step() instanceof Step.Apply).count();
        assertEquals(1, coats);
        assertTrue(facts.millilitres(Products.PLATE_PAINT) > 0);
    }

    @Test
    void rubbing_isNotMadeWet() {
        assertTrue(!facts.has(Step.Wet.class) && !facts.has(Step.RubAway.class));
    }
}
