package kindveil.sitting;

import java.util.Arrays;
import java.util.List;
import org.chocosolver.solver.Solver;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.search.strategy.selectors.values.IntDomainMin;
import org.chocosolver.solver.search.strategy.selectors.variables.Smallest;
import org.chocosolver.solver.variables.IntVar;

/**
 * How much better than a schedule any other could be. For each choice of sittings that {@link Bounds} does not rule out, the constraint
 * solver is asked for one that is so much better; where it finds that there is none, there is none. One that it finds is the better one.
 */
final class Proof {
    /** A hundredth better is looked for before any better at all. */
    private static final double NEARLY = 0.99;
    /** More choices of sittings are not gone through: each is a problem of its own. */
    private static final int MOST_ASKED = 16;
    private final Problem problem;
    private final int fails;
    private Schedule best;
    private int total;

    private Proof(Problem problem, Schedule from, int fails) {
        this.problem = problem;
        this.fails = fails;
        this.best = from;
        this.total = Cost.of(problem, from).total();
    }

    /** @param fails the solver may meet for each question */
    static Solved of(Problem problem, Schedule from, int fails) {
        return new Proof(problem, from, fails).solved();
    }

    private Solved solved() {
        int known = Bounds.of(problem).total();
        int asked = nearly();
        if (known < asked) {
            if (!complete(asked)) {
                return new Solved(best, false, Math.min(known, total));
            }
            known = Math.min(asked, total);
        }
        boolean least = known >= total || complete(total);
        return new Solved(best, least, least ? total : known);
    }

    private int nearly() {
        return (int) Math.ceil(NEARLY * total);
    }

    /** Whether all that could cost less than {@code target} was looked through: the best of it is kept, if there is any. */
    private boolean complete(int target) {
        int left = fails;
        List<Bounds.Choice> choices = Bounds.choices(problem, target);
        if (choices.size() > MOST_ASKED) {
            return false;
        }
        for (Bounds.Choice choice : choices) {
            Constraints constraints = new Constraints(choice.problem());
            if (!constraints.open()) {
                continue;
            }
            Solver solver = cheaper(constraints, choice, Math.min(target, total));
            solver.limitFail(left);
            while (solver.solve()) {
                best = Schedule.of(Arrays.stream(constraints.starts()).mapToInt(IntVar::getValue).toArray());
                total = Cost.of(problem, best).total();
            }
            left -= (int) solver.getFailCount();
            if (solver.isStopCriterionMet() || left <= 0) {
                return false;
            }
        }
        return true;
    }

    private static Solver cheaper(Constraints constraints, Bounds.Choice choice, int target) {
        Solver solver = constraints.model().getSolver();
        constraints.model().setObjective(false, constraints.cheaper(choice.least(), target));
        if (choice.all()) {
            for (IntVar used : constraints.used()) {
                constraints.model().arithm(used, "=", 1).post();
            }
        }
        solver.setSearch(Search.inputOrderLBSearch(constraints.used()), Search.domOverWDegSearch(constraints.sittings()), Search.intVarSearch(new Smallest(), new IntDomainMin(), constraints.starts()), Search.inputOrderLBSearch(constraints.model().retrieveIntVars(true)));
        return solver;
    }
}
