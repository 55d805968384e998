package kindveil.studio.page.today;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import kindveil.drying.Stage;
import kindveil.making.Clock;
import kindveil.making.Making;
import kindveil.measure.Figures;
import kindveil.studio.page.Say;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.making.StoredMaking;
import kindveil.way.Act;
import kindveil.bench.Bench;
import kindveil.bench.Face;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Residue;
import kindveil.way.Trace;

/** Today, from what runs. */
public record TodayView(List<Sentence> sentences, List<Hanging> line, List<Thread> threads, List<Hour> hours) {
    private static final double LINE_WIDTH = 1110;
    private static final double HANG_WIDTH = 96;
    /** Where on the line the stages are marked. */
    private static final double TOUCH_X = 330;
    private static final double RECOAT_X = 640;
    private static final double THROUGH_X = 905;
    private static final Duration TONIGHT = Duration.ofHours(3);
    private static final double TONIGHT_WIDTH = 330;
    private static final List<Face> WET_FACES = List.of(Face.SUPPORT_FRONT, Face.PRINT_FRONT, Face.SKIN_BACK, Face.SKIN_FRONT, Face.PLATE, Face.BLOCK);
    private static final int LONGEST_LABEL = 24;

    /** Something the hands can do. */
    public record Sentence(String when, String away, String title, String why, String href, boolean closing, boolean later, long order, long from, long until) {
    }

    /** Something that hangs on the line. @param x its middle on the line, 0 (wet) to 1110; moved along when another hangs there */
    public record Hanging(String picture, UUID piece, String title, String state, String next, String when, double x, double y, double height) {
        public double left() {
            return x - HANG_WIDTH / 2;
        }
    }

    /** One piece this evening. @param knots acts */
    public record Thread(String name, double y, double from, double to, boolean alone, List<Knot> knots) {
    }

    public record Knot(double x, double radius) {
    }

    public record Hour(String words, double x) {
    }

    /** A making with its piece, gone through once. */
    public record Followed(StoredMaking stored, Making making, Piece piece, double aspect) {
    }

    static TodayView of(List<Followed> followed, List<Piece> ready, Say say, java.time.ZoneId zone) {
        Instant now = say.now();
        List<Sentence> sentences = new ArrayList<>();
        List<Hanging> line = new ArrayList<>();
        for (Followed f : followed) {
            Making making = f.making();
            making.current().ifPresent(act -> sentences.add(sentence(f, act, making.clock().orElse(null), false, say, now)));
            for (Clock.Running running : making.running()) {
                if (running.clock().closes()) {
                    sentences.add(sentence(f, running.act(), running.clock(), true, say, now));
                }
            }
            hanging(f, making, say, now).forEach(line::add);
        }
        for (Piece piece : ready) {
            sentences.add(new Sentence("any time", "", "Begin the " + piece.title().toLowerCase(java.util.Locale.ROOT), "It is planned and waits for you.",
                    "/pieces/" + piece.id() + "/make", false, false, Long.MAX_VALUE, 0, 0));
        }
        sentences.sort(Comparator.comparingLong(Sentence::order));
        return new TodayView(sentences, spaced(line), threads(followed, now), hours(now, zone));
    }

    private static Sentence sentence(Followed f, Act act, Clock clock, boolean beside, Say say, Instant now) {
        String href = "/bench/" + f.stored().id();
        String title = act.title() + " · " + f.piece().title();
        if (clock == null) {
            return new Sentence("now", "", title, act.how(), href, false, false, now.toEpochMilli(), 0, 0);
        }
        Clock.Phase phase = clock.phase(now);
        boolean pressing = clock.closes() && phase != Clock.Phase.TOO_SOON;
        Instant turning = pressing ? clock.gone() : clock.opens();
        String when = switch (phase) {
            case TOO_SOON -> "from " + say.time(clock.opens());
            case GOOD -> clock.closes() ? "by " + say.time(clock.gone()) : "now";
            case CLOSING -> "by " + say.time(clock.gone());
            case GONE -> "late";
        };
        String why = switch (phase) {
            case TOO_SOON -> clock.never() ? "It will not get there in this room's air: warm it or bring a fan."
                    : clock.advised().isAfter(clock.opens()) ? "First check then; safe from %s. %s".formatted(say.time(clock.advised()), clock.why()) : clock.why();
            case GOOD, CLOSING -> clock.why();
            case GONE -> "It was to be done by %s. Look whether it still gives, and tell the bench.".formatted(say.time(clock.gone()));
        };
        return new Sentence(when, phase == Clock.Phase.GOOD && !clock.closes() ? "" : say.away(turning), title, why, href,
                phase == Clock.Phase.CLOSING || phase == Clock.Phase.GONE, beside, turning.toEpochMilli() - (pressing ? 1 : 0), clock.opens().toEpochMilli(),
                clock.closes() ? clock.gone().toEpochMilli() : 0);
    }

    private static List<Hanging> hanging(Followed f, Making making, Say say, Instant now) {
        Bench bench = making.bench(now);
        Coating wettest = WET_FACES.stream().flatMap(face -> bench.wettest(face).stream())
                .max(Comparator.comparingDouble(coat -> coat.waterShare(bench.now()))).orElse(null);
        boolean damp = bench.layers(Face.SUPPORT_FRONT, Residue.class).stream().anyMatch(r -> r.filling() == kindveil.light.Fibre.Filling.WATER);
        if (wettest == null) {
            return List.of();
        }
        double water = wettest.waterShare(bench.now());
        double x = damp ? TOUCH_X / 2 : x(water);
        double dry = Math.floor(100 * Math.min(1, (1 - water) / (1 - Stage.THROUGH.waterShare())));
        String covered = wettest.drying() == null ? "" : wettest.drying().bed().lies();
        String state = damp ? "damp, turning white" : dry >= 100 ? "through" : "%s, %s %%".formatted(covered, Figures.rounded(dry, 0));
        String next = making.current().map(act -> shortened(act.title())).orElse("made");
        String when = making.clock().filter(clock -> clock.phase(now) == Clock.Phase.TOO_SOON).map(clock -> "from " + say.time(clock.opens())
                + (clock.advised().isAfter(clock.opens()) ? ", safe " + say.time(clock.advised()) : "")).orElse("");
        String picture = "/pieces/%s/look/dried.png?v=%d&small=true".formatted(f.piece().id(), f.piece().version());
        return List.of(new Hanging(picture, f.piece().id(), f.piece().title(), state, next, when, x, sag(x), Math.min(128, HANG_WIDTH * f.aspect())));
    }

    /** As much of a title as fits under a picture. */
    private static String shortened(String title) {
        return title.length() <= LONGEST_LABEL ? title.toLowerCase(java.util.Locale.ROOT) : title.substring(0, title.lastIndexOf(' ', LONGEST_LABEL)).toLowerCase(java.util.Locale.ROOT) + " …";
    }

    /** Water left to a place on the line, straight between the stages. */
    private static double x(double water) {
        if (water > Stage.TOUCH_DRY.waterShare()) {
            return TOUCH_X * (1 - water) / (1 - Stage.TOUCH_DRY.waterShare());
        }
        if (water > Stage.RECOAT.waterShare()) {
            return between(TOUCH_X, RECOAT_X, Stage.TOUCH_DRY.waterShare(), Stage.RECOAT.waterShare(), water);
        }
        if (water > Stage.THROUGH.waterShare()) {
            return between(RECOAT_X, THROUGH_X, Stage.RECOAT.waterShare(), Stage.THROUGH.waterShare(), water);
        }
        return between(THROUGH_X, LINE_WIDTH - 40, Stage.THROUGH.waterShare(), 0.03, Math.max(0.03, water));
    }

    private static double between(double fromX, double toX, double from, double to, double water) {
        return fromX + (toX - fromX) * (from - water) / (from - to);
    }

    /** The line is a cubic from (0, 56) by (260, 92) and (820, 92) to (1110, 40). */
    private static double sag(double x) {
        double low = 0;
        double high = 1;
        for (int i = 0; i < 30; i++) {
            double t = (low + high) / 2;
            if (cubic(t, 0, 260, 820, LINE_WIDTH) < x) {
                low = t;
            } else {
                high = t;
            }
        }
        return cubic(low, 56, 92, 92, 40);
    }

    private static double cubic(double t, double a, double b, double c, double d) {
        double u = 1 - t;
        return u * u * u * a + 3 * u * u * t * b + 3 * u * t * t * c + t * t * t * d;
    }

    /** Moved apart so that none covers another. */
    private static List<Hanging> spaced(List<Hanging> line) {
        List<Hanging> sorted = line.stream().sorted(Comparator.comparingDouble(Hanging::x)).toList();
        double apart = 186;
        List<Hanging> placed = new ArrayList<>();
        double free = HANG_WIDTH / 2;
        for (int i = 0; i < sorted.size(); i++) {
            double latest = LINE_WIDTH - 60 - (sorted.size() - 1 - i) * apart;
            double x = Math.min(Math.max(sorted.get(i).x(), free), latest);
            Hanging h = sorted.get(i);
            placed.add(new Hanging(h.picture(), h.piece(), h.title(), h.state(), h.next(), h.when(), x, sag(x), h.height()));
            free = x + apart;
        }
        return placed;
    }

    private static List<Thread> threads(List<Followed> followed, Instant now) {
        List<Thread> threads = new ArrayList<>();
        double y = 48;
        for (Followed f : followed.stream().limit(4).toList()) {
            List<Knot> knots = new ArrayList<>();
            for (Trace.Moment moment : f.making().forecast(now)) {
                double start = Duration.between(now, f.stored().begun().plus(moment.start())).toMillis() / (double) TONIGHT.toMillis();
                double hands = moment.act().handsOn().toMillis() / (double) TONIGHT.toMillis();
                if (start <= 1) {
                    knots.add(new Knot(Math.round((start + hands / 2) * TONIGHT_WIDTH * 10) / 10.0, Math.max(4, Math.round(hands * TONIGHT_WIDTH / 2))));
                }
            }
            double to = knots.isEmpty() ? TONIGHT_WIDTH : knots.getLast().x();
            threads.add(new Thread(f.piece().title(), y, 0, to, knots.isEmpty(), knots));
            y += 44;
        }
        return threads;
    }

    private static List<Hour> hours(Instant now, java.time.ZoneId zone) {
        List<Hour> hours = new ArrayList<>();
        var next = now.atZone(zone).truncatedTo(java.time.temporal.ChronoUnit.HOURS).plusHours(1);
        for (int i = 0; i < 3; i++) {
            double x = Duration.between(now, next.plusHours(i).toInstant()).toMillis() / (double) TONIGHT.toMillis() * TONIGHT_WIDTH;
            if (x >= 16 && x <= TONIGHT_WIDTH - 6) {
                hours.add(new Hour("%02d:00".formatted(next.plusHours(i).getHour()), Math.round(x)));
            }
        }
        return hours;
    }
}
