package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import kindveil.catalogue.Samples.Sample;
import kindveil.making.Clock;
import kindveil.making.Deed;
import kindveil.making.Departure;
import kindveil.making.Making;
import kindveil.way.Trace;
import kindveil.way.Way;
import kindveil.way.Window;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Windows with an upper end: all there are in practice, and each told to the second. */
class LatestWindowsTest {
    private static final Instant BEGUN = Instant.parse("2026-03-05T10:00:00Z");

    /** The windows practitioners close, by way, from and to which act, and the most seconds they allow. */
    @ParameterizedTest
    @CsvSource({"plate-pull,image-paint,lay-print,20", "plate-pull,pull-paint,lay-paper,90", "plate-to-tissue,image-paint,lay-print,20", "plate-to-tissue,lift,lay-tissue,30",
        "film-release,bed,lay,120", "film-release,lay,peel,150", "viscous-film-lay,bed,lay,300", "viscous-film-lay,lay,peel,80", "oiled-panel,bed,lay,360",
        "gel-lay,coat,lay,360", "gesso-bed,bed,lay,360", "free-skin,glue,lay,360", "curved-skin,glue,lay,300", "opaque-backed-lay,bed-2,lay,360",
        "fixed-inkjet-lay,bed,lay,360", "fixed-inkjet-lay,pass-1-wet,pass-1-rub,240", "gum-print,gum-face,ink,600", "gum-print,ink,lay,900", "tissue-lay,under,lay,360",
        "block-guide,bed,lay,180", "block-overprint,ink,lay,300", "heat-crackle,pour,heat,300"})
    void plan_hasTheWindowPractitionersClose(String key, String from, String to, int mostSeconds) {
        Way way = Catalogue.way(key);
        Trace.Wait wait = Trace.of(way.expand(Samples.usual(way))).moment(to).orElseThrow().waits().stream().filter(w -> w.window().from().key().equals(from)).findFirst().orElseThrow();
        assertTrue(wait.times().latest() != null && wait.times().latest().compareTo(Duration.ofSeconds(mostSeconds)) <= 0, wait.toString());
        assertTrue(wait.times().latest().compareTo(Duration.ofSeconds(5)) > 0, wait.toString());
    }

    @Test
    void plan_doubleCoat_closesOnBothCoats() {
        Way way = Catalogue.way("gel-lay");
        Trace trace = Trace.of(way.expand(Samples.usual(way).with("school", "double-coat")));
        assertEquals(2, trace.moment("lay").orElseThrow().waits().stream().filter(w -> w.window() instanceof Window.Open).count());
    }

    static Stream<Sample> samples() {
        return Samples.all();
    }

    /** Told as it was walked, up to an act; from then on the product says what has closed. */
    private static Making upTo(Trace trace, Trace.Moment act) {
        List<Deed> deeds = trace.moments().stream().takeWhile(moment -> moment != act)
                .map(moment -> new Deed(moment.act().id(), moment.act().expected(), BEGUN.plus(moment.end()), false)).toList();
        return Making.of(trace.plan(), BEGUN, deeds);
    }

    /** Too late from one second past the end of the first window that closes, by the clock and by what is noted of it; not before. */
    @ParameterizedTest
    @MethodSource("samples")
    void making_eachClosingWindow_isGoneOneSecondPastItsEnd_andNotBefore(Sample sample) {
        Trace trace = sample.trace();
        for (Trace.Moment moment : trace.moments()) {
            List<Trace.Wait> closing = moment.waits().stream().filter(wait -> wait.times().latest() != null).toList();
            if (closing.isEmpty()) {
                continue;
            }
            Instant end = BEGUN.plus(closing.stream().map(wait -> wait.began().plus(wait.times().latest())).min(Duration::compareTo).orElseThrow());
            for (Trace.Wait wait : closing) {
                assertTrue(wait.times().latest().compareTo(wait.window().most()) <= 0, "no longer than practice allows: " + wait.window());
            }
            Making making = upTo(trace, moment);
            Clock clock = making.clock().orElseThrow();
            assertNotEquals(Clock.Phase.GONE, clock.phase(end.minusSeconds(1)), moment.act().id().toString());
            assertEquals(Clock.Phase.GONE, clock.phase(end.plusSeconds(1)), moment.act().id().toString());
            assertTrue(late(making, moment, end.plusSeconds(1)), moment.act().id().toString());
            assertTrue(!late(making, moment, end.minusSeconds(1)), moment.act().id().toString());
        }
    }

    /** Whether the product notes an act begun at a moment as begun too late. */
    private static boolean late(Making making, Trace.Moment moment, Instant begun) {
        if (begun.isBefore(making.lastDeed())) {
            return false;
        }
        Making done = making.with(new Deed(moment.act().id(), 0, begun.plus(moment.act().handsOn()), false));
        return Departure.of(done).stream().anyMatch(departure -> departure.act().equals(moment.act().title()) && departure.words().contains("was the latest"));
    }
}
