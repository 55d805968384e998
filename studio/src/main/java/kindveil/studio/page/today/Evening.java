package kindveil.studio.page.today;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import kindveil.way.Trace;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import kindveil.studio.page.today.TodayView.Followed;

/** The next three hours, each piece a thread and each act a knot; 330 wide. */
record Evening(List<Thread> threads, List<Hour> hours) {
    private static final Duration TONIGHT = Duration.ofHours(3);
    private static final double TONIGHT_WIDTH = 330;
    private static final double FIRST = 48;
    private static final double APART = 44;
    private static final int MOST = 4;

    /** One piece this evening. @param alone whether no hand is asked for */
    record Thread(String name, double y, double to, boolean alone, List<Knot> knots) {
        public double nameY() {
            return y - 9;
        }
    }

    /** One act. */
    record Knot(double x, double radius) {
    }

    /** One full hour. */
    record Hour(String words, double x) {
    }

    /** Height of the drawing. */
    public double tall() {
        return FIRST - 14 + threads.size() * APART;
    }

    /** Foot of the lines of the hours. */
    public double foot() {
        return tall() - 10;
    }

    static Evening of(List<Followed> followed, Instant now, ZoneId zone) {
        return new Evening(threads(followed, now), hours(now, zone));
    }

    private static List<Thread> threads(List<Followed> followed, Instant now) {
        List<Thread> threads = new ArrayList<>();
        double y = FIRST;
        for (Followed f : followed.stream().filter(one -> one.stored().pull() == null || one.stored().underWay()).limit(MOST).toList()) {
            List<Knot> knots = new ArrayList<>();
            for (Trace.Moment moment : f.making().forecast(now)) {
                double start = Duration.between(now, f.stored().begun().plus(moment.start())).toMillis() / (double) TONIGHT.toMillis();
                double hands = moment.act().handsOn().toMillis() / (double) TONIGHT.toMillis();
                if (start <= 1 && moment.timed()) {
                    knots.add(new Knot(Math.round((start + hands / 2) * TONIGHT_WIDTH * 10) / 10.0, Math.max(4, Math.round(hands * TONIGHT_WIDTH / 2))));
                }
            }
            double to = knots.isEmpty() ? TONIGHT_WIDTH : knots.getLast().x();
            threads.add(new Thread(f.name(), y, to, knots.isEmpty(), knots));
            y += APART;
        }
        return threads;
    }

    private static List<Hour> hours(Instant now, ZoneId zone) {
        List<Hour> hours = new ArrayList<>();
        ZonedDateTime next = now.atZone(zone).truncatedTo(ChronoUnit.HOURS).plusHours(1);
        for (int i = 0; i < 3; i++) {
            double x = Duration.between(now, next.plusHours(i).toInstant()).toMillis() / (double) TONIGHT.toMillis() * TONIGHT_WIDTH;
            if (x >= 16 && x <= TONIGHT_WIDTH - 6) {
                hours.add(new Hour("%02d:00".formatted(next.plusHours(i).getHour()), Math.round(x)));
            }
        }
        return hours;
    }
}
