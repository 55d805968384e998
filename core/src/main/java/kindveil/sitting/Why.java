package kindveil.sitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Why a task begins when it does and not a minute sooner.
 *
 * @param because what holds it back
 * @param task the other one, where it is one; else -1
 * @param words what is waited for, where it is a wait
 * @param until when it lets go, in minutes
 */
public record Why(Because because, int task, String words, int until) {
    /** What can hold a task back. */
    public enum Because {
        /** Nothing sooner: the plan begins here. */
        FIRST,
        /** What was laid before it dries. */
        WAIT,
        /** The act before it in the same piece ends here. */
        AFTER,
        /** Hands are at something else. */
        HANDS,
        /** Fingers rest from rubbing. */
        REST,
        /** A plate, a weight, room is taken. */
        THING,
        /** The sitting begins here. */
        SITTING,
        /** What comes after it must not wait too long. */
        NEXT,
        /** It could begin sooner, at no gain for the whole. */
        FREE
    }

    public static Why of(Problem problem, Schedule schedule, int task) {
        int start = schedule.start(task);
        Task it = problem.tasks().get(task);
        Optional<Lag> tight = problem.lags().stream().filter(lag -> lag.to() == task && schedule.start(lag.from()) + lag.least() == start)
                .max((a, b) -> Boolean.compare(!a.why().isEmpty(), !b.why().isEmpty()));
        if (tight.isPresent()) {
            return new Why(tight.get().why().isEmpty() ? Because.AFTER : Because.WAIT, tight.get().from(), tight.get().why(), start);
        }
        if (it.earliest() == start && start > 0) {
            return new Why(Because.WAIT, -1, "", start);
        }
        if (problem.sittings().stream().anyMatch(sitting -> sitting.from() == start)) {
            return sitting(problem, schedule, task, start);
        }
        int hands = IntStream.range(0, problem.tasks().size()).filter(other -> other != task && meets(problem, schedule, task, other)).findFirst().orElse(-1);
        if (hands >= 0) {
            return new Why(Because.HANDS, hands, "", start);
        }
        int rubbed = it.rubbing() == 0 ? -1 : IntStream.range(0, problem.tasks().size()).filter(other -> problem.tasks().get(other).rubbing() > 0
                && schedule.end(problem, other) + problem.tired().rest(problem.tasks().get(other).rubbing()) == start).findFirst().orElse(-1);
        if (rubbed >= 0) {
            return new Why(Because.REST, rubbed, "", start);
        }
        return faults(problem, schedule, task);
    }

    /** A task at the beginning of a sitting: since it was ready between sittings, or does not fit into the one before. */
    private static Why sitting(Problem problem, Schedule schedule, int task, int start) {
        Optional<Lag> wait = problem.lags().stream().filter(lag -> lag.to() == task && !lag.why().isEmpty()).max((a, b) -> Integer.compare(schedule.start(a.from()) + a.least(), schedule.start(b.from()) + b.least()));
        return wait.map(lag -> new Why(Because.SITTING, lag.from(), lag.why(), schedule.start(lag.from()) + lag.least())).orElse(new Why(start == problem.sittings().getFirst().from() ? Because.FIRST : Because.SITTING, -1, "", start));
    }

    /** Whether hands on another task would be met a minute sooner. */
    private static boolean meets(Problem problem, Schedule schedule, int task, int other) {
        for (Task.Span own : problem.tasks().get(task).hands()) {
            for (Task.Span theirs : problem.tasks().get(other).hands()) {
                int from = schedule.start(task) - 1 + own.from();
                int to = schedule.start(task) - 1 + own.to();
                if (from < schedule.start(other) + theirs.to() && schedule.start(other) + theirs.from() < to) {
                    return true;
                }
            }
        }
        return false;
    }

    /** What a schedule with this task a minute sooner would break, beside hands. */
    private static Why faults(Problem problem, Schedule schedule, int task) {
        List<Integer> sooner = new ArrayList<>(schedule.starts());
        sooner.set(task, schedule.start(task) - 1);
        if (Check.of(problem, new Schedule(sooner)).isEmpty()) {
            return new Why(Because.FREE, -1, "", schedule.start(task));
        }
        boolean next = problem.lags().stream().anyMatch(lag -> lag.from() == task && lag.most() != null && schedule.start(lag.to()) - schedule.start(task) == lag.most());
        return new Why(next ? Because.NEXT : Because.THING, -1, "", schedule.start(task));
    }
}
