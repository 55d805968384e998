package kindveil.drying;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Where the water of one bed is over time, at one rate; stages are found between the steps, as events. */
final class Curve {
    private static final double LONGEST_SECONDS = Duration.ofDays(60).toSeconds();
    private static final int UNKNOWNS = 4;
    private final List<Rosenbrock.Point> points;
    private final double initial;

    private Curve(List<Rosenbrock.Point> points, double initial) {
        this.points = points;
        this.initial = initial;
    }

    /** From {@code start} on, in the rooms of a course that begins then. */
    static Curve of(Bed bed, Water start, RoomCourse air, double rate) {
        List<Rosenbrock.Point> points = new ArrayList<>();
        double[] y = start.values();
        double t = 0;
        List<RoomCourse.Spell> spells = air.spells();
        for (int i = 0; i < spells.size(); i++) {
            boolean last = i == spells.size() - 1;
            double end = last ? LONGEST_SECONDS : seconds(spells.get(i + 1).from());
            if (end <= t) {
                continue;
            }
            points.addAll(new Rosenbrock(new Balance(bed, spells.get(i).room(), rate, last), UNKNOWNS).run(t, y, end));
            t = points.getLast().second();
            y = points.getLast().y();
        }
        return new Curve(points, bed.coat().water());
    }

    private static double seconds(Duration duration) {
        return duration.toNanos() / 1e9;
    }

    /** Steps it is kept in. */
    int steps() {
        return points.size();
    }

    Water after(Duration elapsed) {
        return Water.of(at(seconds(elapsed)));
    }

    /** Share of the first water left, 0 to 1. */
    double shareAfter(Duration elapsed) {
        return Math.max(0, at(seconds(elapsed))[0] / initial);
    }

    private double[] at(double second) {
        if (second >= points.getLast().second()) {
            return points.getLast().y();
        }
        int low = 0;
        int high = points.size() - 1;
        while (high - low > 1) {
            int middle = (low + high) / 2;
            if (points.get(middle).second() <= second) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return between(points.get(low), points.get(high), Math.max(0, second));
    }

    /** The cubic through both points with their slopes, kept between them. */
    private static double[] between(Rosenbrock.Point a, Rosenbrock.Point b, double second) {
        double h = b.second() - a.second();
        if (h <= 0) {
            return b.y();
        }
        double s = (second - a.second()) / h;
        double[] y = new double[UNKNOWNS];
        for (int i = 0; i < UNKNOWNS; i++) {
            double cubic = (1 + 2 * s) * (1 - s) * (1 - s) * a.y()[i] + s * (1 - s) * (1 - s) * h * a.slope()[i]
                    + s * s * (3 - 2 * s) * b.y()[i] - s * s * (1 - s) * h * b.slope()[i];
            y[i] = Math.clamp(cubic, Math.min(a.y()[i], b.y()[i]), Math.max(a.y()[i], b.y()[i]));
        }
        return y;
    }

    /** When a stage is reached first; empty when it never is in these rooms. */
    Optional<Duration> reaches(Stage stage) {
        double level = stage.waterShare() * initial;
        if (points.getFirst().y()[0] <= level) {
            return Optional.of(Duration.ZERO);
        }
        for (int i = 1; i < points.size(); i++) {
            if (points.get(i).y()[0] <= level) {
                return Optional.of(Duration.ofMillis(Math.round(1000 * crossing(points.get(i - 1), points.get(i), level))));
            }
        }
        return Optional.empty();
    }

    private static double crossing(Rosenbrock.Point a, Rosenbrock.Point b, double level) {
        double early = a.second();
        double late = b.second();
        while (late - early > 1e-3) {
            double middle = (early + late) / 2;
            if (between(a, b, middle)[0] > level) {
                early = middle;
            } else {
                late = middle;
            }
        }
        return late;
    }
}
