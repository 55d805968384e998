package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import kindveil.catalogue.Samples.Sample;
import kindveil.way.Trace;
import kindveil.way.Way;
import kindveil.way.Window;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Windows with an upper end: all there are in practice, and each told to the second. */
class LatestWindowsTest {
    /** The windows practitioners close, by way, from and to which act, and the most seconds they allow. */
    @ParameterizedTest
    @CsvSource({"plate-pull,image-paint,lay-print,20", "plate-pull,pull-paint,lay-paper,90", "plate-to-tissue,image-paint,lay-print,20", "plate-to-tissue,lift,lay-tissue,30",
        "film-release,bed,lay,120", "film-release,lay,peel,150", "viscous-film-lay,bed,lay,300", "viscous-film-lay,lay,peel,80", "oiled-panel,bed,lay,360",
        "gel-lay,coat,lay,360", "gesso-bed,bed,lay,360", "free-skin,glue,lay,360", "curved-skin,glue,lay,300", "opaque-backed-lay,bed-2,lay,360",
        "fixed-inkjet-lay,bed,lay,360", "fixed-inkjet-lay,pass-1-wet,pass-1-rub,240", "gum-print,gum-face,ink,600", "gum-print,ink,lay,900", "tissue-lay,under,lay,360",
        "block-guide,bed,lay,180", "block-overprint,ink,lay,300", "heat-crackle,pour,heat,300"})
    void plan_hasTheWindowPractitionersClose(String key, String from, String to, int mostSeconds) {
        Way way = Catalogue.way(key);
        Trace.Wait wait = Trace.of(way.expand(Samples.usual(way))).moment(to).orElseThrow().waits().stream().filter(w -> w.window().from().equals(from)).findFirst().orElseThrow();
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

    /** A schedule judged by nothing but the ends of acts and the latest each window allows. */
    private static List<String> late(Trace trace, Map<String, Duration> starts) {
        List<String> late = new ArrayList<>();
        Map<String, Duration> ends = new HashMap<>();
        for (Trace.Moment moment : trace.moments()) {
            Duration start = starts.get(moment.act().key());
            for (Trace.Wait wait : moment.waits()) {
                Duration took = start.minus(ends.get(wait.window().from()));
                if (wait.times().latest() != null && took.compareTo(wait.times().latest()) > 0) {
                    late.add(wait.window().from() + " to " + wait.window().to());
                }
            }
            ends.put(moment.act().key(), start.plus(moment.act().handsOn()));
        }
        return late;
    }

    @ParameterizedTest
    @MethodSource("samples")
    void checker_refusesEachClosingWindowOneSecondPastItsEnd_andNotBefore(Sample sample) {
        Trace trace = sample.trace();
        Map<String, Duration> advised = new HashMap<>();
        trace.moments().forEach(moment -> advised.put(moment.act().key(), moment.start()));
        assertEquals(List.of(), late(trace, advised));
        for (Trace.Moment moment : trace.moments()) {
            for (Trace.Wait wait : moment.waits()) {
                if (wait.times().latest() != null) {
                    Map<String, Duration> stretched = new HashMap<>(advised);
                    stretched.put(moment.act().key(), wait.began().plus(wait.times().latest()));
                    String name = wait.window().from() + " to " + wait.window().to();
                    assertTrue(!late(trace, stretched).contains(name), name);
                    stretched.put(moment.act().key(), wait.began().plus(wait.times().latest()).plusSeconds(1));
                    assertTrue(late(trace, stretched).contains(name), name);
                }
            }
        }
    }
}
