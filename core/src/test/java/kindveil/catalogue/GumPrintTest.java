package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import kindveil.product.Hazard;
import kindveil.bench.Layer;
import kindveil.bench.Mask.Part;
import kindveil.product.Products;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.reading.CautionReading;
import org.junit.jupiter.api.Test;

class GumPrintTest {
    private final WayFacts facts = WayFacts.of("gum-print");

    @Test
    void oil_isAddedByDrops_sixToBeginWith() {
        facts.defaults("drops", 6, 6, 15, "drops");
        facts.order("stations", "let-down", "gum-back", "gum-face", "ink", "lay", "lift");
    }

    @Test
    void ink_sitsOnTheTonerAlone_andTheCopyIsUsedUp() {
        assertTrue(facts.act("ink").step() instanceof Step.Apply a && a.part() == Part.DARKS);
        var end = facts.trace.end();
        assertTrue(!end.has(ThingKind.PRINT));
        assertEquals(Products.LITHO_INK, end.layers(kindveil.bench.Face.SUPPORT_FRONT, Layer.Coating.class).getLast().product());
        assertTrue(end.layers(kindveil.bench.Face.SUPPORT_FRONT, Layer.Image.class).isEmpty());
    }

    @Test
    void linseedRags_carryTheirCaution() {
        assertTrue(CautionReading.of(facts.act("let-down").step()).contains(Hazard.SELF_HEATING));
        assertTrue(CautionReading.of(facts.act("ink").step()).contains(Hazard.SELF_HEATING));
        assertTrue(facts.act("rags").how().contains("under water in a lidded can"));
    }

    @Test
    void ink_driesForADayOrMore() {
        facts.neverBefore("rags", "look", Duration.ofDays(1));
    }
}
