package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import kindveil.product.Hazard;
import kindveil.bench.Refusal;
import kindveil.bench.Step;
import kindveil.catalogue.Samples.Sample;
import kindveil.light.Colour;
import kindveil.reading.AmountReading;
import kindveil.reading.CardReading;
import kindveil.reading.CautionReading;
import kindveil.reading.CompatibilityReading;
import kindveil.reading.HandReading;
import kindveil.reading.LookState;
import kindveil.reading.StackReading;
import kindveil.reading.TaskReading;
import kindveil.reading.TimeReading;
import kindveil.way.Fit.Verdict;
import kindveil.way.Trace;
import kindveil.way.Window;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every way, every school, up to three supports, through every reading. */
class ReadingsOfSamplesTest {
    static Stream<Sample> samples() {
        return Samples.all();
    }

    static Stream<Sample> unsuited() {
        return Samples.unsuited();
    }

    @ParameterizedTest
    @MethodSource("samples")
    void everyReading_ofASoundSample_answers(Sample sample) {
        Trace trace = sample.trace();
        assertEquals(List.of(), trace.refusals().stream().map(Refusal::words).toList());
        assertEquals(sample.way().card().bringsPicture(), HandReading.of(trace).isPresent());
        looks(trace);
        times(trace);
        AmountReading amounts = AmountReading.of(trace, Samples.WIDTH, Samples.HEIGHT);
        assertTrue(amounts.byAct().stream().allMatch(portion -> portion.volume().millilitres() > 0));
        assertFalse(amounts.byAct().isEmpty() && amounts.mixtures().isEmpty() && sample.trace().moments().stream().anyMatch(m -> m.act().step() instanceof Step.Apply apply && apply.product().family().poured()));
        CardReading cards = CardReading.of(trace, Samples.WIDTH, Samples.HEIGHT);
        assertEquals(trace.moments().size(), cards.cards().size());
        assertEquals("", cards.cards().getLast().after());
        tasks(trace);
        hazards(trace);
        washes(trace);
    }

    private static void looks(Trace trace) {
        Colour ground = Colour.parse("g", "#c9b48a");
        for (LookState state : LookState.of(trace)) {
            StackReading stack = StackReading.of(state.bench(trace, trace.plannedPasses()));
            double light = stack.at(ground, stack.covers().stream().mapToDouble(mask -> 0.5).toArray()).lab().lightness();
            assertTrue(light >= 0 && light <= 100, state + " " + light);
        }
    }

    private static void times(Trace trace) {
        TimeReading times = TimeReading.of(trace);
        Duration sum = times.entries().stream().map(e -> e.pause().plus(e.act().handsOn())).reduce(Duration.ZERO, Duration::plus);
        assertEquals(times.walked(), sum);
        for (Trace.Moment moment : trace.moments()) {
            for (Trace.Wait wait : moment.waits()) {
                assertTrue(wait.times().earliest().compareTo(wait.times().advised()) <= 0);
                assertTrue(wait.times().latest() == null || wait.times().advised().compareTo(wait.times().latest()) <= 0, wait.toString());
            }
        }
    }

    private static void tasks(Trace trace) {
        TaskReading tasks = TaskReading.of(trace, Samples.WIDTH, Samples.HEIGHT);
        assertTrue(tasks.tasks().stream().allMatch(task -> task.busy().contains(new TaskReading.Use(TaskReading.Resource.ARTIST, 1))));
        List<kindveil.way.ActId> acts = tasks.tasks().stream().map(TaskReading.Task::act).toList();
        assertTrue(tasks.lags().stream().allMatch(lag -> acts.indexOf(lag.from()) < acts.indexOf(lag.to())));
        long bounded = trace.moments().stream().flatMap(m -> m.waits().stream()).filter(w -> w.times().latest() != null).count();
        assertEquals(bounded, tasks.lags().stream().filter(TaskReading.Lag::bounded).count());
    }

    /** Independent of the reading: materials, tools, mixtures and acts that can hurt must be answered. */
    private static void hazards(Trace trace) {
        for (Trace.Moment moment : trace.moments()) {
            Set<Hazard> said = CautionReading.of(moment.act().step());
            switch (moment.act().step()) {
                case Step.Apply a -> assertTrue(said.containsAll(a.product().hazards()) && said.containsAll(a.tool().hazards()));
                case Step.Mix m -> assertTrue(said.containsAll(m.mixture().hazards()) && !said.isEmpty());
                case Step.Heat h -> assertTrue(said.contains(Hazard.HEAT));
                case Step.RubAway r -> assertTrue(said.contains(Hazard.PULP));
                case Step.Abrade a -> assertTrue(said.contains(Hazard.DUST));
                case Step.Cut c -> assertTrue(said.contains(Hazard.BLADE));
                case Step.Wet w -> assertTrue(said.containsAll(w.tool().hazards()));
                default -> { }
            }
        }
    }

    private static void washes(Trace trace) {
        List<Trace.Moment> moments = trace.moments();
        for (int i = 0; i < moments.size(); i++) {
            if (moments.get(i).act().step() instanceof Step.Apply apply && apply.tool().spreads() && apply.product().cleaning().hardens()) {
                Trace.Moment wash = moments.subList(i, moments.size()).stream().filter(m -> m.act().step() instanceof Step.WashUp up && up.tool() == apply.tool()).findFirst()
                        .orElseThrow(() -> new AssertionError(apply + " is never washed"));
                assertTrue(wash.start().minus(moments.get(i).end()).compareTo(Duration.ofMinutes(30)) <= 0, moments.get(i).act().key());
                int at = i;
                assertTrue(wash.waits().stream().anyMatch(w -> w.window() instanceof Window.Open open && open.from().equals(moments.get(at).act().id())), moments.get(i).act().key());
            }
        }
    }

    @ParameterizedTest
    @MethodSource("unsuited")
    void compatibility_onASupportTheCardRefuses_isNo(Sample sample) {
        CompatibilityReading reading = CompatibilityReading.of(sample.way(), sample.brief());
        assertEquals(Verdict.NO, reading.verdict());
        assertFalse(reading.reasons().getFirst().words().isBlank());
    }

    @Test
    void samples_areTheWholeTable() {
        assertEquals(16, Catalogue.transfers().size());
        assertTrue(Samples.all().count() > 300);
        assertTrue(Catalogue.ways().stream().allMatch(way -> !way.card().failures().isEmpty() && way.card().alsoCalled().size() >= 3));
    }

    @Test
    void search_findsWaysByTheWordsArtistsUse() {
        assertEquals("tape-lift", Catalogue.search("packing tape").getFirst().key());
        assertEquals("gum-print", Catalogue.search("paper litho").getFirst().key());
        assertTrue(Catalogue.search("decal").stream().anyMatch(way -> way.key().equals("free-skin")));
        assertEquals(List.of(), Catalogue.search("bicycle"));
        assertTrue(Catalogue.search("egg").stream().anyMatch(way -> way.key().equals("curved-skin")));
    }
}
