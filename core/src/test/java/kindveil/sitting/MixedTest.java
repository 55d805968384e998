package kindveil.sitting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kindveil.catalogue.Catalogue;
import kindveil.drying.Room;
import kindveil.measure.Length;
import kindveil.reading.TaskReading.Resource;
import kindveil.way.ActId;
import kindveil.way.Brief;
import kindveil.way.Plan;
import kindveil.way.Trace;
import kindveil.way.Walk;
import kindveil.way.Way;
import kindveil.way.Window;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MixedTest {
    private static final ActId MIX = ActId.first("mix");
    private final Trace trace = trace();
    private final Problem.Plot plot = JobReading.of(new Job("a", "Oar", null), trace.moments(), Length.ofMillimetres(120), Length.ofMillimetres(160)).plot();

    private static Trace trace() {
        Way way = Catalogue.way("film-release");
        return Trace.of(kindveil.making.Begun.of(kindveil.way.Sequence.of(way, Brief.usual(way, Length.ofMillimetres(120), Length.ofMillimetres(160), Room.of(21, 50)))).plan());
    }

    private Set<String> rests() {
        return Set.of(trace.plan().windows().stream().filter(window -> window.from().equals(MIX) && window instanceof Window.Dry).map(Window::why).findFirst().orElseThrow());
    }

    private int soonest(Problem.Plot of) {
        Problem problem = Problem.of(List.of(of), Map.<Resource, Integer>of(), List.of(new Sitting(0, 3000, 0)), Tiredness.USUAL);
        Schedule schedule = Scheduler.QUICK.solve(problem).schedule();
        return java.util.stream.IntStream.range(0, problem.tasks().size()).map(task -> schedule.end(problem, task)).max().orElseThrow();
    }

    /** The scheduled end is that of the same plan walked with its jar standing as long: two reckonings of one thing. */
    @ParameterizedTest
    @ValueSource(ints = {-2000, -240, -180, -100, -30, 0})
    void whatStandsReady_isWaitedForAsAWalkSays(int since) {
        Problem.Plot ready = Mixed.of(plot, MIX, rests(), since, 100_000, "Take it");
        Walk walk = Walk.of(trace.plan()).stood(MIX, Duration.ofMinutes(since));
        Duration end = walk.toTheEnd(Duration.ZERO).getLast().end();
        assertEquals(end.toMinutes(), soonest(ready), 12, "since " + since);
        assertEquals("Take it", ready.tasks().getFirst().acts().stream().filter(act -> act.act().equals(MIX)).findFirst().orElseThrow().title());
    }

    @Test
    void anOldJar_spares_itsThreeHours() {
        assertTrue(soonest(plot) - soonest(Mixed.of(plot, MIX, rests(), -500, 100_000, "Take it")) > 170);
    }

    @Test
    void whatIsSpoilt_isNotUsedLater_andAnotherActStaysAsItWas() {
        Problem.Plot spoilt = Mixed.of(plot, MIX, rests(), -500, 20, "Take it");
        assertTrue(spoilt.tasks().stream().anyMatch(task -> task.latest() <= 20));
        assertSame(plot, Mixed.of(plot, ActId.first("no-such"), rests(), 0, 0, ""));
        assertEquals(30, Mixed.at(plot, MIX, 30, "Mix").tasks().getFirst().earliest());
        assertEquals(plot.tasks().size(), Mixed.at(plot, MIX, 30, "Mix").tasks().size());
        Plan plan = trace.plan();
        assertEquals(0, Mixed.task(plot, plan.acts().getFirst().id()));
    }
}
