package kindveil.drying;

import java.time.Duration;
import java.util.Arrays;
import java.util.Optional;

/**
 * Water left over time for the middle coat of many; the spread around it is log-normal in time.
 */
public final class Curve {
    /** Standard deviation of the logarithm of drying time before any learning (assumed). */
    public static final double SPREAD = 0.35;
    private static final double QUARTILE = 0.6745;
    private static final double NINE_TENTHS = 1.2816;

    private final double equilibriumShare;
    private final double[] seconds;
    private final double[] shares;
    private final double[] taken;

    private Curve(double equilibriumShare, double[] seconds, double[] shares, double[] taken) {
        this.equilibriumShare = equilibriumShare;
        this.seconds = seconds;
        this.shares = shares;
        this.taken = taken;
    }

    /** Share of the water left after {@code elapsed}, 0 to 1. */
    public double waterShareAfter(Duration elapsed) {
        return interpolate(shares, elapsed);
    }

    /** Water taken up by porous matter after {@code elapsed}, g/m². */
    public double takenAfter(Duration elapsed) {
        return interpolate(taken, elapsed);
    }

    private double interpolate(double[] of, Duration elapsed) {
        double t = elapsed.toMillis() / 1000.0;
        int i = Arrays.binarySearch(seconds, t);
        if (i >= 0) {
            return of[i];
        }
        int after = -i - 1;
        if (after == 0) {
            return of[0];
        }
        if (after == seconds.length) {
            return of[of.length - 1];
        }
        double share = (t - seconds[after - 1]) / (seconds[after] - seconds[after - 1]);
        return of[after - 1] + share * (of[after] - of[after - 1]);
    }

    /** When the middle coat reaches a stage; empty when it will not get there in this room. */
    public Optional<Duration> reaches(Stage stage) {
        for (int i = 0; i < shares.length; i++) {
            if (shares[i] < stage.waterShare()) {
                double t = i == 0 ? 0 : crossing(i, stage.waterShare());
                return Optional.of(Duration.ofMillis(Math.round(t * 1000)));
            }
        }
        return Optional.empty();
    }

    private double crossing(int i, double level) {
        double share = (shares[i - 1] - level) / (shares[i - 1] - shares[i]);
        return seconds[i - 1] + share * (seconds[i] - seconds[i - 1]);
    }

    /** When a stage is reached by one coat in four, half of them, nine in ten. */
    public Optional<Spread> spread(Stage stage) {
        return reaches(stage).map(middle -> new Spread(scaled(middle, -QUARTILE), middle, scaled(middle, NINE_TENTHS)));
    }

    private static Duration scaled(Duration middle, double deviations) {
        return Duration.ofMillis(Math.round(middle.toMillis() * Math.exp(SPREAD * deviations)));
    }

    /** The share of water at which this room's air takes no more. */
    public double equilibriumShare() {
        return equilibriumShare;
    }

    /**
     * Times by which a stage is reached.
     *
     * @param quarter by one coat in four
     * @param half by half of them
     * @param nineTenths by nine in ten
     */
    public record Spread(Duration quarter, Duration half, Duration nineTenths) {
    }

    static final class Builder {
        private final double equilibriumShare;
        private double[][] rows = new double[3][256];
        private int size;

        Builder(double equilibriumShare) {
            this.equilibriumShare = equilibriumShare;
        }

        void add(double second, double share, double taken) {
            if (size == rows[0].length) {
                rows = Arrays.stream(rows).map(row -> Arrays.copyOf(row, 2 * size)).toArray(double[][]::new);
            }
            rows[0][size] = second;
            rows[1][size] = share;
            rows[2][size] = taken;
            size++;
        }

        Curve build() {
            return new Curve(equilibriumShare, Arrays.copyOf(rows[0], size), Arrays.copyOf(rows[1], size), Arrays.copyOf(rows[2], size));
        }
    }
}
