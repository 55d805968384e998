package kindveil.making;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import kindveil.bench.Step;
import kindveil.catalogue.Catalogue;
import kindveil.catalogue.Samples;
import kindveil.drying.Bed;
import kindveil.drying.Belief;
import kindveil.drying.Coat;
import kindveil.drying.Drying;
import kindveil.drying.Room;
import kindveil.drying.RoomCourse;
import kindveil.drying.Stage;
import kindveil.drying.Underlay;
import kindveil.measure.UnusableValue;
import kindveil.reading.HoldReading;
import kindveil.way.Act;
import kindveil.way.Answer;
import kindveil.way.Drops;
import kindveil.way.TellTale;
import kindveil.way.Way;
import kindveil.way.Wish;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What is seen or felt is evidence: it moves the chance and the clock at once, by Bayes' rule and by no more. */
class SignTest {
    private static final Instant BEGUN = Instant.parse("2026-11-02T18:00:00Z");

    /** Told as far as the first act for which {@code there} holds, each act at its advised time. */
    private static Optional<Making> until(Making making, java.util.function.Predicate<Making> there) {
        return until(making, Clock::advised, there);
    }

    /** The same, by an impatient hand or a patient one. */
    private static Optional<Making> until(Making making, java.util.function.Function<Clock, Instant> when, java.util.function.Predicate<Making> there) {
        Making at = making;
        Instant now = making.lastDeed();
        while (!at.finished()) {
            if (there.test(at)) {
                return Optional.of(at);
            }
            Act act = at.current().orElseThrow();
            Instant open = at.clock().map(when).filter(now::isBefore).orElse(now);
            now = open.isBefore(now) ? now : open;
            now = now.plus(act.handsOn());
            at = at.with(new Deed(act.id(), act.expected(), now, false));
        }
        return Optional.empty();
    }

    private static Making of(Way way) {
        return Making.of(way.expand(Samples.usual(way)), BEGUN, List.of());
    }

    private static Optional<HoldReading> hold(Making making, Instant at) {
        return HoldReading.of(making.plan(), making.bench(at), making.current().orElseThrow(), making.waits(), making.belief(), making.films());
    }

    @ParameterizedTest
    @EnumSource(TellTale.class)
    void replies_shareOutWhatCanBeSeen_inEveryState(TellTale tale) {
        for (int percent = 0; percent <= 100; percent++) {
            double share = percent / 100.0;
            double sum = 0;
            for (int i = 0; i < tale.replies().size(); i++) {
                assertTrue(tale.likelihood(i, share) > 0 && tale.likelihood(i, share) < 1, "no sign is an oracle");
                sum += tale.likelihood(i, share);
            }
            assertEquals(1, sum, 1e-9, tale + " at " + percent + " %");
        }
    }

    /** Drier to the hand is never a smaller chance than wetter to the hand, at any time, in any order of telling. */
    @ParameterizedTest
    @EnumSource(value = TellTale.class, names = {"BACK", "CORNER", "SHEEN", "TACK", "CLEAR", "EDGE"})
    void drierReplies_neverGiveLess(TellTale tale) {
        Drying bed = Drying.fresh(Bed.open(new Coat(100, 0.52), Underlay.panel(20)), RoomCourse.of(Room.of(21, 50)), Duration.ZERO);
        for (int minutes = 5; minutes <= 240; minutes += 25) {
            Duration at = Duration.ofMinutes(minutes);
            double last = -1;
            for (int i = 0; i < tale.replies().size(); i++) {
                int reply = i;
                double holds = bed.holds(at, Belief.UNLEARNED.seen(bed, at, share -> tale.likelihood(reply, share)));
                assertTrue(holds >= last - 1e-12 && holds <= 1, tale + " " + i + " at " + minutes + ": " + holds + " after " + last);
                last = holds;
            }
        }
    }

    /** By a second, direct reckoning: a thousand drawn rates, weighed by how likely each makes what was seen. */
    @Test
    void belief_isBayesOverTheRates() {
        Drying bed = Drying.fresh(Bed.open(new Coat(100, 0.52), Underlay.panel(20)), RoomCourse.of(Room.of(21, 50)), Duration.ZERO);
        Duration at = bed.spread(Stage.TOUCH_DRY, Belief.UNLEARNED).orElseThrow().half();
        for (TellTale tale : List.of(TellTale.SHEEN, TellTale.TACK)) {
            for (int reply = 0; reply < 3; reply++) {
                int told = reply;
                Random draws = new Random(11);
                double weights = 0;
                double through = 0;
                for (int i = 0; i < 1000; i++) {
                    Belief one = Belief.of(new kindveil.drying.Rate(0.35 * draws.nextGaussian(), 0.01));
                    double share = bed.holds(at, one) >= 1 ? 0.12 : 0.35 - 0.23 * bed.holds(at, one);
                    double weight = tale.likelihood(told, share);
                    weights += weight;
                    through += weight * bed.holds(at.plusMinutes(10), one);
                }
                double product = bed.holds(at.plusMinutes(10), Belief.UNLEARNED.seen(bed, at, share -> tale.likelihood(told, Math.clamp(share, 0.12, 0.35))));
                assertEquals(through / weights, product, 0.04, tale + " " + told);
            }
        }
    }

    /** Every way that waits for a bed, and every one that carries by a wet film, asks; every reply moves the chance or the clock. */
    @Test
    void everyTellTale_isAskedSomewhere_andEveryReplyMovesWhatIsShown() {
        Set<TellTale> asked = EnumSet.noneOf(TellTale.class);
        for (Way way : Catalogue.ways()) {
            Making fresh = of(way);
            Set<TellTale> here = new HashSet<>();
            until(fresh, making -> {
                here.addAll(moved(making));
                return false;
            });
            // rubbed at the first check, the paper itself tells whether what is under it holds
            until(fresh, Clock::opens, making -> {
                here.addAll(making.current().orElseThrow().step() instanceof Step.RubAway ? moved(making) : List.of());
                return false;
            });
            asked.addAll(here);
        }
        assertEquals(EnumSet.allOf(TellTale.class), asked);
    }

    /** Of two answers that lead on alike, each is evidence of something else, or is kept for the next time. */
    @Test
    void noTwoAnswersThatLeadOn_sayTheSame() {
        for (Way way : Catalogue.ways()) {
            for (Wish wish : Wish.values()) {
                for (Act act : way.expand(Samples.usual(way).with(wish)).acts()) {
                    List<Answer> on = act.answers().stream().filter(answer -> answer.effect() instanceof Answer.Effect.GoOn && !answer.words().equals(Drops.RUNNY)).toList();
                    assertEquals(on.size(), on.stream().map(answer -> String.valueOf(answer.tells())).distinct().count(), way.key() + " " + act.key() + " " + on);
                }
            }
        }
    }

    /** What an answer tells moves the chance of what is still to come, and a worse sign never raises it. */
    @Test
    void answersThatTell_moveTheChance() {
        Way tape = Catalogue.way("tape-lift");
        Making burnishing = until(of(tape), making -> making.current().orElseThrow().key().equals("burnish")).orElseThrow();
        Instant at = burnishing.lastDeed().plusSeconds(300);
        Making dark = until(burnishing.with(new Deed(burnishing.current().orElseThrow().id(), 0, at, false)), making -> making.current().orElseThrow().step() instanceof Step.RubAway).orElseThrow();
        Making again = burnishing.with(new Deed(burnishing.current().orElseThrow().id(), 1, at, false));
        assertEquals("burnish", again.current().orElseThrow().key(), "silvery spots are burnished again");
        double before = hold(burnishing, at).orElseThrow().chance();
        double silvery = hold(again, at).orElseThrow().chance();
        double whole = hold(dark, dark.lastDeed()).orElseThrow().chance();
        assertTrue(silvery < before && before < whole, silvery + " < " + before + " < " + whole);

        Way gel = Catalogue.way("gel-lay");
        Making rubbing = until(of(gel), Clock::opens, making -> making.current().orElseThrow().step() instanceof Step.RubAway).orElseThrow();
        Instant now = rubbing.lastDeed().plusSeconds(60);
        Making lifts = rubbing.with(new Deed(rubbing.current().orElseThrow().id(), 1, now, false));
        assertTrue(lifts.rescue().isPresent());
        assertTrue(hold(lifts, now).orElseThrow().chance() < hold(rubbing, now).orElseThrow().chance(), "an image that lifts tells that its bed is wetter than was thought");
        assertTrue(lifts.belief().seen() == 1 && rubbing.belief().seen() == 0);
    }

    private static List<TellTale> moved(Making making) {
        // where it is least sure: half of all such coats have got there, or none has had the time
        Instant at = making.waits().stream().filter(wait -> wait.times().spread() != null && wait.times().latest() == null).map(wait -> making.begun().plus(wait.began()).plus(wait.times().spread().half()))
                .max(java.util.Comparator.naturalOrder()).filter(half -> half.isAfter(making.lastDeed())).orElse(making.lastDeed().plusSeconds(20));
        List<TellTale> tales = making.tellTales(at);
        for (TellTale tale : tales) {
            Set<Object> shown = new HashSet<>();
            for (int i = 0; i < tale.replies().size(); i++) {
                Making told = making.with(new Sign(making.current().orElseThrow().id(), tale, i, at));
                // where nothing more can be gained the clock still moves
                shown.add(List.of(hold(told, at).orElseThrow().chance(), told.clock().map(Clock::advised)));
            }
            assertEquals(tale.replies().size(), shown.size(), making.current() + " " + tale + ": " + shown);
        }
        return tales;
    }

    /** The clock moves with what was told, and never below what practice asks. */
    @Test
    void clock_followsWhatIsFelt_butNeverBelowPractice() {
        Way gel = Catalogue.way("gel-lay");
        Making waiting = until(Making.of(gel.expand(Samples.usual(gel).with("weight", "flat")), BEGUN, List.of()), making -> making.tellTales(BEGUN.plus(Duration.ofDays(1))).contains(TellTale.BACK)
                || making.tellTales(making.lastDeed().plusSeconds(60)).contains(TellTale.BACK)).orElseThrow();
        Clock plain = waiting.clock().orElseThrow();
        Instant at = plain.opens();
        Making cool = waiting.with(new Sign(waiting.current().orElseThrow().id(), TellTale.BACK, 0, at));
        Making warm = waiting.with(new Sign(waiting.current().orElseThrow().id(), TellTale.BACK, 1, at));
        assertTrue(cool.clock().orElseThrow().advised().isAfter(plain.advised()), "cool waits longer");
        assertTrue(warm.clock().orElseThrow().advised().isBefore(plain.advised()), "warm is ready sooner");
        assertFalse(warm.clock().orElseThrow().opens().isBefore(plain.began().plus(Duration.ofHours(1))), "an hour at the very least");
        assertTrue(hold(cool, at).orElseThrow().chance() < hold(waiting, at).orElseThrow().chance());
        assertTrue(hold(warm, at).orElseThrow().chance() > hold(waiting, at).orElseThrow().chance());
    }

    /** The strip never says good where the act would be refused, whatever was felt, in any way that waits for a bed. */
    @Test
    void good_isNeverRefusedForNotBeingDry() {
        int[] asked = {0};
        for (Way way : Catalogue.ways()) {
            until(of(way), making -> {
                Instant now = making.lastDeed().plusSeconds(60);
                for (TellTale tale : making.tellTales(now)) {
                    for (int reply = 0; reply < tale.replies().size(); reply++) {
                        Making told = making.with(new Sign(making.current().orElseThrow().id(), tale, reply, now));
                        Optional<Clock> clock = told.clock().filter(one -> !one.never() && !one.contradicted());
                        if (clock.isPresent()) {
                            asked[0]++;
                            Instant good = clock.get().opens().plus(told.current().orElseThrow().handsOn()).plusSeconds(1);
                            assertTrue(told.refusals(good).stream().noneMatch(refusal -> refusal.kind() == kindveil.bench.Refusal.Kind.NOT_DRY), way.key() + " " + told.current() + ": " + told.refusals(good));
                        }
                    }
                }
                return false;
            });
        }
        assertTrue(asked[0] > 20, asked[0] + " asked");
    }

    /** A film seen to be as it should be carries better than one nobody looked at, and that better than one that is wrong. */
    @Test
    void plateFilm_seenRight_carriesBetter() {
        Making rolled = until(of(Catalogue.way("plate-pull")), making -> making.current().orElseThrow().step() instanceof Step.Apply coat && TellTale.film(coat).isPresent()).orElseThrow();
        double unseen = hold(rolled, BEGUN).orElseThrow().chance();
        List<Double> seen = List.of(0, 1, 2).stream().map(i -> hold(rolled.with(new Sign(rolled.current().orElseThrow().id(), TellTale.PLATE, i, BEGUN)), BEGUN).orElseThrow().chance()).toList();
        assertTrue(seen.get(0) > unseen && unseen > seen.get(1) && unseen > seen.get(2), unseen + " " + seen);
        Making lifting = until(rolled.with(new Sign(rolled.current().orElseThrow().id(), TellTale.PLATE, 1, BEGUN)), making -> making.current().orElseThrow().step() instanceof Step.Part).orElseThrow();
        assertEquals(Map.of(TellTale.PLATE, 1), lifting.films(), "what was seen of the film goes with the way");
    }

    @Test
    void reply_thatIsNone_isRefused() {
        assertThrows(UnusableValue.class, () -> new Sign(of(Catalogue.way("gel-lay")).current().orElseThrow().id(), TellTale.BACK, 2, BEGUN));
    }
}
