package kindveil.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import kindveil.catalogue.Catalogue;
import kindveil.drying.Room;
import kindveil.measure.Length;
import kindveil.way.Brief;
import kindveil.way.Trace;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;

class CrackReadingTest {
    private static CrackReading last(String way, double thick, double far, double close, String hurry) {
        Way of = Catalogue.way(way);
        Brief brief = Brief.usual(of, Length.ofMillimetres(120), Length.ofMillimetres(160), Room.of(21, 50));
        brief = way.equals("heat-crackle") ? brief.dialled("pour", thick).dialled("distance", far).dialled("closer", close) : brief.dialled("paste", thick).with("hurry", hurry);
        return CrackReading.of(Trace.of(of.expand(brief))).getLast();
    }

    /** Thicker, and heated closer, never cracks less; always a chance. */
    @Test
    void chance_growsWithThicknessAndHeat() {
        double last = 0;
        for (double thick = 300; thick <= 4000; thick += 150) {
            CrackReading crack = last("heat-crackle", thick, 25, 21, "");
            assertTrue(crack.chance() >= last && crack.chance() <= 1, thick + " µm");
            last = crack.chance();
            assertEquals(6 * thick * 0.45 / 1000, crack.apart(), 1e-9, "as far apart as it is thick");
            double before = 1;
            for (double distance : new double[] {15, 21, 30, 50}) {
                double chance = last("heat-crackle", thick, 30, distance, "").chance();
                assertTrue(chance <= before + 1e-9, "further away it cracks no more: %s µm at %s cm".formatted(thick, distance));
                before = chance;
            }
        }
    }

    /** As practised: a usual pour heated cracks, a usual paste left to dry does not, a very thick one does. */
    @Test
    void practice_standsWithinIt() {
        assertTrue(last("heat-crackle", 1200, 25, 21, "").chance() > 0.85);
        assertTrue(last("stencil-paste", 800, 0, 0, "wait").chance() < 0.1);
        assertTrue(last("stencil-paste", 3000, 0, 0, "wait").chance() > 0.9);
        assertTrue(last("stencil-paste", 1200, 0, 0, "fan").chance() > last("stencil-paste", 1200, 0, 0, "wait").chance() + 0.1, "a fan cracks it sooner");
    }

    @Test
    void whatCannotCrack_isNotRead() {
        Way gel = Catalogue.way("gel-lay");
        assertEquals(List.of(), CrackReading.of(Trace.of(gel.expand(Brief.usual(gel, Length.ofMillimetres(120), Length.ofMillimetres(160), Room.of(21, 50))))));
    }
}
