package kindveil.sitting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.IntSupplier;
import org.jspecify.annotations.Nullable;

/** No schedule costs less than this: for every choice of sittings to work in, what each part costs at least with something left out of the problem. */
public final class Bounds {
    /** More choices are not tried while a page waits: the whole problem is bounded instead (assumed: it takes too long). */
    private static final int AT_ONCE = 2000;
    /** The same where one may wait a moment. */
    private static final int PATIENTLY = 6000;
    /** So many sittings before the last are told apart by their bits. */
    private static final int MOST_BEFORE = Long.SIZE - 2;

    private Bounds() {
    }

    /** Some of the sittings, each worked in. @param problem in these alone @param least what that costs at least */
    record Choice(Problem problem, Cost least) {
    }

    /** What any schedule costs at least, in the cost's minutes. */
    public static int of(Problem problem) {
        return below(problem, Integer.MAX_VALUE, AT_ONCE);
    }

    /** The same where a schedule that costs so much is known: {@code known} says that none costs less. */
    static int below(Problem problem, int known) {
        return below(problem, known, PATIENTLY);
    }

    private static int below(Problem problem, int known, int tries) {
        Cost any = in(problem);
        AtomicInteger least = new AtomicInteger(known);
        boolean all = through(problem, any, tries, least::get, choice -> least.set(choice.least.total()));
        return all ? Math.max(Math.min(known, any.total()), least.get()) : Math.min(known, any.total());
    }

    /** All choices of sittings in which a schedule could cost less than {@code target}; empty where there are more than {@code most}, or too many to try. */
    static Optional<List<Choice>> choices(Problem problem, int target, int most) {
        List<Choice> choices = new ArrayList<>();
        boolean all = through(problem, in(problem), PATIENTLY, () -> choices.size() > most ? Integer.MIN_VALUE : target, choices::add);
        return all && choices.size() <= most ? Optional.of(choices) : Optional.empty();
    }

    /** Every choice that costs at least less than {@code target}, those that end sooner and have fewer sittings first. @return false where there are more to try than {@code tries}, or more sittings than can be told apart */
    private static boolean through(Problem problem, Cost any, int tries, IntSupplier target, Consumer<Choice> found) {
        int tried = 0;
        for (int last = 0; last < problem.sittings().size() && sooner(problem, any, last, 1) < target.getAsInt(); last++) {
            if (last > MOST_BEFORE) {
                return false;
            }
            if (chosen(problem, (1L << last) - 1, last) == null) {
                // not even in all of them
                continue;
            }
            for (int before = Math.max(0, any.sittings() - 1); before <= last && sooner(problem, any, last, before + 1) < target.getAsInt(); before++) {
                for (long which = (1L << before) - 1; which < 1L << last; which = next(which)) {
                    if (++tried > tries) {
                        return false;
                    }
                    Choice choice = chosen(problem, which, last);
                    if (choice != null && choice.least.total() < target.getAsInt()) {
                        found.accept(choice);
                    }
                }
            }
        }
        return true;
    }

    /** The next greater number with as many bits. */
    private static long next(long bits) {
        if (bits == 0) {
            return Long.MAX_VALUE;
        }
        long low = bits & -bits;
        long carried = bits + low;
        return carried | (bits ^ carried) / low >>> 2;
    }

    /** Whoever works in a sitting is not done before it begins, nor in fewer. */
    private static int sooner(Problem problem, Cost any, int last, int sittings) {
        return new Cost(any.jobs(), Math.max(any.elapsed(), problem.sittings().get(last).from() + 1), any.ends(), sittings, any.within(), any.washes()).total();
    }

    /** Where the last sitting worked in is told, and those before it by their bits; null where that does not hold all. */
    private static @Nullable Choice chosen(Problem problem, long before, int last) {
        List<Sitting> chosen = new ArrayList<>();
        for (int k = 0; k < last; k++) {
            if ((before >> k & 1) == 1) {
                chosen.add(problem.sittings().get(k));
            }
        }
        chosen.add(problem.sittings().get(last));
        if (chosen.stream().mapToInt(Sitting::minutes).sum() < problem.handsOn()) {
            return null;
        }
        Problem in = problem.in(chosen);
        int[] heads = heads(in);
        for (int task = 0; task < heads.length; task++) {
            if (heads[task] >= in.horizon() || heads[task] > in.latest(task)) {
                return null;
            }
        }
        Cost cost = in(in);
        return new Choice(in, new Cost(cost.jobs(), Math.max(cost.elapsed(), problem.sittings().get(last).from() + 1), cost.ends(), chosen.size(), cost.within(), cost.washes()));
    }

    /** Elapsed and ends from what each job needs by itself and from one pair of hands that may be interrupted, sittings as few as hold all hands, and hands alone within them. */
    private static Cost in(Problem problem) {
        int[] heads = heads(problem);
        int elapsed = 0;
        int ends = 0;
        for (int job = 0; job < problem.jobs().size(); job++) {
            int end = 0;
            for (int task : problem.tasksOf(job)) {
                end = Math.max(end, heads[task] + problem.tasks().get(task).minutes());
            }
            elapsed = Math.max(elapsed, end);
            ends += end;
        }
        int hands = problem.handsOn();
        return new Cost(problem.jobs().size(), Math.max(elapsed, oneMachine(problem, heads)), Math.max(ends, shortestFirst(problem)), fewest(problem, hands), hands, (int) Math.max(0, problem.loads().stream().map(Problem.Load::colour).distinct().count() - 1));
    }

    /** The soonest each task can begin, by its own job's least lags and the sittings. */
    public static int[] heads(Problem problem) {
        int[] heads = new int[problem.tasks().size()];
        boolean moved = true;
        for (int i = 0; i < heads.length; i++) {
            heads[i] = fit(problem, i, problem.tasks().get(i).earliest());
        }
        while (moved) {
            moved = false;
            for (Lag lag : problem.lags()) {
                int at = fit(problem, lag.to(), heads[lag.from()] + lag.least());
                if (at > heads[lag.to()]) {
                    heads[lag.to()] = at;
                    moved |= at < problem.horizon();
                }
            }
        }
        return heads;
    }

    private static int fit(Problem problem, int task, int from) {
        int minutes = problem.tasks().get(task).minutes();
        for (Sitting sitting : problem.sittings()) {
            int at = Math.max(from, sitting.from());
            if (at + minutes <= sitting.to()) {
                return at;
            }
        }
        return problem.horizon();
    }

    /** Hands that may be interrupted, and lie where sittings are: whatever begins no sooner than a head takes all minutes from there on. */
    private static int oneMachine(Problem problem, int[] heads) {
        Integer[] order = new Integer[heads.length];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, Comparator.comparingInt(i -> heads[i]));
        int most = 0;
        int work = 0;
        for (int k = order.length - 1; k >= 0; k--) {
            work += problem.tasks().get(order[k]).handsOn();
            most = Math.max(most, after(problem, heads[order[k]], work));
        }
        return most;
    }

    /** When so many minutes of sittings from one on are over. */
    private static int after(Problem problem, int from, int work) {
        int left = work;
        for (Sitting sitting : problem.sittings()) {
            int at = Math.max(from, sitting.from());
            if (at < sitting.to()) {
                if (left <= sitting.to() - at) {
                    return at + left;
                }
                left -= sitting.to() - at;
            }
        }
        return problem.horizon();
    }

    /** Jobs one after the other, those with least to do first. */
    private static int shortestFirst(Problem problem) {
        List<Integer> work = new ArrayList<>();
        for (int job = 0; job < problem.jobs().size(); job++) {
            work.add(Arrays.stream(problem.tasksOf(job)).map(task -> problem.tasks().get(task).handsOn()).sum());
        }
        work.sort(null);
        int ends = 0;
        int done = 0;
        for (int each : work) {
            done += each;
            ends += after(problem, 0, done);
        }
        return ends;
    }

    private static int fewest(Problem problem, int hands) {
        List<Integer> lengths = problem.sittings().stream().map(Sitting::minutes).sorted(Comparator.reverseOrder()).toList();
        int left = hands;
        int count = 0;
        for (int length : lengths) {
            if (left <= 0) {
                break;
            }
            left -= length;
            count++;
        }
        return count;
    }
}
