package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindveil.bench.Step;
import kindveil.bench.Step.Cutting;
import kindveil.bench.Support;
import kindveil.bench.Tool;
import org.junit.jupiter.api.Test;

class CurvedSkinTest {
    private final WayFacts facts = WayFacts.of("curved-skin");

    @Test
    void skin_isTwoThinCoats_spreadWithTheFinger() {
        assertEquals(2, facts.keys().stream().filter(k -> k.matches("coat-\\d")).count());
        assertTrue(facts.act("coat-1").step() instanceof Step.Apply a && a.tool() == Tool.FINGERS && a.wetMicrometres() < 110);
    }

    @Test
    void form_isTheSupport_andItIsSealedOverAndVarnished() {
        assertEquals(Support.FORM, facts.brief.support());
        WayFacts varnished = facts.with("sealing", "gloss-varnish");
        varnished.order("lay", "press", "seal-skin", "finish", "seal");
        assertTrue(varnished.refusals().isEmpty());
    }

    @Test
    void reliefCuts_comeBeforeTheGlue() {
        WayFacts cut = facts.with("relief", "cuts");
        assertTrue(cut.act("relief").step() instanceof Step.Cut c && c.how() == Cutting.RELIEF_CUTS);
        cut.order("trim-skin", "relief", "glue", "lay");
    }
}
