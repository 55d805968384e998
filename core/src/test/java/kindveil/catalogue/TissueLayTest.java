package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindveil.product.Products;
import kindveil.bench.Step;
import kindveil.light.Colour;
import kindveil.reading.StackReading;
import org.junit.jupiter.api.Test;

class TissueLayTest {
    private final WayFacts facts = WayFacts.of("tissue-lay");

    @Test
    void medium_liesUnderAndOverIt_andNoWaterIsUsed() {
        facts.order("under", "lay", "over");
        assertTrue(!facts.has(Step.Wet.class));
        assertEquals(2, facts.trace.moments().stream().filter(m -> m.act().step() instanceof Step.Apply a && a.product() == Products.STIFFENING_MEDIUM).count());
    }

    @Test
    void tissue_letsTheGroundThrough_thoughALittleVeiled() {
        StackReading stack = StackReading.of(facts.trace.end());
        Colour ground = Colour.parse("g", "#3a4a55");
        double seen = stack.at(ground, 0).lab().lightness();
        assertTrue(seen >= ground.lab().lightness() - 12 && seen < ground.lab().lightness() + 15, "ground " + ground.lab().lightness() + " seen " + seen);
    }

    @Test
    void printedSideDown_liesUnderItsTissue() {
        assertEquals("Tissue", StackReading.of(facts.with("side", "down").trace.end()).layers().get(1).name());
        assertEquals("Toner", StackReading.of(facts.trace.end()).layers().get(1).name());
    }
}
