package kindveil.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kindveil.bench.PrintKind;
import kindveil.catalogue.Catalogue;
import kindveil.catalogue.Samples;
import kindveil.drying.Belief;
import kindveil.way.Brief;
import kindveil.way.Dial;
import kindveil.way.Trace;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;

/** Wherever the studio warns the chance is less than without the warning, and what the bench refuses has none. */
class DoubtedTest {
    private static Optional<Double> plain(Trace trace) {
        return trace.moments().stream().flatMap(moment -> HoldReading.of(trace.plan(), moment.before(), moment.act(), moment.waits(), Belief.UNLEARNED, Map.of()).stream())
                .filter(hold -> hold.of() != HoldReading.Of.DRY_ENOUGH).map(HoldReading::chance).min(Double::compare);
    }

    @Test
    void warned_everySample_hasALesserChance_andRefusedHasNone() {
        List<Integer> counted = new ArrayList<>(List.of(0, 0));
        Samples.all().forEach(sample -> {
            Trace trace = sample.trace();
            Optional<Double> least = HoldReading.least(trace);
            if (!trace.refusals().isEmpty()) {
                counted.set(0, counted.get(0) + 1);
                assertTrue(least.isEmpty(), sample + ": " + least);
            } else if (least.isPresent() && !trace.concerns().isEmpty()) {
                counted.set(1, counted.get(1) + 1);
                assertTrue(least.get() < plain(trace).orElseThrow(), sample + ": " + least + " in spite of " + trace.concerns());
            }
        });
        assertTrue(counted.get(1) > 20, counted.toString());
        Way gel = Catalogue.way("gel-lay");
        Trace refused = Trace.of(gel.expand(Samples.usual(gel).with(PrintKind.DYE_INKJET)));
        assertTrue(!refused.refusals().isEmpty() && HoldReading.least(refused).isEmpty(), "dye inkjet in gel");
    }

    /** Every dial a hold depends on, far below and far above its usual range: where that is asked about, less is left. */
    @Test
    void everyDial_outsideItsUsualRange_leavesLess() {
        int asked = 0;
        for (Way way : Catalogue.ways()) {
            Brief usual = Samples.usual(way);
            Optional<Double> before = HoldReading.least(Trace.of(way.expand(usual)));
            for (Dial dial : way.dials(usual)) {
                for (double value : new double[] {dial.possibleLeast(), dial.possibleMost()}) {
                    boolean holds = List.of("µm", "coats", "min").contains(dial.usual().unit());
                    if (before.isEmpty() || !holds || dial.question(value).isEmpty()) {
                        continue;
                    }
                    Trace trace = Trace.of(way.expand(usual.dialled(dial.key(), value)));
                    Optional<Double> after = HoldReading.least(trace);
                    boolean used = trace.plan().risks().stream().anyMatch(risk -> risk.key().equals(dial.key()));
                    if (used && after.isPresent()) {
                        asked++;
                        assertTrue(after.get() < before.get(), "%s %s at %s: %s after %s".formatted(way.key(), dial.key(), value, after, before));
                    }
                }
            }
        }
        assertTrue(asked > 15, asked + " asked");
    }

    /** Two thin coats soaked for a minute: it tears, and the chance says so. */
    @Test
    void freeSkin_thinAndHardlySoaked_hasLittleChance() {
        Way skin = Catalogue.way("free-skin");
        Brief usual = Samples.usual(skin);
        Brief thin = usual;
        for (Dial dial : skin.dials(usual)) {
            if (List.of("coats", "soak").contains(dial.key()) || dial.usual().unit().equals("µm")) {
                thin = thin.dialled(dial.key(), dial.possibleLeast());
            }
        }
        Optional<Double> least = HoldReading.least(Trace.of(skin.expand(thin)));
        assertTrue(least.isEmpty() || least.get() < 0.5, least.toString());
        assertEquals(Optional.empty(), HoldReading.least(Trace.of(skin.expand(usual))).filter(chance -> chance < 0.6));
    }
}
