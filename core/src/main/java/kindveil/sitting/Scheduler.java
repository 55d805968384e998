package kindveil.sitting;

import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.chocosolver.solver.Solution;
import org.chocosolver.solver.Solver;
import org.chocosolver.solver.exception.ContradictionException;
import org.chocosolver.solver.search.limits.FailCounter;
import org.chocosolver.solver.search.loop.lns.neighbors.IntNeighbor;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.search.strategy.selectors.values.IntDomainMin;
import org.chocosolver.solver.search.strategy.selectors.variables.Smallest;
import org.chocosolver.solver.variables.IntVar;
import org.jspecify.annotations.Nullable;

/**
 * Finds a schedule: see the package specification.
 *
 * @param orders in which a first one is sought, at random, besides the usual ones
 * @param fails the solver may meet while it changes some of it for the better
 * @param proof fails it may meet while it looks for any at all, for there being none, or for there being no better
 */
public record Scheduler(int orders, int fails, int proof) {
    /** While a knot is dragged. */
    public static final Scheduler QUICK = new Scheduler(12, 0, 300);
    /** When one may wait a moment. */
    public static final Scheduler THOROUGH = new Scheduler(40, 2200, 400);
    /** Few orders are tried with one sitting less. */
    private static final int SPARING = 4;
    /** Of no more tasks all that could be better is looked through at once; of more, some of it is changed for the better first. */
    private static final int SMALL = 40;
    private static final long SEED = 19;
    private static final int FAILS_A_NEIGHBOURHOOD = 40;

    public Solved solve(Problem problem) {
        return solve(problem, null);
    }

    /** The same, going on from a schedule that is known. */
    public Solved solve(Problem problem, @Nullable Schedule known) {
        if (problem.tasks().isEmpty()) {
            return new Solved(new Schedule(List.of()), true, 0);
        }
        Optional<Schedule> first = new Greedy(problem).best(orders, SEED);
        Schedule best = better(problem, first.orElse(null), known);
        if (best == null) {
            Solved any = any(problem);
            if (!any.found()) {
                return any;
            }
            best = any.schedule();
        }
        best = sparing(problem, best);
        if (fails == 0) {
            // a plan that is wanted at once is bounded by whoever asks how good it is
            return new Solved(best, false, 0);
        }
        if (problem.tasks().size() > SMALL) {
            return Proof.of(problem, improved(problem, best), proof);
        }
        Solved asked = Proof.of(problem, best, proof);
        return asked.nearly(problem) ? asked : Proof.of(problem, improved(problem, asked.schedule()), proof);
    }

    /** What no schedule costs less than, as far as it can be proven. */
    public int bound(Problem problem, Schedule known) {
        return Proof.of(problem, known, proof).bound();
    }

    /** Without one sitting after another, as long as that is better. */
    private static Schedule sparing(Problem problem, Schedule from) {
        Schedule best = from;
        List<Sitting> kept = problem.sittings();
        for (int k = problem.sittings().size() - 1; k >= 0; k--) {
            Sitting sitting = problem.sittings().get(k);
            List<Sitting> fewer = kept.stream().filter(each -> !each.equals(sitting)).toList();
            int number = k;
            Schedule so = best;
            boolean used = IntStream.range(0, problem.tasks().size()).anyMatch(task -> so.sitting(problem, task) == number);
            Schedule found = used ? new Greedy(problem.in(fewer)).best(SPARING, SEED).orElse(null) : null;
            if (found != null && Cost.of(problem, found).total() < Cost.of(problem, best).total()) {
                best = found;
                kept = fewer;
            }
        }
        return best;
    }

    private static @Nullable Schedule better(Problem problem, @Nullable Schedule a, @Nullable Schedule b) {
        if (a == null || b == null) {
            return a == null ? b : a;
        }
        return Cost.of(problem, b).total() < Cost.of(problem, a).total() ? b : a;
    }

    /** Any schedule at all, or that there is none. */
    private Solved any(Problem problem) {
        Constraints constraints = new Constraints(problem);
        if (!constraints.open()) {
            return new Solved(null, true, 0);
        }
        Solver solver = constraints.model().getSolver();
        solver.setSearch(Search.domOverWDegSearch(constraints.sittings()), Search.intVarSearch(new Smallest(), new IntDomainMin(), constraints.starts()));
        solver.limitFail(proof);
        if (solver.solve()) {
            return new Solved(read(constraints), false, 0);
        }
        return new Solved(null, !solver.isStopCriterionMet(), 0);
    }

    private static Schedule read(Constraints constraints) {
        return Schedule.of(Arrays.stream(constraints.starts()).mapToInt(IntVar::getValue).toArray());
    }

    private Schedule improved(Problem problem, Schedule from) {
        Constraints constraints = new Constraints(problem);
        IntVar cost = constraints.cost();
        Solver solver = constraints.model().getSolver();
        constraints.model().setObjective(false, cost);
        solver.setSearch(Search.intVarSearch(new Smallest(), new IntDomainMin(), constraints.starts()), Search.inputOrderLBSearch(constraints.model().retrieveIntVars(true)));
        Solution known = new Solution(constraints.model(), constraints.starts());
        for (int i = 0; i < constraints.starts().length; i++) {
            known.setIntVal(constraints.starts()[i], from.start(i));
        }
        solver.setLNS(new Neighbourhood(problem, constraints.starts(), SEED), new FailCounter(constraints.model(), FAILS_A_NEIGHBOURHOOD), known);
        solver.limitFail(fails);
        constraints.model().arithm(cost, "<", Cost.of(problem, from).total()).post();
        Schedule best = from;
        while (solver.solve()) {
            best = read(constraints);
        }
        return best;
    }

    /** Some jobs, or what lies in some sittings, freed; the rest stays where it is. */
    private static final class Neighbourhood extends IntNeighbor {
        private final Problem problem;
        private final Random random;

        Neighbourhood(Problem problem, IntVar[] starts, long seed) {
            super(starts);
            this.problem = problem;
            this.random = new Random(seed);
        }

        @Override
        public void fixSomeVariables() throws ContradictionException {
            BitSet free = new BitSet(variables.length);
            if (random.nextInt(3) == 0) {
                int sitting = random.nextInt(problem.sittings().size());
                int until = Math.min(problem.sittings().size() - 1, sitting + random.nextInt(2));
                int from = problem.sittings().get(sitting).from();
                int to = problem.sittings().get(until).to();
                IntStream.range(0, variables.length).filter(i -> values[i] >= from && values[i] < to).forEach(free::set);
            } else {
                int jobs = 1 + random.nextInt(Math.min(3, problem.jobs().size()));
                for (int j = 0; j < jobs; j++) {
                    int job = random.nextInt(problem.jobs().size());
                    IntStream.range(0, variables.length).filter(i -> problem.tasks().get(i).job() == job).forEach(free::set);
                }
            }
            for (int i = 0; i < variables.length; i++) {
                if (!free.get(i)) {
                    freeze(i);
                }
            }
        }

        @Override
        public void restrictLess() {
            // each neighbourhood is drawn anew
        }

        @Override
        public boolean isSearchComplete() {
            return false;
        }
    }
}
