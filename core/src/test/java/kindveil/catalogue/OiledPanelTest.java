package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import kindveil.product.Products;
import kindveil.bench.Step;
import kindveil.light.Colour;
import kindveil.reading.LookState;
import kindveil.reading.StackReading;
import org.junit.jupiter.api.Test;

class OiledPanelTest {
    private final WayFacts facts = WayFacts.of("oiled-panel");

    @Test
    void undercoats_areTwo_thin_tenToFifteenMinutesEach() {
        facts.order("undercoat-1", "undercoat-2", "bed");
        Duration advised = facts.wait("undercoat-1", "undercoat-2").times().advised();
        assertTrue(advised.compareTo(Duration.ofMinutes(10)) >= 0 && advised.compareTo(Duration.ofMinutes(30)) <= 0, advised.toString());
    }

    @Test
    void rubbing_waitsAnHourAtTheVeryLeast_overnightAdvised() {
        facts.neverBefore("press", "pass-1-wet", Duration.ofHours(1));
        assertTrue(facts.wait("press", "pass-1-wet").times().advised().compareTo(Duration.ofHours(8)) >= 0);
    }

    @Test
    void rounds_areTwo_fiveMinutesEach_andTheOilIsLast() {
        assertEquals(2, facts.trace.plannedPasses());
        assertEquals(Duration.ofMinutes(5), facts.act("pass-1-rub").handsOn());
        facts.order("pass-2-judge", "finish", "oil", "look");
        assertTrue(facts.act("oil").step() instanceof Step.Infuse oil && oil.agent() == Products.MINERAL_OIL);
    }

    @Test
    void oil_bringsTheDarksBack() {
        Colour wood = Colour.parse("wood", "#d9b98a");
        double dried = StackReading.of(LookState.DRIED.bench(facts.trace, 2)).at(wood, 1).lab().lightness();
        double oiled = StackReading.of(LookState.CLEARED.bench(facts.trace, 2)).at(wood, 1).lab().lightness();
        assertTrue(dried - oiled >= 20, dried + " to " + oiled);
        assertEquals(List.of(LookState.WET, LookState.DRIED, LookState.CLEARED, LookState.RAKED), LookState.of(facts.trace));
    }
}
