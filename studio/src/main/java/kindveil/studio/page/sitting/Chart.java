package kindveil.studio.page.sitting;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import kindveil.bench.Bench;
import kindveil.bench.Face;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Step;
import kindveil.drying.Stage;
import kindveil.reading.ShortWord;
import kindveil.sitting.Hours;
import kindveil.sitting.Sitting;
import kindveil.sitting.Task;
import kindveil.studio.work.sitting.Worked;
import kindveil.way.Trace.Moment;
import org.jspecify.annotations.Nullable;

/**
 * Each piece a line of its own water: it hangs while wet and comes up as it dries; a knot is what hands do.
 *
 * @param fold place and minute where the scale changes, for the page
 * @param zero of the minutes, in milliseconds
 */
record Chart(double tall, String fold, long zero, List<Column> columns, List<Night> nights, List<Line> lines, @Nullable Due due) {
    static final double WIDTH = 1108;
    private static final double NAMES = 182;
    private static final double RIGHT = 1100;
    private static final double TOP = 44;
    private static final double ROW = 104;
    private static final double LOW_ROW = 74;
    private static final int MANY = 6;
    private static final double STEP = 3;
    private static final int AFTER = 6 * 60;
    private static final double HEADING = 150;
    private static final double LETTER = 7.2;
    private static final double ORDINARY = 300;
    private static final int DUSK = 22;
    private static final int DAWN = 7;

    /** One sitting. @param from in milliseconds, as its name @param words short where there is little room */
    record Column(double x, double wide, String words, long from, long to, boolean used) {
        public double end() {
            return x + wide;
        }

        public double beginsX() {
            return x - 5;
        }

        public double endsX() {
            return end() - 5;
        }
    }

    /** Hours of the night between sittings. */
    record Night(double x, double wide) {
    }

    /** One piece. @param path its line @param water what hangs under it */
    record Line(String name, double y, String path, String water, List<Knot> knots) {
        public double nameY() {
            return y + 4;
        }

        public double labelY() {
            return y - 12;
        }

        public double reachY() {
            return y - 14;
        }
    }

    /** One task. @param key names it in addresses @param label empty where there is no room for it @param put whether the artist put it there */
    record Knot(String key, String job, String act, double x, double rx, String label, String words, boolean put, boolean asked, double y) {
        public double reachX() {
            return x - 12;
        }

        /** A peg under what the artist put there. */
        public String peg() {
            return "M%s %sv9".formatted(x, y + 9);
        }
    }

    /** When all is due. */
    record Due(double x, String words, boolean left) {
        public double wordsX() {
            return left ? x - 8 : x + 8;
        }

        public String anchor() {
            return left ? "end" : "start";
        }
    }

    static Chart of(Worked worked, String asked, @Nullable String dueWords) {
        int last = worked.problem().tasks().isEmpty() ? 0 : last(worked);
        List<Sitting> shown = worked.problem().sittings().stream().filter(sitting -> sitting.from() <= last || due(worked) != null && sitting.from() < due(worked)).toList();
        int until = Math.max(last + AFTER, due(worked) == null ? 0 : due(worked) + 30);
        Fold fold = Fold.of(shown, Math.max(until, shown.isEmpty() ? 0 : shown.getLast().to()), NAMES, RIGHT);
        double row = worked.jobs().size() > MANY ? LOW_ROW : ROW;
        List<Line> lines = new ArrayList<>();
        for (int job = 0; job < worked.jobs().size(); job++) {
            lines.add(line(worked, job, fold, TOP + 52 + job * row, row, asked));
        }
        return new Chart(TOP + 52 + worked.jobs().size() * row, fold.words(), worked.zero().toEpochMilli(), columns(worked, shown, fold), nights(worked, shown, fold, until), lines, dueLine(worked, fold, dueWords));
    }

    public double foot() {
        return tall - 24;
    }

    public double satTall() {
        return foot() - 20;
    }

    public double edgeTall() {
        return foot() - 12;
    }

    public double nightTall() {
        return foot() - 58;
    }

    public double dueFoot() {
        return foot() + 12;
    }

    private static int last(Worked worked) {
        int last = 0;
        for (int task = 0; task < worked.problem().tasks().size(); task++) {
            last = Math.max(last, worked.plan().end(worked.problem(), task));
        }
        return last;
    }

    private static @Nullable Integer due(Worked worked) {
        Instant due = worked.due();
        return due == null ? null : worked.minute(due);
    }

    private static @Nullable Due dueLine(Worked worked, Fold fold, @Nullable String words) {
        Integer due = due(worked);
        if (due == null || words == null || due < 0) {
            return null;
        }
        double x = fold.x(due);
        return new Due(round(x), words, x > WIDTH / 2);
    }

    private static List<Column> columns(Worked worked, List<Sitting> shown, Fold fold) {
        List<Column> columns = new ArrayList<>();
        for (Sitting sitting : shown) {
            Hours.Free free = worked.free().get(worked.problem().sittings().indexOf(sitting));
            double x = fold.x(sitting.from());
            double wide = fold.x(sitting.to()) - x;
            String words = free.words();
            boolean used = worked.fits() && !worked.plan().in(worked.problem(), worked.problem().sittings().indexOf(sitting)).isEmpty();
            columns.add(new Column(round(x), round(wide), shown.size() * HEADING > RIGHT - NAMES ? words.substring(0, 3) : words, free.from().toInstant().toEpochMilli(), free.to().toInstant().toEpochMilli(), used));
        }
        return columns;
    }

    private static List<Night> nights(Worked worked, List<Sitting> shown, Fold fold, int until) {
        List<Night> nights = new ArrayList<>();
        LocalDate day = worked.zero().atZone(worked.zone()).toLocalDate().minusDays(1);
        while (worked.minute(day.atStartOfDay(worked.zone()).toInstant()) < until) {
            double from = fold.x(Math.max(0, worked.minute(day.atTime(LocalTime.of(DUSK, 0)).atZone(worked.zone()).toInstant())));
            double to = fold.x(Math.max(0, worked.minute(day.plusDays(1).atTime(LocalTime.of(DAWN, 0)).atZone(worked.zone()).toInstant())));
            if (to - from > 1) {
                nights.add(new Night(round(from), round(to - from)));
            }
            day = day.plusDays(1);
        }
        return nights;
    }

    private static Line line(Worked worked, int job, Fold fold, double y, double row, String asked) {
        List<Moment> moments = worked.moments(job);
        Instant origin = worked.jobs().get(job).origin();
        List<Knot> knots = new ArrayList<>();
        double labelled = 0;
        for (int task : worked.problem().tasksOf(job)) {
            Task it = worked.task(task);
            double from = fold.x(worked.plan().start(task));
            double to = fold.x(worked.plan().end(worked.problem(), task));
            double x = (from + to) / 2;
            List<Step> steps = worked.own(task, moments).stream().map(moment -> moment.act().step()).toList();
            String word = ShortWord.of(steps);
            double half = word.length() * LETTER / 2;
            boolean room = x - half > labelled;
            labelled = room ? x + half + LETTER : labelled;
            String key = worked.job(task) + "~" + worked.act(task);
            boolean put = worked.diary().pin(worked.job(task), worked.act(task)).isPresent();
            String time = worked.said(worked.start(task));
            knots.add(new Knot(key, worked.job(task), worked.act(task), round(x), round(Math.clamp((to - from) / 2, 5, 14)), room ? word : "", "%s, %s, %s, %d min".formatted(worked.jobs().get(job).words(), word, time, it.minutes()), put, key.equals(asked), round(y)));
        }
        StringBuilder path = new StringBuilder();
        StringBuilder water = new StringBuilder();
        double first = knots.isEmpty() || worked.jobs().get(job).making() != null ? NAMES : knots.getFirst().x();
        double depth = row * 0.58;
        boolean wet = false;
        double end = fold.x(last(worked) + AFTER);
        double lastX = first;
        for (double x = first; x <= end; x += STEP) {
            double hangs = depth * hangs(moments, Duration.between(origin, worked.zero().plus(Duration.ofSeconds(Math.round(fold.minute(x) * 60)))));
            boolean done = !knots.isEmpty() && x > knots.getLast().x() && hangs < 0.5;
            path.append(x == first ? "M" : "L").append("%.1f %.1f".formatted(x, y + hangs));
            if (hangs > 0.5 && !wet) {
                water.append("M%.1f %.1f".formatted(x, y));
                wet = true;
            }
            if (wet) {
                water.append("L%.1f %.1f".formatted(x, y + hangs));
            }
            if (wet && hangs <= 0.5) {
                water.append("L%.1f %.1fZ".formatted(x, y));
                wet = false;
            }
            lastX = x;
            if (done) {
                break;
            }
        }
        if (wet) {
            water.append("L%.1f %.1fZ".formatted(lastX, y));
        }
        return new Line(worked.jobs().get(job).words(), round(y), path.toString(), water.toString(), knots);
    }

    /** How far a line hangs: its wettest coat, a thick one further than a thin one; 0 where nothing is wet. */
    private static double hangs(List<Moment> moments, Duration at) {
        Bench bench = moments.getFirst().before();
        for (Moment moment : moments) {
            if (moment.end().compareTo(at) <= 0) {
                bench = moment.after();
            }
        }
        return bench.coats().filter(coat -> coat.laid().compareTo(at) <= 0)
                .mapToDouble(coat -> Math.max(0, coat.waterShare(at) - Stage.THROUGH.waterShare()) * Math.min(1, Math.pow(coat.wetMicrometres() / ORDINARY, 0.35))).max().orElse(0);
    }

    private static double round(double value) {
        return Math.round(value * 10) / 10.0;
    }
}
