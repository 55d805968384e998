package kindveil.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import kindveil.catalogue.Catalogue;
import kindveil.catalogue.Samples;
import kindveil.measure.UnusableValue;
import kindveil.reading.SeriesReading.Pull;
import kindveil.reading.SeriesReading.Timed;
import kindveil.way.ActId;
import kindveil.way.Sequence;
import kindveil.way.Trace;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class SeriesReadingTest {
    private static final Duration SLACK = Duration.ofMillis(2);

    static Stream<Way> ways() {
        return Catalogue.transfers().stream();
    }

    private static Trace trace(Way way) {
        return Trace.of(Sequence.of(way, Samples.usual(way)).expand());
    }

    private static Trace trace(String way) {
        return trace(Catalogue.way(way));
    }

    @ParameterizedTest
    @MethodSource("ways")
    void onePair_ofHands_isNeverInTwoPlaces(Way way) {
        for (int pulls = 1; pulls <= 6; pulls++) {
            List<Timed> all = SeriesReading.of(trace(way), pulls, 1).pulls().stream().flatMap(pull -> pull.acts().stream()).sorted(Comparator.comparing(Timed::start)).toList();
            for (int i = 1; i < all.size(); i++) {
                assertTrue(all.get(i).start().compareTo(all.get(i - 1).end()) >= 0, way.key() + " " + pulls + ": " + all.get(i - 1) + " and " + all.get(i));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("ways")
    void everyWait_ofEveryPull_isKept(Way way) {
        Trace trace = trace(way);
        SeriesReading series = SeriesReading.of(trace, 4, 1);
        Map<ActId, Duration> first = ended(series.pulls().getFirst());
        for (Pull pull : series.pulls()) {
            Map<ActId, Timed> acts = new HashMap<>();
            pull.acts().forEach(timed -> acts.put(timed.act().id(), timed));
            Map<ActId, Duration> ended = new HashMap<>(first);
            ended.putAll(ended(pull));
            for (Trace.Moment moment : trace.moments()) {
                Timed timed = acts.get(moment.act().id());
                if (timed == null) {
                    assertTrue(SeriesReading.shared(moment.act()), moment.act().title());
                    continue;
                }
                for (Trace.Wait wait : moment.waits()) {
                    Duration waited = timed.start().minus(ended.get(wait.window().from()));
                    assertTrue(waited.plus(SLACK).compareTo(wait.times().advised()) >= 0, moment.act().title() + " after " + waited + " of " + wait.times().advised());
                    assertTrue(wait.times().latest() == null || waited.compareTo(wait.times().latest().plus(SLACK)) <= 0, moment.act().title() + " after " + waited + ", too late after " + wait.times().latest());
                }
            }
        }
    }

    private static Map<ActId, Duration> ended(Pull pull) {
        Map<ActId, Duration> ended = new HashMap<>();
        pull.acts().forEach(timed -> ended.put(timed.act().id(), timed.end()));
        return ended;
    }

    @ParameterizedTest
    @MethodSource("ways")
    void aSeries_isNeverSlowerThanOneAfterTheOther_andOneAloneIsThePlan(Way way) {
        Trace trace = trace(way);
        assertEquals(trace.moments().stream().map(Trace.Moment::start).toList(), SeriesReading.of(trace, 1, 1).pulls().getFirst().acts().stream().map(Timed::start).toList());
        Duration before = Duration.ZERO;
        for (int pulls = 1; pulls <= 5; pulls++) {
            SeriesReading series = SeriesReading.of(trace, pulls, 1);
            assertTrue(series.elapsed().compareTo(series.oneByOne()) <= 0, way.key() + " " + pulls);
            assertTrue(series.elapsed().compareTo(before) >= 0);
            Duration hands = TimeReading.of(trace).handsOn();
            Duration once = series.once().stream().map(act -> act.handsOn()).reduce(Duration.ZERO, Duration::plus);
            assertEquals(hands.multipliedBy(pulls).minus(once.multipliedBy(pulls - 1L)), series.handsOn());
            before = series.elapsed();
        }
    }

    @Test
    void theNext_isBegunInTheDryTimeOfTheFirst() {
        SeriesReading series = SeriesReading.of(trace("gel-lay"), 4, 1);
        Pull first = series.pulls().getFirst();
        Duration rub = first.acts().stream().filter(timed -> timed.act().key().equals("pass-1-wet")).findFirst().orElseThrow().start();
        assertTrue(series.pulls().stream().allMatch(pull -> pull.start().compareTo(rub) < 0), "all are laid before the first is rubbed");
        assertTrue(series.elapsed().toMinutes() < 0.5 * series.oneByOne().toMinutes(), series.elapsed() + " of " + series.oneByOne());
    }

    @ParameterizedTest
    @MethodSource("ways")
    void handsAreTied_untilWhatComesNextMayBeKeptWaiting(Way way) {
        List<Trace.Moment> moments = trace(way).moments();
        Duration free = moments.getFirst().start().plus(SeriesReading.tied(moments));
        List<Trace.Moment> later = moments.stream().filter(moment -> moment.start().compareTo(free) >= 0).toList();
        List<ActId> done = moments.stream().filter(moment -> moment.start().compareTo(free) < 0).map(moment -> moment.act().id()).toList();
        later.stream().flatMap(moment -> moment.waits().stream()).filter(wait -> done.contains(wait.window().from())).forEach(wait -> assertTrue(wait.times().latest() == null, way.key() + " " + wait));
        assertEquals(Duration.ZERO, SeriesReading.tied(List.of()));
    }

    @Test
    void paperThatWasWetted_isRubbedBeforeAnythingElse() {
        for (Pull pull : SeriesReading.of(trace("gel-lay"), 4, 1).pulls()) {
            Map<String, Timed> acts = new HashMap<>();
            pull.acts().forEach(timed -> acts.put(timed.act().key(), timed));
            assertTrue(acts.get("pass-1-rub").start().minus(acts.get("pass-1-wet").end()).compareTo(Duration.ofMinutes(2)) < 0, pull.toString());
        }
    }

    @Test
    void whatIsMixed_isMixedOnce_andItsRestIsWaitedForOnce() {
        SeriesReading series = SeriesReading.of(trace("film-release"), 3, 1);
        assertEquals(List.of("mix"), series.once().stream().map(act -> act.key()).toList());
        assertEquals(1, series.pulls().stream().flatMap(pull -> pull.acts().stream()).filter(timed -> timed.act().key().equals("mix")).count());
        assertTrue(series.elapsed().toMinutes() < SeriesReading.of(trace("film-release"), 1, 1).elapsed().toMinutes() + 30, series.elapsed().toString());
    }

    @Test
    void noMorePulls_lieOnPlates_thanThereAre() {
        Trace trace = trace("plate-pull");
        assertTrue(SeriesReading.takesPlate(trace));
        assertTrue(!SeriesReading.takesPlate(trace("gel-lay")));
        for (int plates = 1; plates <= 3; plates++) {
            List<Duration[]> kept = new ArrayList<>();
            for (Pull pull : SeriesReading.of(trace, 5, plates).pulls()) {
                List<Timed> on = pull.acts().stream().filter(timed -> SeriesReading.onPlate(timed.act())).toList();
                kept.add(new Duration[]{on.getFirst().start(), on.getLast().end()});
            }
            for (Duration[] one : kept) {
                assertTrue(kept.stream().filter(other -> other[0].compareTo(one[0]) <= 0 && one[0].compareTo(other[1]) < 0).count() <= plates, plates + " plates");
            }
        }
    }

    @Test
    void tooMany_areRefusedByName() {
        Trace trace = trace("gel-lay");
        assertTrue(assertThrows(UnusableValue.class, () -> SeriesReading.of(trace, 13, 1)).getMessage().contains("1 to 12"));
        assertTrue(assertThrows(UnusableValue.class, () -> SeriesReading.of(trace, 0, 1)).getMessage().contains("Pulls"));
        assertTrue(assertThrows(UnusableValue.class, () -> SeriesReading.of(trace, 2, 0)).getMessage().contains("Gel plates"));
    }
}
