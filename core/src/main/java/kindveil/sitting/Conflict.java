package kindveil.sitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import kindveil.reading.TaskReading.Resource;

/**
 * What cannot all be had: a smallest set of demands no schedule keeps. Each of them taken away by itself, there is one.
 *
 * @param demands in words
 * @param core what of the problem they are
 * @param proven whether the solver looked through everything; else it only found nothing
 */
public record Conflict(List<String> demands, Problem core, boolean proven) {
    public Conflict {
        demands = List.copyOf(demands);
    }

    /** One demand, and the problem without it. */
    private record Demand(String words, UnaryOperator<Problem> without) {
    }

    /** Of a problem nothing was found for. */
    public static Conflict of(Problem problem, Scheduler scheduler) {
        boolean proven = scheduler.solve(problem).proven();
        Problem left = problem;
        // jobs first: the fewer there are, the plainer is the rest
        List<Integer> jobs = new ArrayList<>(IntStream.range(0, problem.jobs().size()).boxed().toList());
        for (int job = problem.jobs().size() - 1; job >= 0 && jobs.size() > 1; job--) {
            List<Integer> fewer = new ArrayList<>(jobs);
            fewer.remove(Integer.valueOf(job));
            Solved solved = scheduler.solve(problem.only(fewer));
            if (!solved.found()) {
                jobs = fewer;
                proven = solved.proven();
            }
        }
        left = problem.only(jobs);
        List<String> demands = new ArrayList<>(left.jobs().stream().map(Job::words).toList());
        for (Demand demand : demands(left)) {
            Problem fewer = demand.without.apply(left);
            Solved solved = scheduler.solve(fewer);
            if (solved.found()) {
                demands.add(demand.words);
            } else {
                left = fewer;
                proven = solved.proven();
            }
        }
        return new Conflict(demands, left, proven);
    }

    private static List<Demand> demands(Problem problem) {
        List<Demand> demands = new ArrayList<>();
        if (problem.jobs().stream().anyMatch(job -> job.due() != null)) {
            demands.add(new Demand("when they are due", Problem::undue));
        }
        for (Map.Entry<Resource, Integer> there : problem.there().entrySet().stream().sorted(Map.Entry.comparingByKey()).toList()) {
            demands.add(new Demand("no more than %s".formatted(said(there)), from -> without(from, there.getKey())));
        }
        demands.add(new Demand("no more than %d minutes of rubbing in a day".formatted(problem.rubbingADay()), from -> from.with(new Tiredness(Tiredness.MOST_A_DAY, 0))));
        return demands;
    }

    private static String said(Map.Entry<Resource, Integer> there) {
        return there.getKey() == Resource.FLAT_SPACE ? "%,d cm² of flat space".formatted(there.getValue()) : (there.getValue() == 1 ? "one %s" : "%2$d %1$ss").formatted(there.getKey().words(), there.getValue());
    }

    private static Problem without(Problem problem, Resource what) {
        return problem.with(problem.there().entrySet().stream().filter(each -> each.getKey() != what).collect(java.util.stream.Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)));
    }
}
