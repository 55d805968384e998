package kindveil.making;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import kindveil.drying.Bed;
import kindveil.drying.Belief;
import kindveil.drying.Coat;
import kindveil.drying.Drying;
import kindveil.drying.Overlay;
import kindveil.drying.Room;
import kindveil.drying.RoomCourse;
import kindveil.drying.Stage;
import kindveil.drying.Underlay;
import kindveil.way.TellTale;
import org.junit.jupiter.api.Test;

/** What was felt of a bed against Bayes' rule on a far finer and wider grid, every rate with a curve of its own. */
class BeliefTest {
    private static final RoomCourse AIR = RoomCourse.of(Room.of(21, 50));
    private static final Drying COAT = Drying.fresh(Bed.open(new Coat(100, 0.6), Underlay.paper(15)), AIR, Duration.ZERO);
    private static final List<TellTale> FELT = List.of(TellTale.TACK, TellTale.CORNER, TellTale.BACK, TellTale.SHEEN, TellTale.EDGE, TellTale.PULP);
    private static final int FINE = 2401;
    private static final double REACH = 6;
    private static final double DEVIATION = 0.35;

    private record Felt(TellTale tale, int reply, Duration at) {
    }

    private static Belief after(Drying bed, List<Felt> felt) {
        Belief belief = Belief.UNLEARNED;
        for (Felt one : felt) {
            belief = belief.seen(bed, one.at, share -> one.tale.likelihood(one.reply, share));
        }
        return belief;
    }

    private static List<Felt> wetAt(int... minutes) {
        List<Felt> felt = new ArrayList<>();
        for (int minute : minutes) {
            felt.add(new Felt(TellTale.TACK, 0, Duration.ofMinutes(minute)));
        }
        return felt;
    }

    private static double log(int i) {
        return DEVIATION * REACH * (2.0 * i / (FINE - 1) - 1);
    }

    /** By a second, direct computation. */
    private static double continuous(Drying bed, List<Felt> felt, Stage stage, Duration at) {
        double sum = 0;
        double there = 0;
        for (int i = 0; i < FINE; i++) {
            double rate = Math.exp(log(i));
            double weight = Math.exp(-Math.pow(log(i) / DEVIATION, 2) / 2);
            for (Felt one : felt) {
                weight *= one.tale.likelihood(one.reply, bed.waterShare(one.at, rate));
            }
            sum += weight;
            there += bed.waterShare(at, rate) <= stage.waterShare() ? weight : 0;
        }
        return there / sum;
    }

    @Test
    void wetLongAfterMostAreDry_isNotCalledReady() {
        Duration at = Duration.ofMinutes(66);
        double twice = COAT.chance(Stage.RECOAT, at, after(COAT, wetAt(60, 65)));
        assertEquals(continuous(COAT, wetAt(60, 65), Stage.RECOAT, at), twice, 0.01);
        assertTrue(twice < 0.35, "still wet at 60 and 65 min: ready at 66 min with " + twice);
        double last = 1;
        for (int[] wet : List.of(new int[] {50}, new int[] {50, 55}, new int[] {50, 55, 60}, new int[] {50, 55, 60, 65})) {
            double chance = COAT.chance(Stage.RECOAT, at, after(COAT, wetAt(wet)));
            assertTrue(chance <= last, "one more still wet: " + chance + " after " + last);
            last = chance;
        }
    }

    /** 2,000 sequences of checks, most of them as a bed of some rate would answer, some of them whatever. */
    @Test
    void chance_isWithinOnePointOfContinuousBayes() {
        Random random = new Random(29);
        List<Drying> beds = List.of(COAT, Drying.fresh(Bed.open(new Coat(60, 0.6), Underlay.panel(5)), AIR, Duration.ZERO),
                Drying.fresh(Bed.open(new Coat(100, 0.6), Underlay.panel(20)).under(Overlay.dry(15, 0.3)), AIR, Duration.ZERO));
        int contradicted = 0;
        double worst = 0;
        for (int i = 0; i < 2000; i++) {
            Drying bed = beds.get(i % beds.size());
            double usual = bed.reaches(Stage.RECOAT).orElseThrow().toSeconds();
            double rate = Math.exp(DEVIATION * random.nextGaussian());
            List<Felt> felt = new ArrayList<>();
            double at = 0;
            for (int checks = 1 + random.nextInt(4); checks > 0; checks--) {
                at += usual * (0.1 + 0.7 * random.nextDouble());
                felt.add(felt(random, bed, Duration.ofSeconds(Math.round(at)), i % 5 == 0 ? -1 : rate));
            }
            Stage stage = List.of(Stage.TOUCH_DRY, Stage.RECOAT, Stage.THROUGH).get(random.nextInt(3));
            Duration asked = Duration.ofSeconds(Math.round(at + usual * 0.5 * random.nextDouble()));
            Belief belief = after(bed, felt);
            double chance = bed.chance(stage, asked, belief);
            double exact = continuous(bed, felt, stage, asked);
            if (belief.contradicted()) {
                contradicted += i % 5 == 0 ? 0 : 1;
                assertTrue(chance <= exact + 0.01, felt + ": " + chance + ", Bayes " + exact);
            } else {
                worst = Math.max(worst, Math.abs(chance - exact));
                assertEquals(exact, chance, 0.01, i + " " + felt + " " + stage + " at " + asked);
            }
        }
        assertTrue(contradicted < 50, contradicted + " of 1600 that answered as they were contradicted");
        assertTrue(worst > 0, "nothing was compared");
    }

    private static Felt felt(Random random, Drying bed, Duration at, double rate) {
        TellTale tale = FELT.get(random.nextInt(FELT.size()));
        if (rate < 0) {
            return new Felt(tale, random.nextInt(tale.replies().size()), at);
        }
        double share = bed.waterShare(at, rate);
        double drawn = random.nextDouble();
        int reply = 0;
        while (reply < tale.replies().size() - 1 && (drawn -= tale.likelihood(reply, share)) > 0) {
            reply++;
        }
        return new Felt(tale, reply, at);
    }

    /** Whatever was felt before, in any of the ways a hand can feel it. */
    @Test
    void oneMoreStillWet_neverRaisesTheChance() {
        Random random = new Random(7);
        for (int i = 0; i < 300; i++) {
            List<Felt> felt = new ArrayList<>();
            double minutes = 5;
            for (int checks = random.nextInt(6); checks > 0; checks--) {
                minutes += 120 * random.nextDouble() * random.nextDouble();
                felt.add(felt(random, COAT, Duration.ofSeconds(Math.round(60 * minutes)), -1));
            }
            Duration at = Duration.ofSeconds(Math.round(60 * (minutes + 20 * random.nextDouble())));
            Belief before = after(COAT, felt);
            for (TellTale tale : FELT) {
                Belief wetter = before.seen(COAT, at, share -> tale.likelihood(0, share));
                for (Stage stage : List.of(Stage.TOUCH_DRY, Stage.RECOAT, Stage.THROUGH)) {
                    assertTrue(COAT.chance(stage, at, wetter) <= COAT.chance(stage, at, before) + 1e-9, tale + " after " + felt + " at " + at);
                }
                assertTrue(COAT.holds(at, wetter) <= COAT.holds(at, before) + 1e-9, tale + " after " + felt);
            }
        }
    }

    /** Of a hundred beds one or two are wet yet: that is said, and neither rounded to none nor to all. */
    @Test
    void chance_isNotCutAtItsEnds() {
        Duration late = COAT.spread(Stage.RECOAT, Belief.UNLEARNED).orElseThrow().nineTenths().multipliedBy(145).dividedBy(100);
        double chance = COAT.chance(Stage.RECOAT, late, Belief.UNLEARNED);
        assertEquals(continuous(COAT, List.of(), Stage.RECOAT, late), chance, 0.002);
        assertTrue(chance > 0.975 && chance < 0.9999, String.valueOf(chance));
        double early = COAT.chance(Stage.RECOAT, Duration.ofMinutes(16), Belief.UNLEARNED);
        assertTrue(early > 0 && early < 0.05, String.valueOf(early));
    }

    @Test
    void wetBeyondEveryRate_contradictsTheModel_andIsNeverReady() {
        for (int hours : new int[] {6, 10, 24, 100}) {
            Belief belief = after(COAT, wetAt(60 * hours));
            assertTrue(belief.contradicted(), hours + " h");
            for (int later = 0; later < 48; later += 6) {
                assertTrue(COAT.chance(Stage.RECOAT, Duration.ofHours(hours + later), belief) < 0.05, hours + " h and " + later);
            }
        }
        assertFalse(after(COAT, wetAt(60, 65)).contradicted());
    }

    /** Dry to the hand in the end: the hand is believed, as far as one reply goes. */
    @Test
    void dryAfterAContradiction_isBelieved() {
        List<Felt> felt = wetAt(600);
        felt.add(new Felt(TellTale.TACK, 2, Duration.ofMinutes(720)));
        double chance = COAT.chance(Stage.RECOAT, Duration.ofMinutes(721), after(COAT, felt));
        assertTrue(chance > 0.5 && chance < 0.95, String.valueOf(chance));
    }
}
