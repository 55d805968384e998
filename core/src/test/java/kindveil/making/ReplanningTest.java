package kindveil.making;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import kindveil.catalogue.Catalogue;
import kindveil.catalogue.Samples;
import kindveil.way.Act;
import kindveil.way.Sequence;
import kindveil.way.Trace;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ReplanningTest {
    private static final Instant BEGUN = Instant.parse("2026-03-05T18:00:00Z");

    /** A making told as planned up to an act. */
    private record Told(Begun plan, Making making, List<Deed> deeds) {
        static Told of(Way way, int acts) {
            Begun plan = Begun.of(Sequence.of(way, Samples.usual(way)));
            List<Deed> deeds = new ArrayList<>();
            for (Trace.Moment moment : Trace.of(plan.plan()).moments().subList(0, acts)) {
                deeds.add(new Deed(moment.act().id(), moment.act().expected(), BEGUN.plus(moment.end()), false));
            }
            return new Told(plan, Making.of(plan.plan(), BEGUN, deeds), deeds);
        }

        Replanning replanning() {
            return new Replanning(plan, making, deeds, Catalogue::way);
        }

        Instant now() {
            return making.lastDeed().plusSeconds(30);
        }
    }

    static Stream<Way> ways() {
        return Catalogue.transfers().stream();
    }

    /** At every act of every way: whatever is offered leaves what is done as it was, and changes what is to come. */
    @ParameterizedTest
    @MethodSource("ways")
    void whatIsOffered_leavesWhatIsDone(Way way) {
        int all = Trace.of(Begun.of(Sequence.of(way, Samples.usual(way))).plan()).moments().size();
        int before = Integer.MAX_VALUE;
        for (int acts = 0; acts < all; acts += 3) {
            Told told = Told.of(way, acts);
            List<Replanning.Open> open = told.replanning().open(told.now());
            int options = 0;
            for (Replanning.Open one : open) {
                options += one.options().size();
                for (Replanning.Other other : one.options()) {
                    Begun then = told.replanning().changed(one.part(), one.key(), other.key()).orElseThrow();
                    Making goesOn = Making.asFarAsItFits(then.plan(), BEGUN, told.deeds);
                    assertEquals(told.making.moments().stream().map(moment -> moment.act().step()).toList(), goesOn.moments().stream().map(moment -> moment.act().step()).toList());
                    assertEquals(benches(told.making), benches(goesOn), one.question() + " " + other.words());
                    assertFalse(then.plan().equals(told.plan.plan()));
                    assertTrue(Replanning.words(told.plan, then).contains(one.question()), one.question());
                }
            }
            assertTrue(options <= before, "what can be otherwise only becomes less");
            before = options;
        }
    }

    /** What is told of an option is what its plan comes to when it is walked by itself, from the first act on. */
    @ParameterizedTest
    @MethodSource("ways")
    void figures_areThoseOfTheWholePlan(Way way) {
        int all = Trace.of(Begun.of(Sequence.of(way, Samples.usual(way))).plan()).moments().size();
        for (int acts = 0; acts < all; acts += 4) {
            Told told = Told.of(way, acts);
            Duration left = told.making.forecast(told.now()).getLast().end();
            for (Replanning.Open one : told.replanning().open(told.now())) {
                for (Replanning.Other other : one.options()) {
                    Begun then = told.replanning().changed(one.part(), one.key(), other.key()).orElseThrow();
                    List<Trace.Moment> whole = Making.asFarAsItFits(then.plan(), BEGUN, told.deeds).forecast(told.now());
                    assertEquals(whole.getLast().end().minus(left), other.left(), one.question() + " " + other.words());
                }
            }
        }
    }

    /** In words; a drying coat's curve is told apart by its figures only. */
    private static List<String> benches(Making making) {
        return making.moments().stream().map(moment -> moment.after().toString().replaceAll("@[0-9a-f]+", "")).toList();
    }

    @Test
    void oneRoundMore_isPossibleAfterTheFirst_anotherBedIsNot() {
        Way way = Catalogue.way("gel-lay");
        int rub = Trace.of(Begun.of(Sequence.of(way, Samples.usual(way))).plan()).moments().stream().map(moment -> moment.act().key()).toList().indexOf("pass-1-rub");
        Told told = Told.of(way, rub + 1);
        List<String> keys = told.replanning().open(told.now()).stream().map(Replanning.Open::key).toList();
        assertTrue(keys.contains("finish") || keys.contains("veil") || keys.stream().anyMatch(key -> key.contains("last") || key.contains("clear") || key.contains("seal")), keys.toString());
        assertTrue(told.replanning().turned(0, "film", 150).isEmpty(), "the bed lies");
        Told fresh = Told.of(way, 1);
        assertTrue(fresh.replanning().open(fresh.now()).size() > told.replanning().open(told.now()).size());
    }

    @Test
    void rounds_takeTheirTime_inFigures() {
        Way way = Catalogue.way("gel-lay");
        Told told = Told.of(way, 3);
        Replanning.Open rounds = told.replanning().open(told.now()).stream().filter(open -> open.options().stream().anyMatch(option -> option.words().matches("(?i)(one|two|three|four|five|six|[1-6]).*"))).findFirst().orElseThrow();
        List<Duration> left = rounds.options().stream().map(Replanning.Other::left).toList();
        assertTrue(left.stream().anyMatch(Duration::isNegative) || left.stream().anyMatch(Duration::isPositive), left.toString());
    }

    @Test
    void finished_hasNothingToChange() {
        Way way = Catalogue.way("tape-lift");
        Told told = Told.of(way, Trace.of(Begun.of(Sequence.of(way, Samples.usual(way))).plan()).moments().size());
        assertEquals(List.of(), told.replanning().open(told.now()));
    }
}
