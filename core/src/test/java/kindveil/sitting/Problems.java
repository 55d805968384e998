package kindveil.sitting;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import kindveil.catalogue.Catalogue;
import kindveil.drying.Room;
import kindveil.measure.Length;
import kindveil.reading.TaskReading.Resource;
import kindveil.way.ActId;
import kindveil.way.Brief;
import kindveil.way.Trace;
import kindveil.way.Way;
import org.jspecify.annotations.Nullable;

/** Problems to try: small ones of every shape, and evenings of real plans. */
public final class Problems {
    private static final int DAY = 24 * 60;

    private Problems() {
    }

    static Task task(int minutes, int rubbing, Task.Span... hands) {
        return new Task(0, List.of(new Task.Timed(ActId.first("act"), "an act of " + minutes, 0, minutes)), minutes, hands.length == 0 ? List.of(new Task.Span(0, minutes)) : List.of(hands), rubbing, 0, Task.ANY);
    }

    static Problem.Plot plot(String key, @Nullable Integer due, List<Task> tasks, List<Lag> lags, List<Holding> holdings) {
        List<Lag> all = new ArrayList<>(lags);
        for (int i = 1; i < tasks.size(); i++) {
            all.add(new Lag(i - 1, i, tasks.get(i - 1).minutes(), null, ""));
        }
        return new Problem.Plot(new Job(key, key, due), tasks, all, holdings);
    }

    /** Up to five tasks in up to three jobs, within an hour cut into sittings: often just possible, often just not. */
    static Problem small(long seed) {
        Random random = new Random(seed);
        List<Problem.Plot> plots = new ArrayList<>();
        int left = 3 + random.nextInt(3);
        for (int j = 0; left > 0; j++) {
            int n = Math.min(left, 1 + random.nextInt(3));
            left -= n;
            List<Task> tasks = new ArrayList<>();
            List<Lag> lags = new ArrayList<>();
            List<Holding> holdings = new ArrayList<>();
            for (int i = 0; i < n; i++) {
                int minutes = 2 + random.nextInt(5);
                boolean gap = minutes > 4 && random.nextBoolean();
                tasks.add(gap ? task(minutes, 0, new Task.Span(0, 1), new Task.Span(minutes - 1, minutes)) : task(minutes, random.nextInt(3) == 0 ? minutes : 0));
                if (i > 0) {
                    int least = tasks.get(i - 1).minutes() + random.nextInt(8);
                    lags.add(new Lag(i - 1, i, least, random.nextInt(3) == 0 ? least + random.nextInt(6) : null, "it dries"));
                    if (random.nextInt(3) == 0) {
                        holdings.add(new Holding(Resource.PLATE, 1, i - 1, random.nextInt(2), i, 0));
                    }
                }
            }
            plots.add(plot("job " + j, random.nextInt(3) == 0 ? 20 + random.nextInt(20) : null, tasks, lags, holdings));
        }
        List<Sitting> sittings = new ArrayList<>();
        int at = random.nextInt(4);
        while (at < 34 && sittings.size() < 3) {
            int minutes = 7 + random.nextInt(10);
            sittings.add(new Sitting(at, at + minutes, sittings.size() / 2));
            at += minutes + 1 + random.nextInt(6);
        }
        return coloured(Problem.of(plots, Map.of(Resource.PLATE, 1), sittings, new Tiredness(10, random.nextInt(6))), seed);
    }

    /** Two in three tasks load the roller, with one of two colours; every third problem has none. */
    private static Problem coloured(Problem problem, long seed) {
        Random random = new Random(seed + 1000);
        Problem loaded = problem;
        for (int i = 0; i < problem.tasks().size() && seed % 3 > 0; i++) {
            String colour = random.nextInt(3) == 0 ? null : random.nextBoolean() ? "blue" : "cream";
            loaded = loaded.with(i, task -> loading(task, colour));
        }
        return loaded;
    }

    static Task loading(Task task, @Nullable String colour) {
        return new Task(task.job(), task.acts().stream().map(act -> new Task.Timed(act.act(), act.title(), act.from(), act.to(), colour)).toList(), task.minutes(), task.hands(), task.rubbing(), task.earliest(), task.latest());
    }

    /** The best there is, found by trying every start of every task; null where there is none. */
    static @Nullable Integer best(Problem problem) {
        return new BruteForce(problem).best();
    }

    private static final class BruteForce {
        private final Problem problem;
        private final int[] starts;
        private @Nullable Integer least;

        BruteForce(Problem problem) {
            this.problem = problem;
            this.starts = new int[problem.tasks().size()];
        }

        @Nullable Integer best() {
            from(0, 0);
            return least;
        }

        /** @param busy hands, a bit a minute */
        private void from(int task, long busy) {
            if (task == starts.length) {
                Schedule schedule = Schedule.of(starts);
                if (Check.of(problem, schedule).isEmpty()) {
                    int cost = Cost.of(problem, schedule).total();
                    least = least == null ? cost : Math.min(least, cost);
                }
                return;
            }
            for (Sitting sitting : problem.sittings()) {
                for (int at = sitting.from(); at + problem.tasks().get(task).minutes() <= sitting.to(); at++) {
                    starts[task] = at;
                    long own = 0;
                    for (Task.Span span : problem.tasks().get(task).hands()) {
                        own |= ((1L << span.to() - span.from()) - 1) << at + span.from();
                    }
                    if ((busy & own) == 0 && lagsHold(task)) {
                        from(task + 1, busy | own);
                    }
                }
            }
        }

        private boolean lagsHold(int last) {
            return problem.lags().stream().filter(lag -> lag.to() == last && lag.from() < last).allMatch(lag -> {
                int is = starts[lag.to()] - starts[lag.from()];
                Integer most = lag.most();
                return is >= lag.least() && (most == null || is <= most);
            });
        }
    }

    private static final List<Way> WAYS = Catalogue.ways().stream().filter(way -> way.card().bringsPicture()).toList();

    private static final List<Integer> SIZES = List.of(80, 120, 170);
    /** Walked once each. */
    private static final Map<String, Problem.Plot> PLOTS = new ConcurrentHashMap<>();

    /** A piece made as one of the ways asks. */
    static Problem.Plot piece(int number, Way way, int millimetres) {
        Problem.Plot plot = PLOTS.computeIfAbsent(way.key() + millimetres, key -> read(way, millimetres));
        return new Problem.Plot(new Job("piece " + number, way.key(), null), plot.tasks(), plot.lags(), plot.holdings());
    }

    private static Problem.Plot read(Way way, int millimetres) {
        Length width = Length.ofMillimetres(millimetres);
        Length height = Length.ofMillimetres(millimetres * 1.4);
        JobReading reading = JobReading.of(new Job("", way.key(), null), Trace.of(way.expand(Brief.usual(way, width, height, Room.of(21, 50)))).moments(), width, height);
        return reading.plot();
    }

    /** So many pieces, two hours every evening and more at the week's end, for a fortnight. */
    public static Problem evenings(int pieces, long seed) {
        Random random = new Random(seed);
        List<Problem.Plot> plots = new ArrayList<>();
        for (int i = 0; i < pieces; i++) {
            plots.add(piece(i, WAYS.get(random.nextInt(WAYS.size())), SIZES.get(random.nextInt(SIZES.size()))));
        }
        List<Sitting> sittings = new ArrayList<>();
        for (int day = 0; day < 14; day++) {
            boolean free = day % 7 >= 5;
            sittings.add(new Sitting(day * DAY + (free ? 10 : 19) * 60, day * DAY + (free ? 13 : 21) * 60, day));
            if (free) {
                sittings.add(new Sitting(day * DAY + 15 * 60, day * DAY + 17 * 60, day));
            }
        }
        Map<Resource, Integer> there = new EnumMap<>(Map.of(Resource.PLATE, 1, Resource.WEIGHT, 2, Resource.TRAY, 1, Resource.HEAT_TOOL, 1, Resource.FLAT_SPACE, 4000));
        return Problem.of(plots, there, sittings, Tiredness.USUAL);
    }
}
