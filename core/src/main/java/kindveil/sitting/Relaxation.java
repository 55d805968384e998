package kindveil.sitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import org.jspecify.annotations.Nullable;

/**
 * One thing less asked for, by so little that it fits.
 *
 * @param what was let go
 * @param by how many minutes; 0 where it is a whole thing
 * @param of which sitting or job, from 0
 * @param schedule that fits then
 */
public record Relaxation(What what, int by, int of, Schedule schedule, Problem problem) {
    /** What may be let go. */
    public enum What {
        LONGER_SITTING, EARLIER_SITTING, ONE_SITTING_MORE, LATER, ONE_FEWER, OTHERWISE
    }

    private static final int STEP = 15;
    private static final int MOST = 180;

    /** A problem that differs in how something is made: under a fan, hung, without a weight. */
    public record Otherwise(int job, String words, Problem.Plot plot) {
    }

    /**
     * Every single thing that makes it fit, the cheapest of each first.
     *
     * @param more hours that could be sat in and are not, a sitting each
     * @param otherwise other ways to dry single jobs
     */
    public static List<Relaxation> of(Problem problem, List<Sitting> more, List<Otherwise> otherwise, Scheduler scheduler) {
        List<Relaxation> all = new ArrayList<>();
        for (int k = 0; k < problem.sittings().size(); k++) {
            int number = k;
            least(What.LONGER_SITTING, k, room(problem, k), by -> stretched(problem, number, 0, by), scheduler).ifPresent(all::add);
            least(What.EARLIER_SITTING, k, before(problem, k), by -> stretched(problem, number, by, 0), scheduler).ifPresent(all::add);
        }
        for (int m = 0; m < more.size(); m++) {
            Sitting extra = more.get(m);
            if (problem.sittings().stream().noneMatch(each -> each.from() < extra.to() && extra.from() < each.to())) {
                least(What.ONE_SITTING_MORE, m, extra.minutes() / STEP * STEP, by -> plus(problem, new Sitting(extra.from(), extra.from() + by, extra.day())), scheduler).ifPresent(all::add);
            }
        }
        for (int i = 0; i < otherwise.size(); i++) {
            Otherwise other = otherwise.get(i);
            whole(What.OTHERWISE, i, replaced(problem, other), scheduler).ifPresent(all::add);
        }
        later(problem, scheduler).ifPresent(all::add);
        for (int job = 0; job < problem.jobs().size() && problem.jobs().size() > 1; job++) {
            int left = job;
            whole(What.ONE_FEWER, job, problem.only(java.util.stream.IntStream.range(0, problem.jobs().size()).filter(j -> j != left).boxed().toList()), scheduler).ifPresent(all::add);
        }
        return all;
    }

    /** The least of the steps that fits; more of it fits too. */
    private static Optional<Relaxation> least(What what, int of, int most, IntFunction<Problem> by, Scheduler scheduler) {
        int top = Math.min(MOST, most) / STEP;
        Relaxation found = top < 1 ? null : fits(what, top * STEP, of, by.apply(top * STEP), scheduler);
        if (found == null) {
            return Optional.empty();
        }
        int low = 0;
        int high = top;
        while (high - low > 1) {
            int middle = (low + high) / 2;
            Relaxation less = fits(what, middle * STEP, of, by.apply(middle * STEP), scheduler);
            if (less == null) {
                low = middle;
            } else {
                high = middle;
                found = less;
            }
        }
        return Optional.of(found);
    }

    private static Optional<Relaxation> whole(What what, int of, Problem problem, Scheduler scheduler) {
        return Optional.ofNullable(fits(what, 0, of, problem, scheduler));
    }

    private static @Nullable Relaxation fits(What what, int by, int of, Problem problem, Scheduler scheduler) {
        Schedule schedule = scheduler.solve(problem).schedule();
        return schedule == null ? null : new Relaxation(what, by, of, schedule, problem);
    }

    /** All of it in the same sittings, but due later by as little as was found. */
    private static Optional<Relaxation> later(Problem problem, Scheduler scheduler) {
        if (problem.jobs().stream().noneMatch(job -> job.due() != null)) {
            return Optional.empty();
        }
        Problem undue = problem.undue();
        Schedule schedule = scheduler.solve(undue).schedule();
        if (schedule == null) {
            return Optional.empty();
        }
        int by = 0;
        for (int job = 0; job < problem.jobs().size(); job++) {
            Integer due = problem.jobs().get(job).due();
            by = due == null ? by : Math.max(by, schedule.end(problem, problem.jobs().get(job)) - due);
        }
        int late = Math.ceilDiv(by, STEP) * STEP;
        return Optional.of(new Relaxation(What.LATER, late, 0, schedule, problem.due(job -> job.due() == null ? null : job.due() + late)));
    }

    /** How much longer a sitting could last before the next begins. */
    private static int room(Problem problem, int k) {
        return k + 1 < problem.sittings().size() ? problem.sittings().get(k + 1).from() - problem.sittings().get(k).to() : MOST;
    }

    private static int before(Problem problem, int k) {
        return problem.sittings().get(k).from() - (k == 0 ? 0 : problem.sittings().get(k - 1).to());
    }

    private static Problem stretched(Problem problem, int k, int before, int after) {
        List<Sitting> sittings = new ArrayList<>(problem.sittings());
        Sitting was = sittings.get(k);
        sittings.set(k, new Sitting(was.from() - before, was.to() + after, was.day()));
        return problem.in(sittings);
    }

    private static Problem plus(Problem problem, Sitting extra) {
        List<Sitting> sittings = new ArrayList<>(problem.sittings());
        sittings.add(extra);
        return problem.in(sittings);
    }

    private static Problem replaced(Problem problem, Otherwise other) {
        Problem all = problem.only(List.of());
        for (int job = 0; job < problem.jobs().size(); job++) {
            all = all.plus(job == other.job() ? other.plot() : problem.alone(job));
        }
        return all;
    }
}
