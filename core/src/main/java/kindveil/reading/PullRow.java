package kindveil.reading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import kindveil.light.Colour;
import kindveil.light.ColourDifference;

/**
 * Pulls in a row from one plate, in the order that needs the fewest cleanings and then carries the least tint. What stays of the last
 * pull paint mixes into the next image paint; where that would be seen, plate and brayer are cleaned first. Up to {@value #EXACT} pulls
 * the order is the best there is (R. Bellman; M. Held and R. Karp, 1962), beyond that each goes to the nearest next.
 *
 * @param steps in that order
 */
public record PullRow(List<Step> steps) {
    static final int EXACT = 12;
    /** What stays on plate and brayer after a pull, of the next film (assumed). */
    private static final double CARRIED = 0.02;
    /** A tint of less is not seen (assumed). */
    private static final double SEEN = 2;
    /** One cleaning is worse than any tint. */
    private static final double CLEANING = 1e6;

    /** One pull. @param name of it @param image its first paint @param pull the one that lifts it off */
    public record Pull(String name, Colour image, Colour pull) {
    }

    /** One of the row. @param cleaned whether plate and brayer are cleaned before it @param tint what the last paint would do to its image paint, ΔE00; 0 for the first */
    public record Step(Pull pull, boolean cleaned, double tint) {
    }

    public int cleanings() {
        return (int) steps.stream().filter(Step::cleaned).count();
    }

    /** What the last pull's paint would do to the next image paint, ΔE00. */
    public static double tint(Colour last, Colour next) {
        return ColourDifference.between(next.stirred(last, CARRIED).lab(), next.stirred(last, 0).lab());
    }

    public static PullRow of(List<Pull> pulls) {
        List<Step> steps = new ArrayList<>();
        Pull last = null;
        double[][] costs = pulls.stream().map(before -> pulls.stream().mapToDouble(after -> cost(before, after)).toArray()).toArray(double[][]::new);
        for (int index : pulls.size() <= EXACT ? best(costs) : nearest(costs)) {
            Pull pull = pulls.get(index);
            double tint = last == null ? 0 : tint(last.pull, pull.image);
            steps.add(new Step(pull, tint > SEEN, tint));
            last = pull;
        }
        return new PullRow(steps);
    }

    private static double cost(Pull last, Pull next) {
        double tint = tint(last.pull, next.image);
        return tint > SEEN ? CLEANING + tint : tint;
    }

    private static int[] best(double[][] costs) {
        int n = costs.length;
        if (n == 0) {
            return new int[0];
        }
        double[][] least = new double[1 << n][n];
        int[][] before = new int[1 << n][n];
        for (double[] row : least) {
            Arrays.fill(row, Double.MAX_VALUE);
        }
        for (int i = 0; i < n; i++) {
            least[1 << i][i] = 0;
        }
        for (int done = 1; done < 1 << n; done++) {
            for (int last = 0; last < n; last++) {
                if (least[done][last] == Double.MAX_VALUE) {
                    continue;
                }
                for (int next = 0; next < n; next++) {
                    double sum = least[done][last] + costs[last][next];
                    if ((done >> next & 1) == 0 && sum < least[done | 1 << next][next]) {
                        least[done | 1 << next][next] = sum;
                        before[done | 1 << next][next] = last;
                    }
                }
            }
        }
        int all = (1 << n) - 1;
        int last = 0;
        for (int i = 1; i < n; i++) {
            last = least[all][i] < least[all][last] ? i : last;
        }
        int[] order = new int[n];
        for (int at = n - 1; at >= 0; at--) {
            order[at] = last;
            int was = before[all][last];
            all &= ~(1 << last);
            last = was;
        }
        return order;
    }

    private static int[] nearest(double[][] costs) {
        List<Integer> left = new ArrayList<>();
        for (int i = 1; i < costs.length; i++) {
            left.add(i);
        }
        int[] order = new int[costs.length];
        for (int at = 1; at < order.length; at++) {
            double[] from = costs[order[at - 1]];
            int next = left.stream().min(Comparator.comparingDouble(one -> from[one])).orElseThrow();
            left.remove(Integer.valueOf(next));
            order[at] = next;
        }
        return order;
    }
}
