package kindveil.learning;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import java.util.stream.DoubleStream;
import kindveil.drying.Drying;
import kindveil.drying.Learned;
import kindveil.drying.Rate;

/**
 * How fast things dry here, from what was seen and felt of beds. A bed's rate is that of the studio, times one of its product, times
 * one of its own; each log-normal, together as wide as the belief nobody has taught. A check is evidence of the rate through the share
 * of water the bed would have had at each, so “still tacky at 40 min” and “dry at 65” hold it between them. On a grid (Bayes).
 *
 * @param learned what plans are made with
 * @param studio the studio's own factor
 * @param products those something was seen of, and the studio's times theirs
 * @param contradicting beds whose checks no rate explains, in the order they were seen
 */
public record DryingReading(Learned learned, Factor studio, Map<String, Factor> products, List<String> contradicting) {
    /** Together 0.35 (assumed, as the model has it). */
    private static final double STUDIO = 0.22;
    private static final double PRODUCT = 0.20;
    private static final double BED = 0.18;
    private static final int BED_POINTS = 9;
    private static final double WIDEST = 2;
    private static final double STEP = 0.05;
    /** Of the likelihood its checks would have one by one; less than this and no rate explains them all. */
    private static final double CONTRADICTS = 0.12;

    /**
     * One check.
     *
     * @param bed which, so that its checks are taken together
     * @param likelihood of what was seen, by the share of water left
     */
    public record Check(String product, String bed, Drying drying, Duration at, ToDoubleFunction<Double> likelihood) {
    }

    /**
     * How many times as fast as in the middle studio.
     *
     * @param middle its median
     * @param low one belief in ten lies below, {@code high} one above
     */
    public record Factor(double middle, double low, double high, int checks) {
    }

    public DryingReading {
        products = Map.copyOf(products);
        contradicting = List.copyOf(contradicting);
    }

    public static DryingReading of(List<Check> checks) {
        Map<String, Map<String, List<Check>>> beds = new LinkedHashMap<>();
        checks.forEach(check -> beds.computeIfAbsent(check.product, key -> new LinkedHashMap<>()).computeIfAbsent(check.bed, key -> new ArrayList<>()).add(check));
        List<String> contradicting = new ArrayList<>();
        Grid studio = Grid.of(STUDIO);
        Grid product = Grid.of(PRODUCT);
        Map<String, double[][]> likely = new LinkedHashMap<>();
        beds.forEach((name, own) -> likely.put(name, likely(studio, product, own, contradicting)));
        double[] posterior = studio.weights().clone();
        for (double[][] each : likely.values()) {
            for (int s = 0; s < posterior.length; s++) {
                posterior[s] *= product.mean(each[s]);
            }
        }
        Grid.scale(posterior);
        Map<String, Rate> rates = new LinkedHashMap<>();
        Map<String, Factor> factors = new LinkedHashMap<>();
        for (Map.Entry<String, double[][]> each : likely.entrySet()) {
            List<double[]> both = new ArrayList<>();
            for (int s = 0; s < posterior.length; s++) {
                double all = product.mean(each.getValue()[s]);
                for (int p = 0; p < product.points().length; p++) {
                    both.add(new double[] {studio.points()[s] + product.points()[p], posterior[s] * product.weights()[p] * each.getValue()[s][p] / all});
                }
            }
            int count = beds.get(each.getKey()).values().stream().mapToInt(List::size).sum();
            rates.put(each.getKey(), rate(both, BED * BED));
            factors.put(each.getKey(), Grid.factor(both, count));
        }
        List<double[]> own = new ArrayList<>();
        for (int s = 0; s < posterior.length; s++) {
            own.add(new double[] {studio.points()[s], posterior[s]});
        }
        return new DryingReading(new Learned(rate(own, PRODUCT * PRODUCT + BED * BED), rates, checks.size()), Grid.factor(own, checks.size()), factors, contradicting);
    }

    /** How likely all checks of a product are, for each factor of the studio and of the product. */
    private static double[][] likely(Grid studio, Grid product, Map<String, List<Check>> beds, List<String> contradicting) {
        double[][] likely = new double[studio.points().length][product.points().length];
        for (double[] row : likely) {
            java.util.Arrays.fill(row, 1);
        }
        Grid own = Grid.of(BED, BED_POINTS);
        for (Map.Entry<String, List<Check>> bed : beds.entrySet()) {
            double[] byRate = byRate(bed.getValue());
            if (contradicts(bed.getValue(), byRate)) {
                contradicting.add(bed.getKey());
            }
            for (int s = 0; s < likely.length; s++) {
                for (int p = 0; p < likely[s].length; p++) {
                    double sum = 0;
                    for (int e = 0; e < own.points().length; e++) {
                        sum += own.weights()[e] * between(byRate, studio.points()[s] + product.points()[p] + own.points()[e]);
                    }
                    likely[s][p] *= sum;
                }
            }
        }
        double most = java.util.Arrays.stream(likely).flatMapToDouble(DoubleStream::of).max().orElse(1);
        for (double[] row : likely) {
            for (int p = 0; p < row.length; p++) {
                row[p] /= most;
            }
        }
        return likely;
    }

    private static double[] byRate(List<Check> checks) {
        double[] likely = new double[(int) Math.round(2 * WIDEST / STEP) + 1];
        for (int i = 0; i < likely.length; i++) {
            double rate = Math.exp(-WIDEST + i * STEP);
            likely[i] = 1;
            for (Check check : checks) {
                likely[i] *= check.likelihood.applyAsDouble(check.drying.waterShare(check.at, rate));
            }
        }
        return likely;
    }

    /** Whether the likeliest rate for all of a bed's checks makes them far less likely than each would be at a rate of its own. */
    private static boolean contradicts(List<Check> checks, double[] together) {
        double apart = 1;
        for (Check check : checks) {
            apart *= DoubleStream.of(byRate(List.of(check))).max().orElse(1);
        }
        return checks.size() > 1 && DoubleStream.of(together).max().orElse(1) < CONTRADICTS * apart;
    }

    private static double between(double[] byRate, double log) {
        double at = Math.clamp((log + WIDEST) / STEP, 0, byRate.length - 1.0);
        int cell = Math.min(byRate.length - 2, (int) at);
        return byRate[cell] + (at - cell) * (byRate[cell + 1] - byRate[cell]);
    }

    /** @param more variance of what is not seen yet */
    private static Rate rate(List<double[]> believed, double more) {
        double mean = believed.stream().mapToDouble(each -> each[0] * each[1]).sum();
        double variance = believed.stream().mapToDouble(each -> (each[0] - mean) * (each[0] - mean) * each[1]).sum();
        return new Rate(mean, Math.sqrt(variance + more));
    }
}
