package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import kindveil.product.Hazard;
import kindveil.bench.Step;
import kindveil.bench.Tool;
import kindveil.reading.CautionReading;
import org.junit.jupiter.api.Test;

class FixedInkjetLayTest {
    private final WayFacts facts = WayFacts.of("fixed-inkjet-lay");

    @Test
    void soak_isThreeMinutes_neverPastFour() {
        facts.defaults("soak", 3, 2, 4, "min");
        assertEquals(Duration.ofMinutes(3), facts.wait("pass-1-wet", "pass-1-rub").times().earliest());
        assertEquals(Duration.ofMinutes(4), facts.wait("pass-1-wet", "pass-1-rub").times().latest());
    }

    @Test
    void fixative_isSprayedOutdoorsAndDryBeforeTheGel() {
        assertTrue(facts.act("fix").title().contains("outdoors"));
        assertTrue(CautionReading.of(facts.act("fix").step()).contains(Hazard.SPRAY));
        facts.neverBefore("fix", "bed", Duration.ofMinutes(20));
    }

    @Test
    void pressing_isWithACloth_andTheSheetIsCutOutForCollage() {
        assertTrue(facts.act("press").step() instanceof Step.Press p && p.tool() == Tool.SOFT_CLOTH);
        facts.order("pass-1-rub", "cut-out", "look");
        assertTrue(facts.trace.mostPasses() <= 2, "every bath fades it");
    }
}
