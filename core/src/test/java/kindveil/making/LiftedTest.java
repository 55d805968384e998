package kindveil.making;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import kindveil.bench.Step;
import kindveil.catalogue.Catalogue;
import kindveil.catalogue.Samples;
import kindveil.reading.HoldReading;
import kindveil.way.Act;
import kindveil.way.Answer;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;

/** Told while rubbing that the image lifts: the bed is believed to be wetter, and the bench says until when it is to dry. */
class LiftedTest {
    private static final Instant BEGUN = Instant.parse("2026-11-02T18:00:00Z");

    /** At the first round of rubbing, every act at its safe time. */
    private static Optional<Making> rubbing(Way way) {
        Making making = Making.of(way.expand(Samples.usual(way)), BEGUN, List.of());
        Instant now = BEGUN;
        while (!making.finished() && !(making.current().orElseThrow().step() instanceof Step.RubAway)) {
            Act act = making.current().orElseThrow();
            Instant safe = making.clock().map(Clock::advised).orElse(now);
            now = (safe.isAfter(now) ? safe : now).plus(act.handsOn());
            making = making.with(new Deed(act.id(), act.expected(), now, false));
        }
        return making.finished() ? Optional.empty() : Optional.of(making);
    }

    private static double hold(Making making, Instant at) {
        return HoldReading.of(making.plan(), making.bench(at), making.current().orElseThrow(), making.waits(), making.belief(), making.films()).map(HoldReading::chance).orElse(1.0);
    }

    @Test
    void imageLifts_movesTheBelief_andTheClockSaysUntilWhen() {
        int lifted = 0;
        for (Way way : Catalogue.ways()) {
            Optional<Making> rubbing = rubbing(way);
            if (rubbing.isEmpty()) {
                continue;
            }
            Making before = rubbing.get();
            Act act = before.current().orElseThrow();
            int lifts = IntStream.range(0, act.answers().size()).filter(i -> act.answers().get(i).words().equals("The image lifts")).findFirst().orElse(-1);
            Instant at = before.lastDeed().plusSeconds(60);
            Optional<HoldReading> bedded = HoldReading.of(before.plan(), before.bench(at), act, before.waits(), before.belief(), before.films()).filter(hold -> !hold.practised().isEmpty());
            if (lifts < 0 || bedded.isEmpty()) {
                continue;
            }
            lifted++;
            assertTrue(act.answers().get(lifts).effect() instanceof Answer.Effect.Rescue);
            Making after = before.with(new Deed(act.id(), lifts, at, false));
            assertTrue(hold(after, at) <= hold(before, at) - 0.15, way.key() + ": " + hold(before, at) + " then " + hold(after, at));
            Clock clock = after.clock().orElseThrow();
            assertEquals(Clock.Phase.TOO_SOON, clock.phase(at.plusSeconds(30)), way.key());
            assertTrue(clock.advised().isAfter(at.plus(Duration.ofMinutes(14))) && !clock.opens().isAfter(clock.advised()), way.key() + " " + clock);
            assertTrue(hold(after, clock.advised()) >= hold(after, at), way.key());
            // rubbed again when it is safe, it rolls off: nothing holds it up any longer
            Making held = after.with(new Deed(act.id(), 0, clock.advised().plus(act.handsOn()), false));
            assertFalse(held.current().map(next -> next.id().equals(act.id())).orElse(false));
        }
        assertTrue(lifted >= 4, lifted + " ways lift");
    }
}
