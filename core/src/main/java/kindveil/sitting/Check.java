package kindveil.sitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import kindveil.reading.TaskReading.Resource;

/** A schedule held against its problem, minute by minute. */
public final class Check {
    private Check() {
    }

    /** What it breaks, in words; empty where it holds. */
    public static List<String> of(Problem problem, Schedule schedule) {
        List<String> faults = new ArrayList<>();
        if (schedule.starts().size() != problem.tasks().size()) {
            return List.of("%d starts for %d tasks".formatted(schedule.starts().size(), problem.tasks().size()));
        }
        if (schedule.starts().stream().anyMatch(start -> start < 0)) {
            return List.of("something begins before the plan does");
        }
        int end = 0;
        for (int i = 0; i < problem.tasks().size(); i++) {
            end = Math.max(end, schedule.end(problem, i));
        }
        calendar(problem, schedule, faults);
        lags(problem, schedule, faults);
        hands(problem, schedule, end + 1, faults);
        things(problem, schedule, end + 1, faults);
        rubbing(problem, schedule, end + 1, faults);
        return faults;
    }

    private static void calendar(Problem problem, Schedule schedule, List<String> faults) {
        for (int i = 0; i < problem.tasks().size(); i++) {
            Task task = problem.tasks().get(i);
            int start = schedule.start(i);
            boolean sits = false;
            for (Sitting sitting : problem.sittings()) {
                sits |= sitting.from() <= start && start + task.minutes() <= sitting.to();
            }
            if (!sits) {
                faults.add("%s at %d lies in no sitting".formatted(task.words(), start));
            }
            if (start < task.earliest() || start > task.latest()) {
                faults.add("%s at %d is not between %d and %d".formatted(task.words(), start, task.earliest(), task.latest()));
            }
            Integer due = problem.jobs().get(task.job()).due();
            if (due != null && start + task.minutes() > due) {
                faults.add("%s ends at %d, after %d".formatted(task.words(), start + task.minutes(), due));
            }
        }
    }

    private static void lags(Problem problem, Schedule schedule, List<String> faults) {
        for (Lag lag : problem.lags()) {
            int is = schedule.start(lag.to()) - schedule.start(lag.from());
            Integer most = lag.most();
            if (is < lag.least() || most != null && is > most) {
                faults.add("%s begins %d after %s, which is not %d to %s".formatted(problem.tasks().get(lag.to()).words(), is, problem.tasks().get(lag.from()).words(), lag.least(), most == null ? "any" : most));
            }
        }
    }

    private static void hands(Problem problem, Schedule schedule, int end, List<String> faults) {
        int[] busy = new int[end];
        for (int i = 0; i < problem.tasks().size(); i++) {
            for (Task.Span span : problem.tasks().get(i).hands()) {
                for (int at = span.from(); at < span.to(); at++) {
                    if (++busy[schedule.start(i) + at] == 2) {
                        faults.add("hands are at two things at %d".formatted(schedule.start(i) + at));
                    }
                }
            }
        }
    }

    private static void things(Problem problem, Schedule schedule, int end, List<String> faults) {
        for (Map.Entry<Resource, Integer> there : problem.there().entrySet()) {
            int[] used = new int[end];
            for (Holding holding : problem.holdings()) {
                if (holding.what() == there.getKey()) {
                    for (int at = schedule.start(holding.from()) + holding.after(); at < schedule.start(holding.until()) + holding.before(); at++) {
                        used[at] += holding.amount();
                    }
                }
            }
            for (int at = 0; at < end; at++) {
                if (used[at] > there.getValue() && (at == 0 || used[at - 1] <= there.getValue())) {
                    faults.add("%d %s at %d, of %d".formatted(used[at], there.getKey().words(), at, there.getValue()));
                }
            }
        }
    }

    private static void rubbing(Problem problem, Schedule schedule, int end, List<String> faults) {
        int[] day = new int[problem.daysUsed()];
        int[] rubbed = new int[end + problem.tasks().stream().mapToInt(task -> problem.tired().rest(task.rubbing())).max().orElse(0)];
        for (int i = 0; i < problem.tasks().size(); i++) {
            Task task = problem.tasks().get(i);
            int sitting = schedule.sitting(problem, i);
            if (task.rubbing() > 0 && sitting >= 0) {
                int on = problem.sittings().get(sitting).day();
                day[on] += task.rubbing();
                if (day[on] > problem.rubbingADay() && day[on] - task.rubbing() <= problem.rubbingADay()) {
                    faults.add("%d minutes of rubbing on day %d, of %d".formatted(day[on], on, problem.rubbingADay()));
                }
                for (int at = 0; at < task.minutes() + problem.tired().rest(task.rubbing()); at++) {
                    if (++rubbed[schedule.start(i) + at] == 2) {
                        faults.add("no rest from rubbing at %d".formatted(schedule.start(i) + at));
                    }
                }
            }
        }
    }
}
