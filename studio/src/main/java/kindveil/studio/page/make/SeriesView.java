package kindveil.studio.page.make;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import kindveil.measure.Span;
import kindveil.reading.SeriesReading;
import kindveil.studio.work.making.MakingLine;
import kindveil.studio.work.making.Pull;
import kindveil.studio.work.piece.Planned;

/**
 * Several pulls of one plan: how many, how they go into each other, and where those under way stand.
 *
 * @param count of them, and {@code plates} there are for it; as they were typed where that cannot be
 * @param plated whether the plan takes a gel plate
 * @param words how long they take, and what is made ready once
 * @param threads of the pulls, each act a knot; 330 wide
 * @param copies how many prints are wanted more than are planned, as a button says it, or empty
 * @param lines of a series that is under way
 */
record SeriesView(String count, String plates, boolean plated, int pulls, int gels, List<String> words, List<Thread> threads, List<Tick> ticks, String copies, List<Line> lines) {
    private static final double WIDTH = 330;
    private static final double FIRST = 40;
    private static final double APART = 30;
    private static final int MOST_TICKS = 6;
    private static final List<Duration> STEPS = Stream.of(5, 15, 30, 60, 120, 240, 360, 720, 1440, 2880, 10080, 40320).map(Duration::ofMinutes).toList();

    /** One pull. @param from and {@code to} where it begins and ends */
    record Thread(String name, double y, double from, double to, List<Knot> knots) {
        public double nameY() {
            return y - 9;
        }

        public String path() {
            return "M%s %sH%s".formatted(from, y, to);
        }
    }

    /** One act. @param once whether it is made ready for all */
    record Knot(double x, double radius, boolean once) {
    }

    /** A time from the beginning. */
    record Tick(String words, double x) {
    }

    /** A pull that was begun. @param href of its bench */
    record Line(String href, String words, String state) {
    }

    /** One making by itself, and a series of it that is under way. */
    static SeriesView single(String count, String plates, Planned planned, List<MakingLine> makings) {
        return new SeriesView(count, plates, SeriesReading.takesPlate(planned.whole()), 1, 1, List.of(), List.of(), List.of(), "", lines(makings));
    }

    static SeriesView of(Planned planned, int pulls, int plates, List<MakingLine> makings) {
        boolean plated = SeriesReading.takesPlate(planned.whole());
        if (pulls == 1) {
            return single("1", String.valueOf(plates), planned, makings);
        }
        if (!planned.times().never().isEmpty()) {
            return new SeriesView(String.valueOf(pulls), String.valueOf(plates), plated, pulls, plates, List.of("A wait of theirs has no end in this room's air: how they go into each other cannot be told."), List.of(), List.of(), copies(planned, pulls), lines(makings));
        }
        SeriesReading series = SeriesReading.of(planned.whole(), pulls, plates);
        double all = series.elapsed().toMillis();
        List<Thread> threads = new ArrayList<>();
        for (int i = 0; i < pulls; i++) {
            SeriesReading.Pull pull = series.pulls().get(i);
            List<Knot> knots = pull.acts().stream().map(timed -> {
                double hands = timed.end().minus(timed.start()).toMillis() / all * WIDTH;
                return new Knot(tenth(timed.start().toMillis() / all * WIDTH + hands / 2), tenth(Math.max(2.4, hands / 2)), SeriesReading.shared(timed.act()));
            }).toList();
            threads.add(new Thread("pull " + (i + 1) + (i == 0 ? "" : ", from " + Span.words(pull.start())), FIRST + i * APART, tenth(pull.start().toMillis() / all * WIDTH), tenth(pull.end().toMillis() / all * WIDTH), knots));
        }
        return new SeriesView(String.valueOf(pulls), String.valueOf(plates), plated, pulls, plates, words(series), threads, ticks(series.elapsed()), copies(planned, pulls), lines(makings));
    }

    private static List<String> words(SeriesReading series) {
        List<String> words = new ArrayList<>(List.of("All %d in %s; one after the other %s. Your hands are busy for %s of it.".formatted(series.pulls().size(), Span.words(series.elapsed()), Span.words(series.oneByOne()), Span.words(series.handsOn()))));
        if (!series.once().isEmpty()) {
            words.add("Once for all: %s.".formatted(String.join(", ", series.once().stream().map(act -> act.title().toLowerCase(Locale.ROOT)).toList())));
        }
        return words;
    }

    private static List<Tick> ticks(Duration all) {
        Duration step = STEPS.stream().filter(one -> all.toMillis() / one.toMillis() < MOST_TICKS).findFirst().orElse(STEPS.getLast());
        List<Tick> ticks = new ArrayList<>();
        for (Duration at = step; at.compareTo(all) < 0; at = at.plus(step)) {
            double x = at.toMillis() / (double) all.toMillis() * WIDTH;
            if (x < WIDTH - 14) {
                ticks.add(new Tick(Span.words(at), Math.round(x)));
            }
        }
        return ticks;
    }

    private static String copies(Planned planned, int pulls) {
        long short_ = planned.piece().veils().stream().filter(veil -> veil.copiesShort(pulls)).count();
        return short_ == 0 ? "" : "Plan %d copies of %s".formatted(pulls, short_ == 1 ? "its print" : "each of its prints");
    }

    private static List<Line> lines(List<MakingLine> makings) {
        return makings.stream().filter(line -> line.active() && line.pull() != null).findFirst().map(open -> makings.stream().filter(line -> Pull.together(line.pull(), open.pull()) && !line.laidAside())
                .sorted(Comparator.comparingInt(MakingLine::number)).map(line -> new Line("/bench/" + line.id(), "Pull %d".formatted(line.number()),
                        line.finished() ? line.result() == null ? "made" : "made: " + line.result().words() : line.atHand().toLowerCase(Locale.ROOT))).toList()).orElse(List.of());
    }

    private static double tenth(double x) {
        return Math.round(x * 10) / 10.0;
    }

    /** Height of the drawing. */
    public double tall() {
        return FIRST + threads.size() * APART - 12;
    }
}
