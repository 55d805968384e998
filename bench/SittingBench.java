import java.util.ArrayList;
import java.util.List;
import kindveil.sitting.Bounds;
import kindveil.sitting.Check;
import kindveil.sitting.Cost;
import kindveil.sitting.Problem;
import kindveil.sitting.Problems;
import kindveil.sitting.Repair;
import kindveil.sitting.Schedule;
import kindveil.sitting.Scheduler;
import kindveil.sitting.Task;

/** How long evenings take to plan, how good plans are beside the best that much more search finds, and what a late act costs. */
final class SittingBench {
    private SittingBench() {
    }

    /** @param args instances of each size, and fails of the long search */
    public static void main(String[] args) {
        int instances = args.length > 0 ? Integer.parseInt(args[0]) : 40;
        int fails = args.length > 1 ? Integer.parseInt(args[1]) : 30_000;
        for (int i = 0; i < 12; i++) {
            Scheduler.QUICK.solve(Problems.evenings(8, 900 + i));
        }
        for (int pieces : new int[] {2, 4, 8, 12}) {
            List<Double> quick = new ArrayList<>();
            List<Double> thorough = new ArrayList<>();
            List<Double> late = new ArrayList<>();
            List<Double> quickGap = new ArrayList<>();
            List<Double> gap = new ArrayList<>();
            List<Double> bound = new ArrayList<>();
            int proven = 0;
            int near = 0;
            int tasks = 0;
            for (int seed = 0; seed < instances; seed++) {
                Problem problem = Problems.evenings(pieces, seed);
                tasks += problem.tasks().size();
                long start = System.nanoTime();
                Schedule first = Scheduler.QUICK.solve(problem).schedule();
                quick.add(since(start));
                start = System.nanoTime();
                var solved = Scheduler.THOROUGH.solve(problem);
                thorough.add(since(start));
                Schedule best = new Scheduler(60, fails, 400).solve(problem, solved.schedule()).schedule();
                if (!Check.of(problem, first).isEmpty() || !Check.of(problem, solved.schedule()).isEmpty() || !Check.of(problem, best).isEmpty()) {
                    throw new IllegalStateException("a schedule does not hold: " + pieces + " pieces, seed " + seed);
                }
                double least = Cost.of(problem, best).total();
                quickGap.add(100 * (Cost.of(problem, first).total() / least - 1));
                gap.add(100 * (Cost.of(problem, solved.schedule()).total() / least - 1));
                bound.add(100 * (1 - Bounds.of(problem) / least));
                proven += solved.proven() ? 1 : 0;
                near += solved.nearly(problem) ? 1 : 0;
                Problem after = problem.with(1, task -> task.within(solved.schedule().start(1) + 45, Task.ANY));
                start = System.nanoTime();
                Schedule repaired = Repair.of(after, new ArrayList<>(solved.schedule().starts()), Scheduler.QUICK).schedule();
                late.add(since(start));
                if (repaired != null && !Check.of(after, repaired).isEmpty()) {
                    throw new IllegalStateException("a repair does not hold: " + pieces + " pieces, seed " + seed);
                }
            }
            System.out.printf("%d pieces, %d tasks: a plan in %.0f ms (longest %.0f), %.1f %% above the best found (worst %.1f); a good one in %.0f ms (longest %.0f), %.2f %% above (worst %.2f), %d of %d proven, %d within a hundredth of what is proven; the best at most %.1f %% from the bound; after a late act %.0f ms (longest %.0f)%n",
                    pieces, tasks / instances, middle(quick), last(quick), middle(quickGap), last(quickGap), middle(thorough), last(thorough), middle(gap), last(gap), proven, instances, near, middle(bound), middle(late), last(late));
        }
    }

    private static double since(long start) {
        return (System.nanoTime() - start) / 1e6;
    }

    private static double middle(List<Double> of) {
        return of.stream().sorted().skip(of.size() / 2).findFirst().orElseThrow();
    }

    private static double last(List<Double> of) {
        return of.stream().mapToDouble(Double::doubleValue).max().orElseThrow();
    }
}
