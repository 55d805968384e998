package kindveil.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Map;
import java.util.TreeMap;
import kindveil.bench.Hand;
import kindveil.bench.PrintKind;
import kindveil.catalogue.Catalogue;
import kindveil.catalogue.Samples;
import kindveil.reading.LeftoverReading.Kind;
import kindveil.way.Trace;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;

/** What comes off the bench whole, of every way, against what was written down by hand. */
class LeftoverReadingTest {
    /** Ways that give a sheet back; all others rub it away, float it off, glue it in or need none. */
    private static final Map<String, Kind> GIVEN_BACK = Map.of("plate-pull", Kind.LIFTED, "plate-to-tissue", Kind.LIFTED, "gum-print", Kind.INKED);

    @Test
    void everyWay_asByHand() {
        Map<String, Kind> found = new TreeMap<>();
        for (Way way : Catalogue.ways()) {
            LeftoverReading.of(Trace.of(way.expand(Samples.usual(way)))).all().forEach(left -> found.put(way.key(), left.kind()));
        }
        assertEquals(new TreeMap<>(GIVEN_BACK), found);
    }

    @Test
    void samples_keepTheirPictureAndAColour() {
        long sheets = Samples.all().map(Samples.Sample::trace).filter(trace -> trace.refusals().isEmpty()).flatMap(trace -> LeftoverReading.of(trace).all().stream()).peek(left -> {
            assertEquals(Hand.READS_RIGHT, left.hand(), "it never met another face that kept it");
            assertNotNull(left.colour(), left::toString);
            assertTrue(left.print() != PrintKind.FILM_PIGMENT, left::toString);
        }).count();
        assertTrue(sheets > 5, "several of the samples give one back: " + sheets);
    }
}
