package kindveil.sitting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import kindveil.reading.TaskReading.Resource;
import org.jspecify.annotations.Nullable;

/**
 * What is to be fitted in: see the package specification.
 *
 * @param tasks those of one job follow each other in its order
 * @param there how much there is of each thing that is kept; what is not named is never short
 * @param sittings in their order, none in another
 */
public record Problem(List<Job> jobs, List<Task> tasks, List<Lag> lags, List<Holding> holdings, Map<Resource, Integer> there, List<Sitting> sittings, Tiredness tired) {
    public Problem {
        jobs = List.copyOf(jobs);
        tasks = List.copyOf(tasks);
        lags = List.copyOf(lags);
        holdings = List.copyOf(holdings);
        there = Map.copyOf(there);
        sittings = sittings.stream().sorted(Comparator.comparingInt(Sitting::from)).toList();
        for (int i = 1; i < sittings.size(); i++) {
            if (sittings.get(i).from() < sittings.get(i - 1).to()) {
                throw new IllegalArgumentException("Impossible state: sittings %s and %s overlap.".formatted(sittings.get(i - 1), sittings.get(i)));
            }
        }
    }

    /** When the last sitting ends; 0 where there is none. */
    public int horizon() {
        return sittings.isEmpty() ? 0 : sittings.getLast().to();
    }

    public int[] tasksOf(int job) {
        return IntStream.range(0, tasks.size()).filter(i -> tasks.get(i).job() == job).toArray();
    }

    public int handsOn() {
        return tasks.stream().mapToInt(Task::handsOn).sum();
    }

    /** Minutes of rubbing in a day; what one go of it takes is never too much. */
    public int rubbingADay() {
        return Math.max(tired.rubbingADay(), tasks.stream().mapToInt(Task::rubbing).max().orElse(0));
    }

    public int daysUsed() {
        return sittings.stream().mapToInt(Sitting::day).max().orElse(-1) + 1;
    }

    /** Whenever the roller is loaded with a colour, in the order of tasks. */
    public List<Load> loads() {
        List<Load> loads = new ArrayList<>();
        for (int task = 0; task < tasks.size(); task++) {
            for (Task.Timed timed : tasks.get(task).acts()) {
                if (timed.loads() != null) {
                    loads.add(new Load(task, timed.from(), timed.loads()));
                }
            }
        }
        return loads;
    }

    /** The roller loaded with a colour. @param after minutes of its task */
    public record Load(int task, int after, String colour) {
    }

    /** The last minute a task may begin at, by what is due. */
    public int latest(int task) {
        Task it = tasks.get(task);
        Integer due = jobs.get(it.job()).due();
        return Math.min(it.latest(), due == null ? horizon() : due - it.minutes());
    }

    public Problem in(List<Sitting> other) {
        return new Problem(jobs, tasks, lags, holdings, there, other, tired);
    }

    public Problem with(Map<Resource, Integer> other) {
        return new Problem(jobs, tasks, lags, holdings, other, sittings, tired);
    }

    public Problem with(Tiredness other) {
        return new Problem(jobs, tasks, lags, holdings, there, sittings, other);
    }

    /** With other lags. */
    Problem lagging(List<Lag> other) {
        return new Problem(jobs, tasks, other, holdings, there, sittings, tired);
    }

    /** Without anything that is due. */
    public Problem undue() {
        return due(job -> null);
    }

    public Problem due(Function<Job, @Nullable Integer> when) {
        return new Problem(jobs.stream().map(job -> job.due(when.apply(job))).toList(), tasks, lags, holdings, there, sittings, tired);
    }

    /** With other bounds for one task. */
    public Problem with(int task, UnaryOperator<Task> change) {
        List<Task> other = new ArrayList<>(tasks);
        other.set(task, change.apply(other.get(task)));
        return new Problem(jobs, other, lags, holdings, there, sittings, tired);
    }

    /** Only some of its jobs, in their order. */
    public Problem only(List<Integer> kept) {
        Problem all = new Problem(List.of(), List.of(), List.of(), List.of(), there, sittings, tired);
        for (int job : kept) {
            all = all.plus(alone(job));
        }
        return all;
    }

    /** One job by itself. */
    public Plot alone(int job) {
        int[] own = tasksOf(job);
        int[] number = new int[tasks.size()];
        Arrays.fill(number, -1);
        for (int i = 0; i < own.length; i++) {
            number[own[i]] = i;
        }
        return new Plot(jobs.get(job), Arrays.stream(own).mapToObj(tasks::get).toList(),
                lags.stream().filter(lag -> number[lag.from()] >= 0 && number[lag.to()] >= 0).map(lag -> lag.between(number[lag.from()], number[lag.to()])).toList(),
                holdings.stream().filter(h -> number[h.from()] >= 0).map(h -> new Holding(h.what(), h.amount(), number[h.from()], h.after(), number[h.until()], h.before())).toList());
    }

    /** Whether two jobs could change places in any schedule, and nobody would see it: two pulls of one picture. */
    boolean alike(int one, int other) {
        int[] first = tasksOf(one);
        int[] second = tasksOf(other);
        boolean tied = lags.stream().anyMatch(lag -> tasks.get(lag.from()).job() != tasks.get(lag.to()).job() && (of(lag, one) || of(lag, other)));
        return !tied && first.length == second.length && IntStream.range(0, first.length).allMatch(i -> latest(first[i]) == latest(second[i])) && alone(one).alike(alone(other));
    }

    private boolean of(Lag lag, int job) {
        return tasks.get(lag.from()).job() == job || tasks.get(lag.to()).job() == job;
    }

    /** A job with its tasks, lags and holdings, numbered from 0. */
    public record Plot(Job job, List<Task> tasks, List<Lag> lags, List<Holding> holdings) {
        public Plot {
            tasks = List.copyOf(tasks);
            lags = List.copyOf(lags);
            holdings = List.copyOf(holdings);
        }

        boolean alike(Plot other) {
            return tasks.size() == other.tasks.size() && IntStream.range(0, tasks.size()).allMatch(i -> tasks.get(i).alike(other.tasks.get(i)))
                    && lags.size() == other.lags.size() && IntStream.range(0, lags.size()).allMatch(i -> lags.get(i).alike(other.lags.get(i))) && holdings.equals(other.holdings);
        }

        /** Minutes from its first act to its last if hands are always free: the longest way through its least lags. */
        public int shortest() {
            int[] heads = new int[tasks.size()];
            int end = 0;
            for (int i = 0; i < heads.length; i++) {
                for (Lag lag : lags) {
                    heads[i] = lag.to() == i && lag.from() < i ? Math.max(heads[i], heads[lag.from()] + lag.least()) : heads[i];
                }
                end = Math.max(end, heads[i] + tasks.get(i).minutes());
            }
            return end;
        }
    }

    /** With one more job. */
    public Problem plus(Plot plot) {
        int first = tasks.size();
        int number = jobs.size();
        List<Job> moreJobs = new ArrayList<>(jobs);
        moreJobs.add(plot.job());
        List<Task> moreTasks = new ArrayList<>(tasks);
        plot.tasks().forEach(task -> moreTasks.add(task.of(number)));
        List<Lag> moreLags = new ArrayList<>(lags);
        plot.lags().forEach(lag -> moreLags.add(lag.between(first + lag.from(), first + lag.to())));
        List<Holding> moreHoldings = new ArrayList<>(holdings);
        plot.holdings().forEach(h -> moreHoldings.add(new Holding(h.what(), h.amount(), first + h.from(), h.after(), first + h.until(), h.before())));
        return new Problem(moreJobs, moreTasks, moreLags, moreHoldings, there, sittings, tired);
    }

    /** Of jobs by themselves. */
    public static Problem of(List<Plot> plots, Map<Resource, Integer> there, List<Sitting> sittings, Tiredness tired) {
        Problem all = new Problem(List.of(), List.of(), List.of(), List.of(), there, sittings, tired);
        for (Plot plot : plots) {
            all = all.plus(plot);
        }
        return all;
    }
}
