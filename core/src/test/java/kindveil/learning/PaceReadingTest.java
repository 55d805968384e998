package kindveil.learning;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import kindveil.learning.DryingReading.Factor;
import kindveil.learning.PaceReading.Clocked;
import kindveil.way.HandWork;
import kindveil.way.Pace;
import org.junit.jupiter.api.Test;

/** Clocked acts teach how long hands take: as sure as it says, surer with more of them, unmoved by a telephone. */
class PaceReadingTest {
    private static Clocked act(HandWork work, double times) {
        return new Clocked(work, 6 * times, 6);
    }

    /** Hands of some pace, clocked so often; one act in seven was broken off or not done. */
    private static List<Clocked> clocked(Random random, double truth, int acts) {
        List<Clocked> all = new ArrayList<>();
        for (int i = 0; i < acts; i++) {
            double log = random.nextDouble() < 0.15 ? 0.4 + 1.2 * random.nextGaussian() : truth + 0.25 * random.nextGaussian();
            all.add(act(HandWork.RUBBING, Math.exp(log)));
        }
        return all;
    }

    @Test
    void fourIntervalsInFive_holdTheTruth_andMoreActsNarrowThem() {
        Random random = new Random(11);
        double[] width = new double[2];
        for (int size = 0; size < 2; size++) {
            int held = 0;
            for (int i = 0; i < 1000; i++) {
                double truth = 0.25 * random.nextGaussian() + 0.20 * random.nextGaussian();
                Factor found = PaceReading.of(clocked(random, truth, size == 0 ? 3 : 15)).works().get(HandWork.RUBBING);
                held += Math.log(found.low()) <= truth && truth <= Math.log(found.high()) ? 1 : 0;
                width[size] += Math.log(found.high() / found.low()) / 1000;
            }
            assertEquals(0.80, held / 1000.0, 0.04, "with %d acts".formatted(size == 0 ? 3 : 15));
        }
        assertTrue(width[1] < 0.6 * width[0] && width[0] < 2 * 1.2816 * Math.hypot(0.25, 0.20), width[0] + " " + width[1]);
    }

    @Test
    void telephone_movesLittle_andOtherWorkFollowsThePerson() {
        List<Clocked> steady = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            steady.add(act(HandWork.RUBBING, 1.4));
        }
        PaceReading slow = PaceReading.of(steady);
        assertEquals(1.4, slow.pace().of(HandWork.RUBBING), 0.08);
        assertTrue(slow.pace().of(HandWork.SANDING) > 1.1 && slow.pace().of(HandWork.SANDING) < slow.pace().of(HandWork.RUBBING), slow.toString());
        steady.add(act(HandWork.RUBBING, 12));
        steady.add(act(HandWork.RUBBING, 0.02));
        assertEquals(slow.pace().of(HandWork.RUBBING), PaceReading.of(steady).pace().of(HandWork.RUBBING), 0.03);
    }

    @Test
    void nothingClocked_isAnybody() {
        assertEquals(Pace.USUAL, PaceReading.of(List.of()).pace());
    }
}
