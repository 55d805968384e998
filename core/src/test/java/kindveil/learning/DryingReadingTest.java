package kindveil.learning;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import kindveil.drying.Bed;
import kindveil.drying.Coat;
import kindveil.drying.Drying;
import kindveil.drying.Learned;
import kindveil.drying.Room;
import kindveil.drying.RoomCourse;
import kindveil.drying.Underlay;
import kindveil.learning.DryingReading.Check;
import kindveil.learning.DryingReading.Factor;
import kindveil.way.TellTale;
import org.junit.jupiter.api.Test;

/** Checks teach the studio's rate: as sure as it says, surer with more of them, and back again after a wrong one. */
class DryingReadingTest {
    private static final Drying BED = Drying.fresh(Bed.open(new Coat(100, 0.6), Underlay.paper(15)), RoomCourse.of(Room.of(21, 50)), Duration.ZERO);
    private static final List<TellTale> TALES = List.of(TellTale.TACK, TellTale.BACK, TellTale.EDGE);

    private static Check check(String product, int bed, double minutes, TellTale tale, int reply) {
        return new Check(product, "bed " + bed, BED, Duration.ofSeconds(Math.round(minutes * 60)), share -> tale.likelihood(reply, share));
    }

    /** A reply as likely as the tell-tale says where a bed of this rate is by then. */
    private static int reply(TellTale tale, double minutes, double rate, Random random) {
        double share = BED.waterShare(Duration.ofSeconds(Math.round(minutes * 60)), Math.round(Math.log(rate) / 0.05) * 0.05 == 0 ? 1 : Math.exp(Math.round(Math.log(rate) / 0.05) * 0.05));
        double roll = random.nextDouble();
        for (int i = 0; i < tale.replies().size(); i++) {
            roll -= tale.likelihood(i, share);
            if (roll < 0) {
                return i;
            }
        }
        return tale.replies().size() - 1;
    }

    /** The factor of the studio and of its medium, and the checks of so many beds of it. */
    private record Studio(double truth, List<Check> checks) {
        static Studio of(Random random, int beds) {
            double truth = 0.22 * random.nextGaussian() + 0.20 * random.nextGaussian();
            List<Check> checks = new ArrayList<>();
            for (int bed = 0; bed < beds; bed++) {
                double rate = Math.exp(truth + 0.18 * random.nextGaussian());
                for (int i = 0; i < 2; i++) {
                    double minutes = 10 + 60 * random.nextDouble();
                    TellTale tale = TALES.get(random.nextInt(TALES.size()));
                    checks.add(check("gel", bed, minutes, tale, reply(tale, minutes, rate, random)));
                }
            }
            return new Studio(truth, checks);
        }
    }

    @Test
    void fourIntervalsInFive_holdTheTruth_andMoreChecksNarrowThem() {
        Random random = new Random(7);
        double[] width = new double[2];
        for (int size = 0; size < 2; size++) {
            int held = 0;
            for (int i = 0; i < 1000; i++) {
                Studio studio = Studio.of(random, size == 0 ? 2 : 8);
                Factor found = DryingReading.of(studio.checks).products().get("gel");
                held += Math.log(found.low()) <= studio.truth && studio.truth <= Math.log(found.high()) ? 1 : 0;
                width[size] += Math.log(found.high() / found.low()) / 1000;
            }
            assertEquals(0.80, held / 1000.0, 0.04, "with %d beds".formatted(size == 0 ? 2 : 8));
        }
        assertTrue(width[1] < 0.75 * width[0] && width[0] < 2 * 1.2816 * Math.hypot(0.22, 0.20), width[0] + " " + width[1]);
    }

    @Test
    void slowStudio_isLearned_forWhatWasSeenAndForTheRest() {
        List<Check> checks = new ArrayList<>();
        for (int bed = 0; bed < 6; bed++) {
            checks.add(check("gel", bed, 48, TellTale.TACK, 1));
            checks.add(check("gel", bed, 90, TellTale.TACK, 2));
        }
        DryingReading read = DryingReading.of(checks);
        assertTrue(read.products().get("gel").high() < 1, read.toString());
        assertTrue(read.learned().of("gel").logMean() < -0.1);
        assertTrue(read.learned().of("paint").logMean() < -0.03 && read.learned().of("paint").logMean() > read.learned().of("gel").logMean(), "the studio has part in it");
        assertTrue(read.learned().of("gel").logDeviation() < 0.3);
        assertEquals(12, read.learned().checks());
        assertEquals(List.of(), read.contradicting());
    }

    @Test
    void nothingSeen_isAsBefore() {
        DryingReading read = DryingReading.of(List.of());
        assertEquals(0, read.learned().others().logMean(), 1e-9);
        assertEquals(0.35, read.learned().others().logDeviation(), 0.006);
        assertEquals(Learned.NOTHING.checks(), read.learned().checks());
    }

    @Test
    void oneWrongCheck_isSaid_andMoreRightOnesBringItBack() {
        List<Check> checks = new ArrayList<>(List.of(check("gel", 0, 12, TellTale.TACK, 2), check("gel", 0, 60, TellTale.TACK, 0)));
        assertEquals(List.of("bed 0"), DryingReading.of(checks).contradicting());
        List<Check> wrong = new ArrayList<>(List.of(check("gel", 0, 20, TellTale.TACK, 2), check("gel", 0, 22, TellTale.EDGE, 2)));
        double misled = DryingReading.of(wrong).products().get("gel").middle();
        assertTrue(misled > 1.1, "misled to " + misled);
        Random random = new Random(11);
        for (int bed = 1; bed < 12; bed++) {
            for (double minutes : new double[] {18, 30, 55}) {
                wrong.add(check("gel", bed, minutes, TellTale.TACK, reply(TellTale.TACK, minutes, 1, random)));
            }
        }
        double back = DryingReading.of(wrong).products().get("gel").middle();
        assertTrue(Math.abs(Math.log(back)) < 0.15 && back < misled, "back at " + back);
    }
}
