package kindveil.finish;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindveil.bench.Bench;
import kindveil.bench.Support;
import kindveil.catalogue.Catalogue;
import kindveil.catalogue.Samples;
import kindveil.measure.Length;
import kindveil.way.Brief;
import kindveil.way.Sequence;
import kindveil.way.Trace;
import org.junit.jupiter.api.Test;

class HangingReadingTest {
    private static Bench end(Support support, String... ways) {
        return Trace.of(Sequence.on(Samples.usual(Catalogue.way(ways[0])).with(support).base(), java.util.Arrays.stream(ways).map(way -> {
            Brief brief = Samples.usual(Catalogue.way(way)).with(support);
            return new Sequence.Part(Catalogue.way(way), brief);
        }).toList()).expand()).end();
    }

    /** A birch panel of 30 by 40 cm at 2700 g/m² is 324 g; two thin coats add some grams, cast resin some hundreds. */
    @Test
    void panelWeighsItsWood_andWhatLiesOnIt() {
        HangingReading panel = HangingReading.of(end(Support.BIRCH_PANEL, "gel-lay"), Length.ofMillimetres(300), Length.ofMillimetres(400));
        assertTrue(panel.grams() > 324 && panel.grams() < 350, String.valueOf(panel.grams()));
        assertEquals(2 * panel.grams(), panel.rated(), 1e-9);
        assertEquals(panel.grams(), panel.wire(), 1e-9, "at thirty degrees each side pulls as much as all of it");
        assertFalse(panel.framed());
        HangingReading larger = HangingReading.of(end(Support.BIRCH_PANEL, "gel-lay"), Length.ofMillimetres(600), Length.ofMillimetres(400));
        assertEquals(2 * panel.grams(), larger.grams(), 1e-9);
        assertTrue(HangingReading.of(end(Support.BIRCH_PANEL, "gel-lay", "resin-pour"), Length.ofMillimetres(300), Length.ofMillimetres(400)).grams() > panel.grams() + 150);
        assertTrue(HangingReading.of(end(Support.WATERCOLOUR_PAPER, "gel-lay"), Length.ofMillimetres(300), Length.ofMillimetres(400)).framed());
    }
}
