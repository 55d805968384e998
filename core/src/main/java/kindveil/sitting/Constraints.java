package kindveil.sitting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import kindveil.reading.TaskReading.Resource;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.Settings;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;
import org.jspecify.annotations.Nullable;

/** A problem in the constraint solver's words. */
final class Constraints {
    private final Problem problem;
    private final Model model;
    private final boolean learning;
    private final IntVar[] starts;
    private final IntVar[] sittings;
    private @Nullable IntVar cost;
    private IntVar[] used = {};
    private boolean open = true;

    Constraints(Problem problem) {
        this(problem, false);
    }

    /** @param learning whether the solver learns from each fail what is never to be tried again: dearer, and far shorter where there is nothing to be found */
    Constraints(Problem problem, boolean learning) {
        this.problem = problem;
        this.learning = learning;
        this.model = new Model("sittings", Settings.init().setLCG(learning));
        int n = problem.tasks().size();
        starts = new IntVar[n];
        sittings = new IntVar[n];
        for (int i = 0; i < n && open; i++) {
            variables(i);
        }
        if (open) {
            lags();
            hands();
            things();
            rubbing();
        }
    }

    /** False where a task has no place at all. */
    boolean open() {
        return open;
    }

    Model model() {
        return model;
    }

    IntVar[] starts() {
        return starts;
    }

    IntVar[] sittings() {
        return sittings;
    }

    /** Whether anything is done in each sitting; none before the cost is asked for. */
    IntVar[] used() {
        return used;
    }

    private void variables(int i) {
        kindveil.sitting.Task task = problem.tasks().get(i);
        int[] places = problem.sittings().stream().flatMapToInt(sitting -> IntStream.rangeClosed(Math.max(sitting.from(), task.earliest()), Math.min(sitting.to() - task.minutes(), problem.latest(i)))).toArray();
        if (places.length == 0) {
            open = false;
            return;
        }
        starts[i] = model.intVar("start " + i, places);
        int[] fit = IntStream.range(0, problem.sittings().size()).filter(k -> Arrays.stream(places).anyMatch(at -> problem.sittings().get(k).holds(at, at + task.minutes()))).toArray();
        sittings[i] = model.intVar("sitting " + i, fit);
        // which sitting a start lies in: the number of sittings that begin no later
        IntVar from = model.intVar("from", IntStream.of(fit).map(k -> problem.sittings().get(k).from()).toArray());
        IntVar to = model.intVar("to", IntStream.of(fit).map(k -> problem.sittings().get(k).to()).toArray());
        model.element(from, problem.sittings().stream().mapToInt(Sitting::from).toArray(), sittings[i]).post();
        model.element(to, problem.sittings().stream().mapToInt(Sitting::to).toArray(), sittings[i]).post();
        model.arithm(starts[i], ">=", from).post();
        model.arithm(starts[i], "<=", to, "-", task.minutes()).post();
    }

    private void lags() {
        for (Lag lag : problem.lags()) {
            model.arithm(starts[lag.to()], "-", starts[lag.from()], ">=", lag.least()).post();
            Integer most = lag.most();
            if (most != null) {
                model.arithm(starts[lag.to()], "-", starts[lag.from()], "<=", most).post();
            }
        }
    }

    private org.chocosolver.solver.variables.Task span(int task, int from, int to) {
        IntVar start = from == 0 ? starts[task] : model.offset(starts[task], from);
        return new org.chocosolver.solver.variables.Task(start, model.intVar(to - from), model.offset(starts[task], to));
    }

    private void alone(List<org.chocosolver.solver.variables.Task> spans) {
        if (spans.size() > 1) {
            IntVar[] ones = spans.stream().map(span -> model.intVar(1)).toArray(IntVar[]::new);
            model.cumulative(spans.toArray(org.chocosolver.solver.variables.Task[]::new), ones, model.intVar(1)).post();
        }
    }

    private void hands() {
        List<org.chocosolver.solver.variables.Task> spans = new ArrayList<>();
        for (int i = 0; i < starts.length; i++) {
            for (kindveil.sitting.Task.Span span : problem.tasks().get(i).hands()) {
                spans.add(span(i, span.from(), span.to()));
            }
        }
        alone(spans);
    }

    private void things() {
        for (Map.Entry<Resource, Integer> there : problem.there().entrySet()) {
            List<org.chocosolver.solver.variables.Task> spans = new ArrayList<>();
            List<IntVar> amounts = new ArrayList<>();
            for (Holding holding : problem.holdings()) {
                if (holding.what() == there.getKey()) {
                    IntVar start = model.offset(starts[holding.from()], holding.after());
                    IntVar end = model.offset(starts[holding.until()], holding.before());
                    // a solver that learns asks of a length whether it is just so
                    IntVar length = model.intVar(0, problem.horizon() + holding.before(), !learning);
                    model.arithm(end, "-", start, "=", length).post();
                    spans.add(new org.chocosolver.solver.variables.Task(start, length, end));
                    amounts.add(model.intVar(holding.amount()));
                }
            }
            if (!spans.isEmpty()) {
                model.cumulative(spans.toArray(org.chocosolver.solver.variables.Task[]::new), amounts.toArray(IntVar[]::new), model.intVar(there.getValue())).post();
            }
        }
    }

    private void rubbing() {
        int[] tiring = IntStream.range(0, starts.length).filter(i -> problem.tasks().get(i).rubbing() > 0).toArray();
        List<org.chocosolver.solver.variables.Task> spans = new ArrayList<>();
        int[] days = problem.sittings().stream().mapToInt(Sitting::day).toArray();
        IntVar[] on = new IntVar[tiring.length];
        for (int t = 0; t < tiring.length; t++) {
            kindveil.sitting.Task task = problem.tasks().get(tiring[t]);
            spans.add(span(tiring[t], 0, task.minutes() + problem.tired().rest(task.rubbing())));
            on[t] = model.intVar(0, problem.daysUsed() - 1);
            model.element(on[t], days, sittings[tiring[t]]).post();
        }
        alone(spans);
        if (tiring.length > 0) {
            int[] minutes = Arrays.stream(tiring).map(i -> problem.tasks().get(i).rubbing()).toArray();
            model.binPacking(on, minutes, model.intVarArray(problem.daysUsed(), 0, problem.rubbingADay()), 0).post();
        }
    }

    /** What follows from the rest, and makes a proof short: a sitting lasts as long as the hands in it, and as any two acts of a job in it lie apart; of two jobs alike the first begins first. */
    private void tighten(IntVar[] within) {
        int[] hands = problem.tasks().stream().mapToInt(kindveil.sitting.Task::handsOn).toArray();
        IntVar[] loads = IntStream.range(0, within.length).mapToObj(s -> model.intVar("hands " + s, 0, problem.sittings().get(s).minutes(), true)).toArray(IntVar[]::new);
        model.binPacking(sittings, hands, loads, 0).post();
        for (int s = 0; s < within.length; s++) {
            model.arithm(loads[s], "<=", within[s]).post();
        }
        for (int job = 0; job < problem.jobs().size(); job++) {
            int[] own = problem.tasksOf(job);
            for (int other = job + 1; other < problem.jobs().size(); other++) {
                if (problem.alike(job, other)) {
                    model.arithm(starts[own[0]], "<=", starts[problem.tasksOf(other)[0]]).post();
                }
            }
            int[][] apart = apart(own);
            for (int i = 0; i < own.length; i++) {
                for (int j = i + 1; j < own.length; j++) {
                    int least = apart[i][j] + problem.tasks().get(own[j]).minutes();
                    IntVar stretch = model.intVar(0, problem.horizon(), true);
                    model.element(stretch, within, sittings[own[j]], 0).post();
                    model.ifThen(model.arithm(sittings[own[i]], "=", sittings[own[j]]), model.arithm(stretch, ">=", least));
                }
            }
        }
    }

    /** Which of two acts comes first: hands do one after the other. */
    BoolVar[] orders() {
        List<BoolVar> orders = new ArrayList<>();
        for (int i = 0; i < starts.length; i++) {
            for (int j = i + 1; j < starts.length; j++) {
                for (kindveil.sitting.Task.Span one : problem.tasks().get(i).hands()) {
                    for (kindveil.sitting.Task.Span other : problem.tasks().get(j).hands()) {
                        BoolVar first = model.boolVar();
                        model.reifyXltYC(starts[i], starts[j], other.from() - one.to() + 1, first);
                        model.reifyXltYC(starts[j], starts[i], one.from() - other.to() + 1, model.boolNotView(first));
                        orders.add(first);
                    }
                }
            }
        }
        return orders.toArray(BoolVar[]::new);
    }

    /** Minutes from the beginning of each task of a job to that of each later one at least: the longest way through its lags. */
    private int[][] apart(int[] own) {
        int[][] apart = new int[own.length][own.length];
        for (int i = 0; i < own.length; i++) {
            for (int j = i + 1; j < own.length; j++) {
                for (Lag lag : problem.lags()) {
                    int from = lag.from() - own[0];
                    if (lag.to() == own[j] && from >= i && from < j) {
                        apart[i][j] = Math.max(apart[i][j], apart[i][from] + lag.least());
                    }
                }
            }
        }
        return apart;
    }

    /** For each load of the roller whether the next is of another colour; the loads follow each other in one chain, by when they begin. */
    private IntVar[] washes() {
        List<Problem.Load> loads = problem.loads();
        int n = loads.size();
        if (loads.stream().map(Problem.Load::colour).distinct().count() < 2) {
            return new IntVar[0];
        }
        IntVar[] at = loads.stream().map(load -> model.offset(starts[load.task()], load.after())).toArray(IntVar[]::new);
        IntVar[] next = model.intVarArray("next", n + 1, 0, n);
        IntVar[] washes = new IntVar[n];
        model.circuit(next).post();
        for (int i = 0; i < n; i++) {
            int[] other = new int[n + 1];
            for (int j = 0; j < n; j++) {
                other[j] = loads.get(i).colour().equals(loads.get(j).colour()) ? 0 : 1;
                if (i == j) {
                    continue;
                }
                model.ifThen(model.arithm(next[i], "=", j), model.arithm(at[j], ">=", at[i]));
            }
            washes[i] = model.boolVar("wash " + i);
            model.element(washes[i], other, next[i], 0).post();
        }
        return washes;
    }

    /** The cost as {@link Cost} has it, to be made as small as can be. */
    IntVar cost() {
        return cost(false);
    }

    /** Only what costs less than {@code target}, of what costs so much at least. */
    IntVar cheaper(Cost least, int target) {
        IntVar asked = cost(true);
        model.arithm(asked, "<", target).post();
        model.arithm(asked, ">=", least.total()).post();
        return asked;
    }

    /** @param tight whether what makes a proof short is said too */
    private IntVar cost(boolean tight) {
        if (cost != null) {
            return cost;
        }
        int n = problem.jobs().size();
        int horizon = problem.horizon();
        IntVar[] ends = IntStream.range(0, n).mapToObj(job -> {
            int[] own = problem.tasksOf(job);
            IntVar end = model.intVar("end " + job, 0, horizon, true);
            model.max(end, Arrays.stream(own).mapToObj(i -> model.offset(starts[i], problem.tasks().get(i).minutes())).toArray(IntVar[]::new)).post();
            return end;
        }).toArray(IntVar[]::new);
        IntVar elapsed = model.intVar("elapsed", 0, horizon, true);
        model.max(elapsed, ends).post();
        int k = problem.sittings().size();
        IntVar[] first = new IntVar[k];
        IntVar[] last = new IntVar[k];
        IntVar[] load = new IntVar[k];
        used = new IntVar[k];
        IntVar[] within = new IntVar[k];
        for (int s = 0; s < k; s++) {
            Sitting sitting = problem.sittings().get(s);
            first[s] = model.intVar(sitting.from(), sitting.to(), true);
            last[s] = model.intVar(sitting.from(), sitting.to(), true);
            load[s] = model.intVar(0, starts.length, true);
            used[s] = model.boolVar();
            within[s] = model.intVar(0, sitting.minutes(), true);
            model.arithm(last[s], "-", first[s], "<=", within[s]).post();
            model.arithm(load[s], "<=", used[s], "*", starts.length).post();
        }
        int[] ones = new int[starts.length];
        Arrays.fill(ones, 1);
        model.binPacking(sittings, ones, load, 0).post();
        for (int i = 0; i < starts.length; i++) {
            IntVar begins = model.intVar(0, horizon, true);
            IntVar ceases = model.intVar(0, horizon, true);
            model.element(begins, first, sittings[i], 0).post();
            model.element(ceases, last, sittings[i], 0).post();
            model.arithm(begins, "<=", starts[i]).post();
            model.arithm(ceases, "-", starts[i], ">=", problem.tasks().get(i).minutes()).post();
        }
        List<IntVar> parts = new ArrayList<>(List.of(ends));
        List<Integer> weights = new ArrayList<>(java.util.Collections.nCopies(n, 1));
        parts.add(elapsed);
        weights.add(n);
        for (int s = 0; s < k; s++) {
            parts.add(used[s]);
            weights.add(n * Cost.SITTING);
            parts.add(within[s]);
            weights.add(n * Cost.WITHIN);
        }
        if (tight) {
            tighten(within);
        }
        IntVar[] washes = washes();
        for (IntVar wash : washes) {
            parts.add(wash);
            weights.add(n * Cost.WASH);
        }
        IntVar total = model.intVar("cost", 0, n * (horizon + k * Cost.SITTING + Cost.WITHIN * horizon + Cost.WASH * washes.length) + n * horizon, true);
        model.scalar(parts.toArray(IntVar[]::new), weights.stream().mapToInt(Integer::intValue).toArray(), "=", total).post();
        cost = total;
        return total;
    }
}
