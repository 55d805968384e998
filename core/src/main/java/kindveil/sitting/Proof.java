package kindveil.sitting;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
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
    /** A schedule is nearly the best where none is better by more. */
    static final double NEARLY = 0.99;
    /** What is better by so much is looked for first, any better at all last: so few are found on the way. */
    private static final double[] STEPS = {NEARLY, 0.997, 1};
    /** More choices of sittings are not gone through: each is a problem of its own. */
    private static final int MOST_ASKED = 16;
    /** To put a choice into the solver's words takes as long as so many fails. */
    private static final int A_CHOICE = 15;
    /** Of so many tasks a fail is as dear as it is counted; of more it is dearer by their number, and by that of their pairs. */
    private static final double USUAL = 30;
    private final Problem problem;
    private int fails;
    private Schedule best;
    private int total;

    private Proof(Problem problem, Schedule from, int fails) {
        this.problem = problem;
        this.fails = fails;
        this.best = from;
        this.total = Cost.of(problem, from).total();
    }

    /** @param fails the solver may meet over all questions */
    static Solved of(Problem problem, Schedule from, int fails) {
        double size = Math.max(1, problem.tasks().size() / USUAL);
        return new Proof(problem, from, (int) (fails / (size * size * size))).solved();
    }

    private Solved solved() {
        int known = Bounds.below(problem, total);
        for (double step : STEPS) {
            if (known < asked(step)) {
                if (!complete(step)) {
                    return new Solved(best, false, Math.min(known, total));
                }
                known = asked(step);
            }
        }
        return new Solved(best, true, total);
    }

    private int asked(double step) {
        return (int) Math.ceil(step * total);
    }

    /** Whether all that could cost so much less was looked through: the best of it is kept, if there is any, and is what less is reckoned from. */
    private boolean complete(double step) {
        Optional<List<Bounds.Choice>> choices = Bounds.choices(problem, asked(step), MOST_ASKED);
        for (Bounds.Choice choice : choices.orElse(List.of())) {
            Constraints constraints = new Constraints(choice.problem(), true);
            if (choice.least().total() >= asked(step) || !constraints.open()) {
                continue;
            }
            Solver solver = cheaper(constraints, choice, asked(step));
            solver.getObjectiveManager().setCutComputer(found -> (int) Math.ceil(step * found.intValue()) - 1);
            solver.limitFail(fails);
            while (solver.solve()) {
                best = Schedule.of(Arrays.stream(constraints.starts()).mapToInt(IntVar::getValue).toArray());
                total = Cost.of(problem, best).total();
            }
            fails -= A_CHOICE + (int) solver.getFailCount();
            if (solver.isStopCriterionMet() || fails <= 0) {
                return false;
            }
        }
        return choices.isPresent();
    }

    private static Solver cheaper(Constraints constraints, Bounds.Choice choice, int target) {
        Solver solver = constraints.model().getSolver();
        constraints.model().setObjective(false, constraints.cheaper(choice.least(), target));
        for (IntVar used : constraints.used()) {
            constraints.model().arithm(used, "=", 1).post();
        }
        solver.setSearch(Search.inputOrderLBSearch(constraints.used()), Search.domOverWDegSearch(constraints.sittings()), Search.domOverWDegSearch(constraints.orders()), Search.intVarSearch(new Smallest(), new IntDomainMin(), constraints.starts()), Search.inputOrderLBSearch(constraints.model().retrieveIntVars(true)));
        return solver;
    }
}
