package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import kindveil.drying.Airing;
import kindveil.drying.Bed;
import kindveil.drying.Belief;
import kindveil.drying.Coat;
import kindveil.drying.Drying;
import kindveil.drying.DryingAdvice;
import kindveil.drying.Room;
import kindveil.drying.RoomCourse;
import kindveil.drying.Stage;
import kindveil.drying.Underlay;
import kindveil.finish.ReadyReading;
import kindveil.making.Clock;
import kindveil.making.Deed;
import kindveil.making.Making;
import kindveil.measure.Humidity;
import kindveil.measure.Length;
import kindveil.measure.Temperature;
import kindveil.reading.TimeReading;
import kindveil.sitting.Job;
import kindveil.sitting.JobReading;
import kindveil.way.Act;
import kindveil.way.ActId;
import kindveil.way.Trace;
import kindveil.way.Way;
import kindveil.way.Window;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every technique in cold, warm, dry and damp rooms: a stage out of reach has no time in any reading, and no wait is shorter for a worse room. */
class RoomsTest {
    private static final List<Integer> CELSIUS = List.of(34, 21, 8);
    private static final List<Integer> PERCENT = List.of(35, 60, 84, 95);
    private static final Duration ENDLESS = Duration.ofDays(10_000);

    static Stream<Way> ways() {
        return Stream.concat(Catalogue.ways().stream(), Catalogue.finishes().stream()).distinct();
    }

    private static Trace in(Way way, double celsius, double percent) {
        return Trace.of(way.expand(Samples.usual(way).in(Room.of(celsius, percent))));
    }

    private static Map<List<ActId>, Duration> waits(Trace trace) {
        Map<List<ActId>, Duration> waits = new HashMap<>();
        trace.moments().forEach(moment -> moment.waits().stream().filter(wait -> wait.window() instanceof Window.Dry)
                .forEach(wait -> waits.put(List.of(wait.window().from(), wait.window().to()), wait.times().never() ? ENDLESS : wait.times().advised())));
        return waits;
    }

    private static void notShorter(Way way, String worse, Map<List<ActId>, Duration> before, Map<List<ActId>, Duration> after) {
        after.forEach((between, wait) -> assertTrue(wait.plusSeconds(1).compareTo(before.getOrDefault(between, Duration.ZERO)) >= 0,
                "%s %s %s: %s after %s".formatted(way.key(), worse, between, wait, before.get(between))));
    }

    @ParameterizedTest
    @MethodSource("ways")
    void coolerOrDamper_noWaitIsShorter(Way way) {
        for (int c = 0; c < CELSIUS.size(); c++) {
            for (int p = 0; p < PERCENT.size(); p++) {
                Map<List<ActId>, Duration> here = waits(in(way, CELSIUS.get(c), PERCENT.get(p)));
                if (c + 1 < CELSIUS.size()) {
                    notShorter(way, "cooler than %d °C at %d %%".formatted(CELSIUS.get(c), PERCENT.get(p)), here, waits(in(way, CELSIUS.get(c + 1), PERCENT.get(p))));
                }
                if (p + 1 < PERCENT.size()) {
                    notShorter(way, "damper than %d %% at %d °C".formatted(PERCENT.get(p), CELSIUS.get(c)), here, waits(in(way, CELSIUS.get(c), PERCENT.get(p + 1))));
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("ways")
    void outOfReach_hasNoTimeInAnyReading(Way way) {
        for (int celsius : CELSIUS) {
            for (int percent : PERCENT) {
                Trace trace = in(way, celsius, percent);
                TimeReading times = TimeReading.of(trace);
                boolean never = false;
                for (int i = 0; i < trace.moments().size(); i++) {
                    never |= trace.moments().get(i).waits().stream().anyMatch(wait -> wait.times().never());
                    assertEquals(!never, trace.moments().get(i).timed());
                    assertEquals(!never, times.entries().get(i).begins().isPresent());
                }
                assertEquals(!never, times.elapsed().isPresent());
                JobReading job = JobReading.of(new Job("one", "one", null), trace.moments(), Length.ofMillimetres(120), Length.ofMillimetres(160));
                assertEquals(never, job.plot() == null);
                assertEquals(never, job.advice() != null);
                if (never) {
                    assertTrue(ReadyReading.of(trace.end(), trace.timed()).uses().stream().allMatch(ready -> ready.from() == null), way.key());
                }
                clocksHaveNoTime(trace);
            }
        }
    }

    /** At the bench, act by act: what is waited for in vain has neither a first check nor a safe time, and is never good. */
    private static void clocksHaveNoTime(Trace trace) {
        Instant begun = Instant.parse("2026-11-02T18:00:00Z");
        Making making = Making.of(trace.plan(), begun, List.of());
        while (!making.finished()) {
            Act act = making.current().orElseThrow();
            Clock clock = making.clock().orElse(null);
            if (clock != null && clock.never()) {
                assertNull(clock.opens());
                assertNull(clock.advised());
                assertNotNull(clock.advice());
                assertFalse(clock.phase(begun.plus(Duration.ofDays(400))) == Clock.Phase.GOOD);
                return;
            }
            Instant at = clock == null ? making.lastDeed() : Stream.of(making.lastDeed(), Objects.requireNonNull(clock.advised())).max(Instant::compareTo).orElseThrow();
            making = making.with(new Deed(act.id(), act.expected(), at.plus(act.handsOn()), false));
        }
    }

    /** What is advised for a room is tried in the model, and works; what is said not to help does not. */
    @Test
    void advice_letsTheStageBeReached_andAFanDoesNot() {
        int advised = 0;
        for (int celsius = 5; celsius <= 40; celsius += 5) {
            for (int percent = 60; percent <= 100; percent += 4) {
                Room room = Room.of(celsius, percent);
                for (Stage stage : List.of(Stage.RECOAT, Stage.THROUGH)) {
                    if (through(room, stage)) {
                        continue;
                    }
                    advised++;
                    assertFalse(through(room.with(Airing.FAN), stage), "a fan at " + room);
                    DryingAdvice advice = DryingAdvice.of(stage, room);
                    assertTrue(advice.words().contains("A fan does not help."));
                    assertTrue(advice.percent().isPresent());
                    assertTrue(through(new Room(room.temperature(), new Humidity(advice.percent().getAsInt()), Airing.STILL), stage), stage + " at " + room + ": " + advice);
                    if (advice.celsius().isPresent()) {
                        int to = advice.celsius().getAsInt();
                        Room warmed = new Room(new Temperature(to), new Humidity(percent * saturated(celsius) / saturated(to)), Airing.STILL);
                        assertTrue(through(warmed, stage), stage + " at " + room + ": " + advice);
                    }
                }
            }
        }
        assertTrue(advised > 40, String.valueOf(advised));
    }

    private static boolean through(Room room, Stage stage) {
        return Drying.fresh(Bed.open(new Coat(60, 0.6), Underlay.panel(5)), RoomCourse.of(room), Duration.ZERO).spread(stage, Belief.UNLEARNED).isPresent();
    }

    /** Magnus, by hand. */
    private static double saturated(double celsius) {
        return Math.exp(17.62 * celsius / (243.12 + celsius)) / (celsius + 273.15);
    }
}
