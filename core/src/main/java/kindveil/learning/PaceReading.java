package kindveil.learning;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.DoubleStream;
import kindveil.learning.DryingReading.Factor;
import kindveil.way.HandWork;
import kindveil.way.Pace;

/**
 * How long the artist's hands take against anybody's, from acts the bench has clocked: those told one right after the other. A pace
 * is one of the person times one of the kind of work, both log-normal; a clocked act is as long as that says, give or take, unless the
 * telephone rang or the act was told without being done, which is as likely at any length. On a grid (Bayes).
 *
 * @param pace what plans are made with
 * @param works those something was clocked of, times as long as usual
 */
public record PaceReading(Pace pace, Map<HandWork, Factor> works) {
    /** All of these are assumed. */
    private static final double PERSON = 0.25;
    private static final double WORK = 0.20;
    private static final double ONE_ACT = 0.25;
    private static final double INTERRUPTED = 0.15;
    private static final double INTERRUPTION = 1.2;
    private static final double LIKELY_LONGER = 0.4;

    /** One act. @param minutes it took @param usual minutes anybody is assumed to take */
    public record Clocked(HandWork work, double minutes, double usual) {
        double log() {
            return Math.log(minutes / usual);
        }
    }

    public PaceReading {
        works = Map.copyOf(works);
    }

    public static PaceReading of(List<Clocked> acts) {
        Map<HandWork, List<Clocked>> byWork = new EnumMap<>(HandWork.class);
        acts.forEach(act -> byWork.computeIfAbsent(act.work, key -> new ArrayList<>()).add(act));
        Grid person = Grid.of(PERSON);
        Grid work = Grid.of(WORK);
        Map<HandWork, double[][]> likely = new EnumMap<>(HandWork.class);
        byWork.forEach((kind, own) -> likely.put(kind, likely(person, work, own)));
        double[] posterior = person.weights().clone();
        for (double[][] each : likely.values()) {
            for (int p = 0; p < posterior.length; p++) {
                posterior[p] *= work.mean(each[p]);
            }
        }
        double sum = DoubleStream.of(posterior).sum();
        Map<HandWork, Factor> works = new EnumMap<>(HandWork.class);
        Map<HandWork, Double> pace = new EnumMap<>(HandWork.class);
        for (Map.Entry<HandWork, double[][]> each : likely.entrySet()) {
            List<double[]> both = new ArrayList<>();
            for (int p = 0; p < posterior.length; p++) {
                double all = work.mean(each.getValue()[p]);
                for (int w = 0; w < work.points().length; w++) {
                    both.add(new double[] {person.points()[p] + work.points()[w], posterior[p] / sum * work.weights()[w] * each.getValue()[p][w] / all});
                }
            }
            works.put(each.getKey(), Grid.factor(both, byWork.get(each.getKey()).size()));
        }
        List<double[]> own = new ArrayList<>();
        for (int p = 0; p < posterior.length; p++) {
            own.add(new double[] {person.points()[p], posterior[p] / sum});
        }
        double others = Grid.factor(own, acts.size()).middle();
        for (HandWork kind : HandWork.values()) {
            double factor = works.containsKey(kind) ? works.get(kind).middle() : others;
            if (!acts.isEmpty()) {
                pace.put(kind, factor);
            }
        }
        return new PaceReading(new Pace(pace), works);
    }

    /** How likely all acts of one kind are, for each factor of the person and of the work. */
    private static double[][] likely(Grid person, Grid work, List<Clocked> acts) {
        double[][] likely = new double[person.points().length][work.points().length];
        double most = Double.NEGATIVE_INFINITY;
        for (int p = 0; p < likely.length; p++) {
            for (int w = 0; w < likely[p].length; w++) {
                double at = person.points()[p] + work.points()[w];
                likely[p][w] = acts.stream().mapToDouble(act -> Math.log(likelihood(act.log(), at))).sum();
                most = Math.max(most, likely[p][w]);
            }
        }
        for (double[] row : likely) {
            for (int w = 0; w < row.length; w++) {
                row[w] = Math.exp(row[w] - most);
            }
        }
        return likely;
    }

    private static double likelihood(double log, double at) {
        return (1 - INTERRUPTED) * normal(log - at, ONE_ACT) + INTERRUPTED * normal(log - LIKELY_LONGER, INTERRUPTION);
    }

    private static double normal(double z, double deviation) {
        return Math.exp(-z * z / (2 * deviation * deviation)) / deviation;
    }
}
