package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import kindveil.bench.Refusal;
import kindveil.bench.Step;
import kindveil.bench.Support;
import kindveil.drying.Room;
import kindveil.way.Brief;
import kindveil.way.Briefs;
import kindveil.way.Trace;
import kindveil.way.Way;
import kindveil.way.Window;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class GelLayTest {
    private final Way way = new GelLay();

    /** Every school, support, weight, clearing and sealing on a ground that can take it, oil never under varnish. */
    static Stream<Brief> soundBriefs() {
        List<Brief> all = new ArrayList<>();
        for (String school : List.of("even-coat", "damp", "deep-bed", "double-coat")) {
            for (Support support : List.of(Support.BIRCH_PANEL, Support.WATERCOLOUR_PAPER)) {
                for (String weight : List.of("none", "flat")) {
                    for (String clearing : List.of("gloss-medium", "matte-medium", "leave")) {
                        all.add(Briefs.sound().with("school", school).with("weight", weight).with("clearing", clearing)
                                .with("sealing", "gloss-varnish").with(support));
                    }
                    all.add(Briefs.sound().with("school", school).with("weight", weight).with("clearing", "mineral-oil").with(support));
                }
            }
        }
        return all.stream();
    }

    @ParameterizedTest
    @MethodSource("soundBriefs")
    void expand_soundBrief_isTakenByTheBench(Brief brief) {
        Trace trace = Trace.of(way.expand(brief));
        assertEquals(List.of(), trace.refusals().stream().map(Refusal::words).toList());
    }

    @ParameterizedTest
    @MethodSource("soundBriefs")
    void expand_everyAcrylicCoat_isFollowedByAWashUpInTime(Brief brief) {
        Trace trace = Trace.of(way.expand(brief));
        List<Trace.Moment> moments = trace.moments();
        for (int i = 0; i < moments.size(); i++) {
            if (moments.get(i).act().step() instanceof Step.Apply apply && apply.tool().spreads()) {
                Trace.Moment wash = moments.subList(i, moments.size()).stream().filter(m -> m.act().step() instanceof Step.WashUp).findFirst().orElseThrow();
                Duration held = wash.start().minus(moments.get(i).end());
                assertTrue(held.compareTo(Duration.ofMinutes(30)) <= 0, moments.get(i).act().key() + " waits " + held);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("soundBriefs")
    void expand_anyWait_isNeverUnderWhatPracticeAsks(Brief brief) {
        Trace trace = Trace.of(way.expand(brief));
        for (Trace.Moment moment : trace.moments()) {
            for (Trace.Wait wait : moment.waits()) {
                if (wait.window() instanceof Window.Dry dry) {
                    assertTrue(wait.times().earliest().compareTo(dry.least()) >= 0);
                    assertTrue(moment.start().compareTo(wait.advisedEnd()) >= 0, moment.act().key());
                }
            }
        }
    }

    @Test
    void expand_rubbing_asksForThroughAndAnHour() {
        Trace trace = Trace.of(way.expand(Briefs.sound()));
        Trace.Wait wait = trace.moment("pass-1-wet").orElseThrow().waits().getFirst();
        assertTrue(wait.window() instanceof Window.Dry dry && dry.what().equals(new Window.Dries.Coats(kindveil.bench.Face.SUPPORT_FRONT, kindveil.drying.Stage.THROUGH)));
        assertTrue(wait.times().earliest().compareTo(Duration.ofMinutes(60)) >= 0);
    }

    @Test
    void expand_schools_differTenfoldInGel() {
        double thin = way.dialled(Briefs.sound(), "bed");
        double deep = way.dialled(Briefs.sound().with("school", "deep-bed"), "bed");
        assertTrue(deep / thin >= 10);
    }

    @Test
    void expand_deepBed_waitsADayWhateverTheModelSays() {
        Trace trace = Trace.of(way.expand(Briefs.sound().with("school", "deep-bed").with(Support.WATERCOLOUR_PAPER)));
        assertTrue(trace.moment("pass-1-wet").orElseThrow().waits().getFirst().times().earliest().compareTo(Duration.ofHours(24)) >= 0);
    }

    @Test
    void expand_passes_followTheWishUnlessChosen() {
        assertEquals(4, Trace.of(way.expand(Briefs.sound())).plannedPasses());
        assertEquals(2, Trace.of(way.expand(Briefs.sound().with("passes", "2"))).plannedPasses());
        assertEquals(6, Trace.of(way.expand(Briefs.sound())).mostPasses());
    }

    @Test
    void expand_dampRoom_saysItNeverGetsThrough() {
        Brief damp = Briefs.sound().in(Room.of(21, 92));
        Trace trace = Trace.of(way.expand(damp));
        assertTrue(trace.moment("pass-1-wet").orElseThrow().waits().getFirst().times().never());
        assertTrue(trace.refusals().stream().anyMatch(r -> r.kind() == Refusal.Kind.NOT_DRY && r.remedy().contains("will not get there in this room at 92 %")));
    }

    @Test
    void catalogue_unknownWay_isRefusedWithWhatThereIs() {
        String message = org.junit.jupiter.api.Assertions.assertThrows(kindveil.measure.UnusableValue.class, () -> Catalogue.way("x")).getMessage();
        assertTrue(message.contains("[gel-lay, gesso-bed"), message);
        assertEquals("Gel lay", Catalogue.way("gel-lay").name());
    }
}
