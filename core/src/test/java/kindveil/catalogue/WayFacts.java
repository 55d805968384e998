package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import kindveil.product.Product;
import kindveil.bench.Step;
import kindveil.measure.Preset;
import kindveil.reading.AmountReading;
import kindveil.way.Act;
import kindveil.way.Brief;
import kindveil.way.Trace;
import kindveil.way.Way;
import kindveil.way.Window;

/** A way read for its facts, in the words of the craft. */
final class WayFacts {
    final Way way;
    final Brief brief;
    final Trace trace;

    private WayFacts(Way way, Brief brief) {
        this.way = way;
        this.brief = brief;
        this.trace = Trace.of(way.expand(brief));
    }

    static WayFacts of(String key) {
        Way way = Catalogue.way(key);
        return new WayFacts(way, Samples.usual(way));
    }

    WayFacts with(Brief other) {
        return new WayFacts(way, other);
    }

    WayFacts with(String choice, String option) {
        return new WayFacts(way, brief.with(choice, option));
    }

    /** A default stands as practised, in its unit. */
    void defaults(String dial, double value, double least, double most, String unit) {
        Preset preset = way.dials(brief).stream().filter(d -> d.key().equals(dial)).findFirst().orElseThrow().usual();
        assertEquals(List.of(value, least, most, unit), List.of(preset.value(), preset.least(), preset.most(), preset.unit()), dial);
    }

    Trace.Wait wait(String from, String to) {
        return trace.moment(to).orElseThrow(() -> new AssertionError("no act " + to + " in " + keys())).waits().stream().filter(w -> w.window().from().key().equals(from)).findFirst()
                .orElseThrow(() -> new AssertionError("no window from " + from + " to " + to));
    }

    /** Never sooner than this, whatever the model says. */
    void neverBefore(String from, String to, Duration least) {
        assertTrue(wait(from, to).times().earliest().compareTo(least) >= 0, wait(from, to).toString());
    }

    void kind(String from, String to, Class<? extends Window> kind) {
        assertEquals(kind, wait(from, to).window().getClass());
    }

    List<String> keys() {
        return trace.moments().stream().map(m -> m.act().key()).toList();
    }

    /** Acts come in this order, others may lie between. */
    void order(String... keys) {
        int last = -1;
        for (String key : keys) {
            int at = keys().indexOf(key);
            assertTrue(at > last, key + " in " + keys());
            last = at;
        }
    }

    boolean has(Class<? extends Step> step) {
        return trace.moments().stream().anyMatch(m -> step.isInstance(m.act().step()));
    }

    Act act(String key) {
        return trace.moment(key).orElseThrow().act();
    }

    double millilitres(Product product) {
        return AmountReading.of(trace, Samples.WIDTH, Samples.HEIGHT).of(product).millilitres();
    }

    List<String> refusals() {
        return trace.refusals().stream().map(r -> r.words()).toList();
    }
}
