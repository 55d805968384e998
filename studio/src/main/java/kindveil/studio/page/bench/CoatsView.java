package kindveil.studio.page.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import kindveil.drying.Stage;
import kindveil.making.CoatLife;
import kindveil.measure.Span;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Say;
import kindveil.studio.work.making.StoredMaking;

/** How each coat of a making dried and will: its curve, how sure that is, and what was felt of it. */
record CoatsView(String title, String bench, List<LifeView> lives) implements PageView {
    private static final double WIDTH = 760;
    private static final double HEIGHT = 200;
    private static final int MOST_TICKS = 8;
    private static final List<Duration> TICKS = List.of(Span.minutes(10), Span.minutes(30), Span.minutes(60), Span.minutes(120), Span.minutes(360), Span.minutes(720), Span.minutes(1440));

    /**
     * One coat.
     *
     * @param band between the quicker one of four and the slowest of ten, closed
     * @param was the middle up to now; @param willBe the middle from now on
     * @param now its place, or -1 where that is beyond the drawing
     */
    record LifeView(String name, String words, String band, String was, String willBe, double now, List<Tick> ticks, List<StageLine> stages, List<Mark> marks) {
        /** Said as a whole. */
        public String said() {
            return "%s: %s".formatted(name, words);
        }
    }

    /** An hour on the axis. */
    record Tick(double x, String words) {
    }

    /** A stage's level. */
    record StageLine(double y, String words) {
    }

    /** Something felt. */
    record Mark(double x, double y, String words) {
    }

    static CoatsView of(StoredMaking making, String title, Say say) {
        Instant now = say.now();
        List<LifeView> lives = CoatLife.of(making.making(), now).stream().map(life -> life(life, making.begun(), now, say)).toList();
        return new CoatsView(title, "/bench/" + making.id(), lives);
    }

    private static LifeView life(CoatLife life, Instant begun, Instant now, Say say) {
        Duration from = life.laid();
        double minutes = Math.max(1, Span.inMinutes(life.points().getLast().at().minus(from)));
        ToDoubleFunction<Duration> x = at -> WIDTH * Span.inMinutes(at.minus(from)) / minutes;
        Duration present = Duration.between(begun, now);
        List<CoatLife.Point> was = life.points().stream().filter(point -> point.at().compareTo(present) <= 0).toList();
        List<CoatLife.Point> willBe = life.points().subList(Math.max(0, was.size() - 1), life.points().size());
        List<CoatLife.Point> all = life.points();
        String band = "M" + line(all, x, CoatLife.Point::quick) + "L" + line(all.reversed(), x, CoatLife.Point::slow) + "Z";
        List<Mark> marks = life.seen().stream().map(seen -> new Mark(x.applyAsDouble(seen.at()), y(seen.share()), "%s, %s: %s".formatted(say.time(begun.plus(seen.at())), seen.question().toLowerCase(Locale.ROOT), seen.reply()))).toList();
        double place = x.applyAsDouble(present);
        return new LifeView(life.product().words(), words(life, begun, present, say), band, was.size() < 2 ? "" : "M" + line(was, x, CoatLife.Point::middle), willBe.size() < 2 ? "" : "M" + line(willBe, x, CoatLife.Point::middle),
                place > WIDTH ? -1 : place, ticks(begun.plus(from), minutes, say), List.of(new StageLine(y(Stage.TOUCH_DRY.waterShare()), "touch-dry"), new StageLine(y(Stage.RECOAT.waterShare()), "takes a coat"), new StageLine(y(Stage.THROUGH.waterShare()), "through")), marks);
    }

    private static String line(List<CoatLife.Point> points, ToDoubleFunction<Duration> x, ToDoubleFunction<CoatLife.Point> share) {
        return points.stream().map(point -> String.format(Locale.ROOT, "%.1f %.1f", x.applyAsDouble(point.at()), y(share.applyAsDouble(point)))).collect(Collectors.joining("L"));
    }

    private static double y(double share) {
        return HEIGHT * (1 - Math.clamp(share, 0, 1));
    }

    private static String words(CoatLife life, Instant begun, Duration present, Say say) {
        String laid = "laid %s, %s".formatted(say.time(begun.plus(life.laid())), life.lies());
        if (life.gone() != null) {
            return "%s, gone into something else by %s".formatted(laid, say.time(begun.plus(life.gone())));
        }
        return laid + life.reached().stream().map(reached -> reached.when().map(when -> when.half().compareTo(present) <= 0 ? "" : "%s %s [%s … %s]".formatted(stage(reached.stage()), say.time(begun.plus(when.half())), say.time(begun.plus(when.quarter())), say.time(begun.plus(when.nineTenths()))))
                .orElse("never %s in this air".formatted(stage(reached.stage())))).filter(words -> !words.isEmpty()).map(words -> " · " + words).collect(Collectors.joining());
    }

    private static String stage(Stage stage) {
        return switch (stage) {
            case OPEN -> "no longer open";
            case PLATE_LIMIT -> "past the plate's limit";
            case TOUCH_DRY -> "touch-dry";
            case RECOAT -> "takes a coat";
            case THROUGH -> "through";
        };
    }

    private static List<Tick> ticks(Instant laid, double minutes, Say say) {
        Duration apart = TICKS.stream().filter(each -> minutes / Span.inMinutes(each) <= MOST_TICKS).findFirst().orElse(TICKS.getLast());
        long step = apart.toMillis();
        long first = (laid.toEpochMilli() + step - 1) / step * step;
        List<Tick> ticks = new ArrayList<>();
        for (long at = first; at - laid.toEpochMilli() <= minutes * 60_000; at += step) {
            ticks.add(new Tick(WIDTH * (at - laid.toEpochMilli()) / 60_000 / minutes, say.time(Instant.ofEpochMilli(at))));
        }
        return ticks;
    }
}
