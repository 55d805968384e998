package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import kindveil.bench.Face;
import kindveil.bench.Layer;
import kindveil.product.Products;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import org.junit.jupiter.api.Test;

class BlockGuideTest {
    private final WayFacts facts = WayFacts.of("block-guide");

    @Test
    void gel_isThin_andTheBlockDryBeforeIt() {
        facts.defaults("bed", 60, 40, 80, "µm");
        facts.neverBefore("wet-sand", "coat-print", Duration.ofHours(1));
    }

    @Test
    void tonerIsCoatedToo_inkjetIsNot() {
        assertTrue(facts.keys().contains("coat-print"));
        assertTrue(facts.with(facts.brief.with(PrintKind.MAGAZINE)).trace.moment("coat-print").isEmpty());
    }

    @Test
    void weight_liesOvernight_andTheBlockIsCarvedDry() {
        facts.order("load", "unload", "pass-1-wet", "pass-1-rub", "carve", "ink", "lay-sheet", "pull");
        facts.neverBefore("load", "unload", Duration.ofHours(10));
        facts.neverBefore("pass-1-rub", "carve", Duration.ofHours(1));
    }

    @Test
    void proof_takesTheInk_theGuideStaysOnTheBlock() {
        var end = facts.trace.end();
        assertTrue(end.layers(Face.IMPRESSION, Layer.Coating.class).stream().allMatch(c -> c.product() == Products.WATER_INK));
        assertEquals(1, end.layers(Face.IMPRESSION).size());
        assertEquals(1, end.layers(Face.SUPPORT_FRONT, Layer.Image.class).size());
        assertTrue(!end.has(ThingKind.PRINT) && facts.has(Step.Cut.class));
    }
}
