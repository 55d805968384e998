package kindveil.studio.work.sitting;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import kindveil.measure.Length;
import kindveil.measure.Span;
import kindveil.sitting.Chance;
import kindveil.sitting.Cost;
import kindveil.sitting.Hours;
import kindveil.sitting.Problem;
import kindveil.sitting.Schedule;
import kindveil.sitting.Task;
import kindveil.way.Plan;
import kindveil.way.Trace.Moment;
import kindveil.way.ActId;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * The diary thought through.
 *
 * @param zero minutes of the problem are counted from here
 * @param free the sittings of the problem, as hours
 * @param jobs those of the problem, in its order
 * @param unfit pieces that cannot be planned, and why
 * @param schedule or null where none was found
 * @param anew whether it is another than was kept
 * @param astray pins that could not be kept, in words
 */
public record Worked(Diary diary, Instant zero, ZoneId zone, List<Hours.Free> free, Problem problem, List<Pull> jobs, List<Unfit> unfit, @Nullable Schedule schedule, boolean anew, List<String> astray) {
    /**
     * One job's piece.
     *
     * @param making under way, or null where it is not begun
     * @param walk what comes of its acts when each begins at a moment of its own
     * @param plan it goes by
     * @param origin of its bench's time
     */
    public record Pull(String key, UUID piece, String words, @Nullable UUID making, Length width, Length height, Instant origin, Plan plan, Function<Function<ActId, Optional<Instant>>, List<Moment>> walk) {
    }

    /** A piece left out. @param why what the bench has against its plan, or which wait never ends in this room */
    public record Unfit(UUID piece, String words, String why) {
    }

    private static final Duration REMEMBERED = Duration.ofDays(14);

    public Worked {
        free = List.copyOf(free);
        jobs = List.copyOf(jobs);
        unfit = List.copyOf(unfit);
        astray = List.copyOf(astray);
    }

    public boolean asked() {
        return !problem.jobs().isEmpty();
    }

    public boolean fits() {
        return schedule != null;
    }

    /** The schedule, where it fits. */
    public Schedule plan() {
        return Objects.requireNonNull(schedule);
    }

    /** With this plan kept. */
    Worked keeping() {
        return new Worked(diary.planned(Stream.concat(past(), kept().stream()).toList()), zero, zone, free, problem, jobs, unfit, schedule, false, astray);
    }

    /** What was planned and is no longer to come, to be laid beside what happened. */
    private Stream<Diary.Kept> past() {
        Set<String> coming = kept().stream().map(each -> each.job() + " " + each.act()).collect(Collectors.toSet());
        Set<String> begun = jobs.stream().filter(pull -> pull.making() != null).map(Pull::key).collect(Collectors.toSet());
        return diary.planned().stream().filter(each -> each.at().isAfter(zero.minus(REMEMBERED)) && (each.at().isBefore(zero) || begun.contains(each.job())) && !coming.contains(each.job() + " " + each.act()));
    }

    /** A moment as one says it, day and time. */
    public String said(Instant moment) {
        return Hours.said(moment.atZone(zone).toLocalDateTime());
    }

    /** The clock on the wall at a moment. */
    public LocalTime wall(Instant moment) {
        return moment.atZone(zone).toLocalTime();
    }

    public Instant at(int minute) {
        return zero.plus(Duration.ofMinutes(minute));
    }

    public int minute(Instant at) {
        return (int) Math.floorDiv(Duration.between(zero, at).toMillis(), 60_000L);
    }

    public Cost cost() {
        return Cost.of(problem, plan());
    }

    public Chance chance() {
        return Chance.of(problem, plan());
    }

    public Instant start(int task) {
        return at(plan().start(task));
    }

    public Instant end(int task) {
        return at(plan().end(problem, task));
    }

    /** The acts of one job as they come when they begin as planned. */
    public List<Moment> moments(int job) {
        return jobs.get(job).walk().apply(act -> begins(job, act));
    }

    /** Of those, what hands do in one task. */
    public List<Moment> own(int task, List<Moment> ofItsJob) {
        Set<ActId> acts = task(task).acts().stream().map(Task.Timed::act).collect(Collectors.toSet());
        return ofItsJob.stream().filter(moment -> acts.contains(moment.act().id())).toList();
    }

    public Task task(int number) {
        return problem.tasks().get(number);
    }

    public Pull pull(int task) {
        return jobs.get(task(task).job());
    }

    private Optional<Instant> begins(int job, ActId act) {
        for (int task : problem.tasksOf(job)) {
            for (Task.Timed timed : task(task).acts()) {
                if (timed.act().equals(act)) {
                    return Optional.of(start(task).plus(Span.minutes(timed.from())));
                }
            }
        }
        return Optional.empty();
    }

    /** When all is due, as an instant. */
    public @Nullable Instant due() {
        LocalDateTime due = diary.due();
        return due == null ? null : due.atZone(zone).toInstant();
    }

    /** What would be kept of it. */
    public List<Diary.Kept> kept() {
        return IntStream.range(0, problem.tasks().size()).mapToObj(task -> new Diary.Kept(job(task), act(task), start(task), task(task).minutes(), pull(task).words(), task(task).words())).toList();
    }

    /** The lasting name of a task: its first act. */
    public String act(int task) {
        return task(task).acts().getFirst().act().toString();
    }

    public String job(int task) {
        return pull(task).key();
    }
}
