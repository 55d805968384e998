package kindveil.sitting;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kindveil.way.ActId;
import kindveil.way.Trace.Moment;
import kindveil.way.Trace.Wait;
import org.jspecify.annotations.Nullable;

/**
 * A schedule held against the air it falls into: a bed laid in the evening dries through a cold night, which the lags of a problem,
 * reckoned before anything had its time, do not know. Lags only grow and windows only narrow, so that looking for a schedule and
 * walking it in turn comes to an end.
 */
public final class Rewalk {
    private Rewalk() {
    }

    /**
     * The problem as the acts of one job find it when they begin as scheduled; the same problem where all their waits are over in time.
     *
     * @param moments of the job, each act as scheduled
     * @param zero the plan's beginning, on the bench's time
     */
    public static Problem of(Problem problem, int job, List<Moment> moments, Duration zero) {
        Map<ActId, Integer> task = new HashMap<>();
        for (int each : problem.tasksOf(job)) {
            problem.tasks().get(each).acts().forEach(timed -> task.put(timed.act(), each));
        }
        Problem found = problem;
        for (Moment moment : moments) {
            Integer to = task.get(moment.act().id());
            for (Wait wait : moment.waits()) {
                int lacks = minutesUp(wait.advisedEnd().minus(moment.start()));
                Duration latest = wait.times().latest();
                int past = latest == null ? 0 : minutesUp(moment.start().minus(wait.began().plus(latest)));
                if (to != null && (lacks > 0 || past > 0)) {
                    found = narrowed(found, task.get(wait.window().from()), to, wait, lacks, past, minutesUp(moment.start().minus(zero)));
                }
            }
        }
        return found;
    }

    /** Minutes past what a rounded problem may be off by. */
    private static int minutesUp(Duration duration) {
        return (int) Math.max(0, Math.ceilDiv(duration.toSeconds() - 60, 60L));
    }

    private static Problem narrowed(Problem problem, @Nullable Integer from, int to, Wait wait, int lacks, int past, int start) {
        if (from == null) {
            return problem.with(to, task -> {
                int earliest = lacks > 0 ? Math.max(task.earliest(), start + lacks) : task.earliest();
                return task.within(earliest, Math.max(earliest, past > 0 ? Math.min(task.latest(), start - past) : task.latest()));
            });
        }
        List<Lag> lags = new ArrayList<>(problem.lags());
        for (int i = 0; i < lags.size(); i++) {
            Lag lag = lags.get(i);
            if (lag.from() == from && lag.to() == to && lag.why().equals(wait.window().why())) {
                lags.set(i, lag.narrowed(lacks, past, wait.times().spread(), wait.times().advised()));
            }
        }
        return problem.lagging(lags);
    }
}
