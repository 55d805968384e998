package kindveil.making;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import kindveil.making.Clock.Phase;
import kindveil.measure.UnusableValue;
import kindveil.way.Act;
import kindveil.way.ActId;
import kindveil.way.Answer;
import kindveil.way.Briefs;
import kindveil.catalogue.Catalogue;
import kindveil.way.Plan;
import kindveil.bench.Refusal;
import org.junit.jupiter.api.Test;

class MakingTest {
    private static final Instant BEGUN = Instant.parse("2026-03-05T18:00:00Z");
    private final Plan plan = Catalogue.way("gel-lay").expand(Briefs.sound());

    /** Does acts at the minutes given until {@code until} is the act at hand. */
    private List<Deed> until(String until, int minutesEach) {
        List<Deed> deeds = new ArrayList<>();
        Making making = Making.of(plan, BEGUN, deeds);
        int minute = 0;
        while (!making.current().orElseThrow().key().equals(until)) {
            minute += minutesEach;
            deeds.add(new Deed(making.current().orElseThrow().id(), 0, at(minute), false));
            making = Making.of(plan, BEGUN, deeds);
        }
        return deeds;
    }

    private static Instant at(int minutes) {
        return BEGUN.plus(Duration.ofMinutes(minutes));
    }

    private Making making(List<Deed> deeds, Deed... more) {
        List<Deed> all = new ArrayList<>(deeds);
        all.addAll(List.of(more));
        return Making.of(plan, BEGUN, all);
    }

    @Test
    void of_nothingDone_beginsWithTheFirstAct() {
        Making making = making(List.of());
        assertEquals("set-out-print", making.current().orElseThrow().key());
        assertEquals("trim", making.following().orElseThrow().key());
        assertEquals(1, making.position());
        assertTrue(making.clock().isEmpty());
    }

    @Test
    void clock_afterTheCoat_closesWithinMinutes() {
        Making making = making(until("lay", 1));
        Clock clock = making.clock().orElseThrow();
        assertTrue(clock.closes());
        assertEquals(Phase.GOOD, clock.phase(making.lastDeed()));
        assertEquals(Phase.CLOSING, clock.phase(clock.closing()));
        assertEquals(Phase.GONE, clock.phase(clock.gone()));
        assertEquals("The print must meet a wet bed.", clock.why());
    }

    @Test
    void clock_beforeRubbing_isTooSoonForAnHourAtLeast() {
        Making making = making(until("pass-1-wet", 1));
        Clock clock = making.clock().orElseThrow();
        assertEquals(Phase.TOO_SOON, clock.phase(making.lastDeed().plus(Duration.ofMinutes(50))));
        assertEquals(Phase.GOOD, clock.phase(clock.opens()));
        assertFalse(clock.closes());
        assertTrue(!clock.advised().isBefore(clock.opens()));
        assertEquals(Phase.GOOD, clock.phase(clock.opens().plus(Duration.ofDays(9))));
    }

    @Test
    void running_whileLaying_holdsTheBrush() {
        List<Clock.Running> running = making(until("lay", 1)).running();
        assertEquals(List.of("coat-wash"), running.stream().map(r -> r.act().key()).toList());
        assertTrue(running.getFirst().clock().closes());
    }

    @Test
    void refusals_tooEarly_saySo_andNotLater() {
        Making making = making(until("pass-1-wet", 1));
        List<Refusal> early = making.refusals(making.lastDeed().plus(Duration.ofMinutes(3)));
        assertEquals(Refusal.Kind.NOT_DRY, early.getFirst().kind());
        assertEquals(List.of(), making.refusals(making.clock().orElseThrow().advised()));
    }

    @Test
    void take_rescue_staysAtTheActAndShowsIt() {
        List<Deed> deeds = until("lay", 1);
        Making making = making(deeds, new Deed(ActId.first("lay"), 1, at(9), false));
        assertEquals("lay", making.current().orElseThrow().key());
        assertTrue(making.rescue().orElseThrow().meaning().startsWith("Do not lift it"));
        Making after = making(deeds, new Deed(ActId.first("lay"), 1, at(9), false), new Deed(ActId.first("lay"), 0, at(10), false));
        assertEquals("press", after.current().orElseThrow().key());
        assertTrue(after.rescue().isEmpty());
    }

    @Test
    void take_enoughAfterTheFirstPass_skipsToTheFinish() {
        List<Deed> deeds = until("pass-1-judge", 70);
        Making making = making(deeds, new Deed(ActId.first("pass-1-judge"), 1, at(70 * 40), false));
        assertEquals("finish", making.current().orElseThrow().key());
        Making more = making(deeds, new Deed(ActId.first("pass-1-judge"), 0, at(70 * 40), false));
        assertEquals("pass-2-wet", more.current().orElseThrow().key());
    }

    @Test
    void takingBackTheLast_isTheStateBefore() {
        List<Deed> deeds = until("press", 2);
        Making before = making(deeds.subList(0, deeds.size() - 1));
        assertEquals("lay", before.current().orElseThrow().key());
        assertEquals(making(deeds.subList(0, deeds.size() - 1)).clock(), before.clock());
    }

    @Test
    void take_toldLate_countsFromWhenItHappened() {
        List<Deed> deeds = until("press", 1);
        Clock early = making(deeds, new Deed(ActId.first("press"), 0, at(10), false), new Deed(ActId.first("coat-wash"), 0, at(12), false)).clock().orElseThrow();
        Clock late = making(deeds, new Deed(ActId.first("press"), 0, at(50), false), new Deed(ActId.first("coat-wash"), 0, at(52), false)).clock().orElseThrow();
        assertTrue(early.opens().isBefore(late.opens()));
        assertEquals(at(10), early.began());
    }

    @Test
    void take_wrongAct_wrongAnswer_orBeforeTheLast_isRefused() {
        List<Deed> deeds = until("lay", 1);
        String wrong = assertThrows(UnusableValue.class, () -> making(deeds, new Deed(ActId.first("press"), 0, at(9), false))).getMessage();
        assertTrue(wrong.contains("Expected “Lay the print, face down”, the act at hand"), wrong);
        String answer = assertThrows(UnusableValue.class, () -> making(deeds, new Deed(ActId.first("lay"), 7, at(9), false))).getMessage();
        assertTrue(answer.contains("answer: “8” cannot be used. Expected 1 to 3"), answer);
        String early = assertThrows(UnusableValue.class, () -> making(deeds, new Deed(ActId.first("lay"), 0, BEGUN, false))).getMessage();
        assertTrue(early.contains("Take back the act before it first"), early);
    }

    @Test
    void of_allActs_isFinished() {
        List<Deed> deeds = new ArrayList<>();
        int minute = 0;
        for (Act act = making(deeds).current().orElseThrow(); act != null; act = making(deeds).current().orElse(null)) {
            Answer answer = act.answers().get(act.expected());
            minute += 200;
            deeds.add(new Deed(act.id(), act.answers().indexOf(answer), at(minute), false));
        }
        Making making = making(deeds);
        assertTrue(making.finished());
        assertEquals(0, making.remaining());
        assertThrows(UnusableValue.class, () -> making(deeds, new Deed(ActId.first("look"), 0, at(minuteAfter(deeds)), false)));
    }

    private static int minuteAfter(List<Deed> deeds) {
        return (int) Duration.between(BEGUN, deeds.getLast().at()).toMinutes() + 1;
    }

    @Test
    void asFarAsItFits_deedsOfAnotherPlan_standWhereTheyPart() {
        List<Deed> deeds = new ArrayList<>(until("lay", 1));
        assertEquals("lay", Making.asFarAsItFits(plan, BEGUN, deeds).current().orElseThrow().key());
        deeds.set(2, new Deed(ActId.first("an-act-that-was"), 0, deeds.get(2).at(), false));
        Making making = Making.asFarAsItFits(plan, BEGUN, deeds);
        assertEquals(2, making.moments().size());
        assertThrows(UnusableValue.class, () -> Making.of(plan, BEGUN, deeds));
    }
}
