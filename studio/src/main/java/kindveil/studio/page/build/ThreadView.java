package kindveil.studio.page.build;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import kindveil.bench.Bench;
import kindveil.measure.Span;
import kindveil.reading.TimeReading;
import kindveil.studio.page.Knot;
import kindveil.studio.work.piece.Planned;
import kindveil.way.Where;

/**
 * The veil's acts and waits from left to right: hands as knots on the thread, and under it how wet the wettest coat is while one waits.
 *
 * @param told how long it takes, and how long hands are busy
 * @param line the thread; {@code water} what lies wet under it
 * @param places what is decided along it
 */
record ThreadView(String told, List<Bead> beads, String line, String water, List<Place> places) {
    static final double WIDTH = 628;
    private static final double BASE = 14;
    private static final double DEPTH = 38;
    private static final double WIDEST_ACT = 20;
    private static final double MOST_ACTS = 0.55;
    private static final double SAMPLES = 36;
    private static final double DIPS = 0.06;
    private static final Duration WORTH_DRAWING = Span.minutes(8);

    /** One act. @param rx half its width: the longer hands are busy, the wider */
    record Bead(String words, double x, double rx) {
    }

    /** What is decided along the thread. @param slots that stand there as words, unless its door is open: then they stand in the card */
    record Place(Door door, List<BuildForm.Slot> slots) {
    }

    static ThreadView of(Planned planned, Doors doors, BuildForm form) {
        TimeReading times = TimeReading.of(planned.trace());
        List<TimeReading.Entry> entries = times.entries();
        double roots = entries.stream().filter(ThreadView::waited).mapToDouble(ThreadView::root).sum();
        double act = Math.min(WIDEST_ACT, WIDTH * (roots == 0 ? 1 : MOST_ACTS) / entries.size());
        double each = roots == 0 ? 0 : (WIDTH - act * entries.size()) / roots;
        List<Bead> beads = new ArrayList<>();
        StringBuilder line = new StringBuilder("M0 %s".formatted(BASE));
        StringBuilder water = new StringBuilder();
        double x = 0;
        for (TimeReading.Entry entry : entries) {
            if (waited(entry)) {
                String dip = dip(entry, x, root(entry) * each);
                line.append(dip);
                water.append("M%.1f %s".formatted(x, BASE)).append(dip).append("Z");
                x += root(entry) * each;
            }
            beads.add(new Bead("%s, %s".formatted(entry.act().title(), Span.words(entry.act().handsOn())), Math.round((x + act / 2) * 10) / 10.0, Math.clamp(2.5 + Math.sqrt(Span.inMinutes(entry.act().handsOn())) * 1.6, 3, act / 2)));
            x += act;
            line.append("L%.1f %s".formatted(x, BASE));
        }
        List<Place> places = Stream.of(Where.LAYING, Where.DRYING, Where.PAPER, Where.TOP).filter(form::asks)
                .map(where -> new Place(doors.door(where, Doors.words(where)), form.slots(where).stream().filter(slot -> !slot.folded()).toList())).toList();
        return new ThreadView("From start to end, %s; hands %s".formatted(Knot.elapsed(times), Span.words(times.handsOn())), beads, line.toString(), water.toString(), places);
    }

    private static boolean waited(TimeReading.Entry entry) {
        return entry.pause().compareTo(WORTH_DRAWING) >= 0;
    }

    private static double root(TimeReading.Entry entry) {
        return Math.sqrt(Span.inMinutes(entry.pause()));
    }

    /** How wet it is from the moment the hands let go until they take it up again. */
    private static String dip(TimeReading.Entry entry, double x, double width) {
        StringBuilder dip = new StringBuilder();
        for (int i = 1; i <= SAMPLES; i++) {
            double share = i / SAMPLES;
            Duration at = entry.start().minus(entry.pause()).plusMillis(Math.round(entry.pause().toMillis() * share));
            double ramp = Math.min(1, Math.min(share, 1 - share) / DIPS);
            dip.append("L%.1f %.1f".formatted(x + width * share, BASE + DEPTH * wettest(entry.before(), at) * ramp));
        }
        return dip.toString();
    }

    private static double wettest(Bench bench, Duration at) {
        return bench.coats().mapToDouble(coat -> coat.waterShare(at)).max().orElse(0);
    }
}
