package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import kindveil.bench.Bench;
import kindveil.bench.Layer.Image;
import kindveil.bench.Layer.Residue;
import kindveil.drying.Bed;
import kindveil.drying.Belief;
import kindveil.drying.Coat;
import kindveil.drying.Drying;
import kindveil.drying.Room;
import kindveil.drying.RoomCourse;
import kindveil.drying.Stage;
import kindveil.drying.Underlay;
import kindveil.measure.Length;
import kindveil.reading.AmountReading;
import kindveil.reading.HoldReading;
import kindveil.reading.TimeReading;
import kindveil.way.ActId;
import kindveil.way.Brief;
import kindveil.way.Dial;
import kindveil.way.Trace;
import kindveil.way.Way;
import kindveil.way.Window;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What must never turn round, whatever the way: more is never quicker, longer in water never darker, more rounds never more fibre. */
class NeverQuickerTest {
    static Stream<Way> ways() {
        return Catalogue.ways().stream();
    }

    private static Trace of(Way way, Brief brief) {
        return Trace.of(way.expand(brief));
    }

    /** The safe wait of each window of drying, by the acts it lies between. */
    private static Map<List<ActId>, Duration> waits(Trace trace) {
        Map<List<ActId>, Duration> waits = new HashMap<>();
        trace.moments().forEach(moment -> moment.waits().stream().filter(wait -> wait.window() instanceof Window.Dry && !wait.times().never())
                .forEach(wait -> waits.put(List.of(wait.window().from(), wait.window().to()), wait.times().advised())));
        return waits;
    }

    private static void neverQuicker(Way way, String what, UnaryOperator<Brief> worse) {
        Brief usual = Samples.usual(way);
        Map<List<ActId>, Duration> before = waits(of(way, usual));
        waits(of(way, worse.apply(usual))).forEach((between, wait) -> {
            Duration was = before.getOrDefault(between, Duration.ZERO);
            assertTrue(wait.compareTo(was.minusSeconds(1)) >= 0, "%s %s %s: %s after %s".formatted(way.key(), what, between, wait, was));
        });
    }

    @ParameterizedTest
    @MethodSource("ways")
    void colderAndDamper_neverDryQuicker(Way way) {
        neverQuicker(way, "at 12 °C", brief -> brief.in(Room.of(12, 50)));
        neverQuicker(way, "at 70 %", brief -> brief.in(Room.of(21, 70)));
        neverQuicker(way, "at 12 °C and 70 %", brief -> brief.in(Room.of(12, 70)));
    }

    /** A thicker first coat on paper leaves less for the paper to drink of the next, and never dries sooner itself. */
    @ParameterizedTest
    @MethodSource("ways")
    void thicker_neverDriesQuicker_andTakesMore(Way way) {
        Brief usual = Samples.usual(way);
        for (Dial dial : way.dials(usual)) {
            if (dial.usual().unit().equals("µm")) {
                neverQuicker(way, dial.key() + " at its most", brief -> brief.dialled(dial.key(), dial.usual().most()));
                double thin = all(way, usual.dialled(dial.key(), dial.usual().least()));
                assertTrue(all(way, usual.dialled(dial.key(), dial.usual().most())) > thin, way.key() + " " + dial.key());
            }
        }
    }

    private static double all(Way way, Brief brief) {
        return AmountReading.of(of(way, brief), brief.width(), brief.height()).byProduct().values().stream().mapToDouble(volume -> volume.millilitres()).sum();
    }

    @ParameterizedTest
    @MethodSource("ways")
    void larger_neverTakesLess_ofHandsOrOfAnything(Way way) {
        Duration hands = Duration.ZERO;
        double millilitres = 0;
        for (int wide = 40; wide <= 280; wide += 40) {
            Brief brief = Brief.usual(way, Length.ofMillimetres(wide), Length.ofMillimetres(wide * 1.5), Samples.ROOM);
            TimeReading times = TimeReading.of(of(way, brief));
            assertTrue(times.handsOn().compareTo(hands) >= 0, way.key() + " at " + wide);
            assertTrue(all(way, brief) >= millilitres, way.key() + " at " + wide);
            hands = times.handsOn();
            millilitres = all(way, brief);
        }
    }

    /** More water in a coat of one thickness, more of it, an air that takes less: never sooner through. */
    @Test
    void moreWater_neverDriesSooner() {
        for (Underlay below : List.of(Underlay.panel(5), Underlay.panel(20), Underlay.paper(60), Underlay.paper(150))) {
            for (double micrometres : new double[] {60, 120, 300, 800}) {
                Duration last = Duration.ZERO;
                for (double water = 0.3; water < 0.75; water += 0.1) {
                    Optional<Duration> through = Drying.fresh(Bed.open(new Coat(micrometres, water), below), RoomCourse.of(Samples.ROOM), Duration.ZERO).reaches(Stage.THROUGH);
                    assertTrue(through.isPresent() && through.get().compareTo(last) >= 0, micrometres + " µm with " + water + ": " + through + " after " + last);
                    last = through.get();
                }
            }
        }
    }

    private static double kept(Trace trace) {
        Bench end = trace.end();
        return end.things().stream().flatMap(thing -> Stream.of(kindveil.bench.Face.Side.values()).flatMap(side -> thing.of(side, Image.class).stream())).mapToDouble(Image::kept).min().orElse(1);
    }

    @Test
    void longerSoak_isNeverDarker() {
        Way way = Catalogue.way("fixed-inkjet-lay");
        List<Double> kept = new ArrayList<>();
        for (double minutes : new double[] {2, 3, 4, 4.5, 5, 6, 8, 10, 12}) {
            kept.add(kept(of(way, Samples.usual(way).dialled("soak", minutes))));
        }
        assertEquals(kept.stream().sorted(java.util.Comparator.reverseOrder()).toList(), kept);
        assertTrue(kept.getLast() < kept.getFirst(), kept.toString());
    }

    @ParameterizedTest
    @MethodSource("ways")
    void moreRounds_neverLeaveMoreFibre(Way way) {
        if (way.choices().stream().noneMatch(choice -> choice.key().equals("passes"))) {
            return;
        }
        double last = Double.MAX_VALUE;
        for (int rounds = 1; rounds <= 4; rounds++) {
            Bench end = of(way, Samples.usual(way).with("passes", String.valueOf(rounds))).end();
            double fibre = end.things().stream().flatMap(thing -> Stream.of(kindveil.bench.Face.Side.values()).flatMap(side -> thing.of(side, Residue.class).stream())).mapToDouble(Residue::gramsPerSquareMetre).sum();
            assertTrue(fibre <= last && fibre >= 0, way.key() + " after " + rounds + ": " + fibre);
            last = fibre;
        }
    }

    /** Over every sample and every act, from too soon to two days late: a chance lies between 0 and 1, and waiting for a bed never lowers it. */
    @Test
    void chances_lieBetweenNoughtAndOne_andAreNeverLowerForWaiting() {
        int[] asked = {0};
        Samples.all().forEach(sample -> {
            Trace trace = sample.trace();
            for (Trace.Moment moment : trace.moments()) {
                double last = 0;
                for (int minutes : new int[] {0, 10, 45, 180, 900, 2880}) {
                    Optional<HoldReading> hold = HoldReading.of(trace.plan(), moment.before().at(moment.start().plusMinutes(minutes)), moment.act(), moment.waits(), Belief.UNLEARNED, Map.of());
                    if (hold.isPresent()) {
                        asked[0]++;
                        double chance = hold.get().chance();
                        assertTrue(chance >= 0 && chance <= 1 && hold.get().then() >= chance - 1e-12 && hold.get().then() <= 1, sample + " " + moment.act().key() + ": " + hold);
                        if (hold.get().of() != HoldReading.Of.COMING_OVER) {
                            assertTrue(chance >= last - 1e-9, sample + " " + moment.act().key() + " at " + minutes + ": " + chance + " after " + last);
                        }
                        last = chance;
                    }
                }
            }
        });
        assertTrue(asked[0] > 1000, asked[0] + " asked");
    }
}
