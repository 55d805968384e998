package kindveil.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import kindveil.bench.Bench;
import kindveil.bench.Step;
import kindveil.catalogue.Catalogue;
import kindveil.catalogue.Samples;
import kindveil.drying.Belief;
import kindveil.way.Act;
import kindveil.way.Trace;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;

class HoldReadingTest {
    private static Optional<HoldReading> of(Trace trace, Duration sooner) {
        return trace.moments().stream().filter(moment -> moment.act().step() instanceof Step.RubAway rub && rub.pass() == 1).findFirst().flatMap(moment -> {
            Bench begun = trace.moments().stream().map(Trace.Moment::after).filter(bench -> bench.now().compareTo(moment.start().minus(sooner)) <= 0).reduce((a, b) -> b).orElseThrow();
            return HoldReading.of(trace.plan(), begun.at(moment.start().minus(sooner)), moment.act(), moment.waits(), Belief.UNLEARNED, Map.of());
        });
    }

    /** At the time a plan advises, which is never before practice's own, nothing is told to be unlikely to hold. */
    @Test
    void advisedWaits_areNeverToldToFail() {
        AtomicInteger asked = new AtomicInteger();
        Samples.all().forEach(sample -> of(sample.trace(), Duration.ZERO).ifPresent(hold -> {
            asked.incrementAndGet();
            assertTrue(hold.chance() >= 0.6 && hold.chance() <= 1, sample + ": " + hold);
        }));
        assertTrue(asked.get() > 60, asked.toString());
    }

    /** Begun sooner it holds with less, and what waiting would give is told; never less than now. */
    @Test
    void begunSooner_itHoldsWithLess_andSaysWhatWaitingGives() {
        Way gel = Catalogue.way("gel-lay");
        Trace trace = Trace.of(gel.expand(Samples.usual(gel).with("weight", "flat")));
        HoldReading advised = of(trace, Duration.ZERO).orElseThrow();
        HoldReading sooner = of(trace, Duration.ofMinutes(120)).orElseThrow();
        assertTrue(sooner.chance() < advised.chance() - 0.1, sooner + " before " + advised);
        assertTrue(sooner.waiting() != null && sooner.then() > sooner.chance() && sooner.then() <= 1, sooner.toString());
    }

    /** The waits practitioners name stand on this bed's own curve, the longer never lower; each is what would be told then. */
    @Test
    void practisedWaits_standOnTheBedsCurve() {
        AtomicInteger asked = new AtomicInteger();
        Samples.all().forEach(sample -> of(sample.trace(), Duration.ZERO).filter(hold -> !hold.practised().isEmpty()).ifPresent(hold -> {
            asked.incrementAndGet();
            double last = 0;
            for (HoldReading.Waited waited : hold.practised()) {
                assertTrue(waited.chance() >= last - 1e-9 && waited.chance() <= 1, sample + ": " + hold);
                last = waited.chance();
            }
        }));
        assertTrue(asked.get() > 40, asked.toString());
        Way gel = Catalogue.way("gel-lay");
        HoldReading flat = of(Trace.of(gel.expand(Samples.usual(gel).with("weight", "flat"))), Duration.ZERO).orElseThrow();
        assertTrue(flat.practised().getFirst().chance() < flat.practised().getLast().chance() - 0.1, "under a weight an hour is not a day: " + flat);
    }

    /** Inkjet kept dry on a block is offered with its odds; a photocopy holds better, and a fixed bed elsewhere stays refused. */
    @Test
    void inkjetKeptDry_isARiskySchoolOfBlocks() {
        Way block = Catalogue.way("block-guide");
        HoldReading toner = of(Trace.of(block.expand(Samples.usual(block))), Duration.ZERO).orElseThrow();
        Trace inkjet = Trace.of(block.expand(Samples.usual(block).with(kindveil.bench.PrintKind.DYE_INKJET)));
        assertTrue(inkjet.moments().stream().allMatch(moment -> moment.refusals().isEmpty()));
        HoldReading kept = of(inkjet, Duration.ZERO).orElseThrow();
        assertEquals(0.55, kept.chance() / toner.chance(), 0.02);
        assertTrue(inkjet.moments().stream().flatMap(moment -> moment.concerns().stream()).anyMatch(concern -> concern.words().contains("kept dry")));
    }

    /** A wet cloth and each later round take their share. */
    @Test
    void toolAndRounds_takeTheirShare() {
        Way gel = Catalogue.way("gel-lay");
        HoldReading once = of(Trace.of(gel.expand(Samples.usual(gel).with("passes", "1"))), Duration.ZERO).orElseThrow();
        HoldReading four = of(Trace.of(gel.expand(Samples.usual(gel).with("passes", "4"))), Duration.ZERO).orElseThrow();
        assertEquals(Math.pow(0.97, 3), four.chance() / once.chance(), 1e-9);
        HoldReading cloth = of(Trace.of(gel.expand(Samples.usual(gel).with("school", "deep-bed").with("passes", "1"))), Duration.ZERO).orElseThrow();
        assertTrue(cloth.chance() <= 0.97);
    }

    @Test
    void otherActs_areNotAsked() {
        Trace film = Trace.of(Catalogue.way("film-release").expand(Samples.usual(Catalogue.way("film-release"))));
        List<Act> acts = film.plan().acts();
        assertTrue(acts.stream().filter(act -> !(act.step() instanceof Step.Apply coat && kindveil.way.TellTale.film(coat).isPresent())).allMatch(act -> HoldReading.of(film.plan(), film.end(), act, List.of(), Belief.UNLEARNED, Map.of()).isEmpty()));
    }
}
