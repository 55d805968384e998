package kindveil.drying;

import kindveil.measure.UnusableValue;

/**
 * How fast things dry here against the middle studio: a log-normal belief. A rate of 2 dries twice as fast.
 *
 * @param logMean mean of the logarithm of the rate, −2 to 2
 * @param logDeviation its standard deviation, 0.01 to 1
 */
public record Rate(double logMean, double logDeviation) {
    /** Before anything is learned of a studio (assumed). */
    public static final Rate UNLEARNED = new Rate(0, 0.35);
    private static final double QUARTILE = 0.6745;
    private static final double NINE_TENTHS = 1.2816;
    private static final int SHARES = 19;

    public Rate {
        UnusableValue.requireWithin("mean of the log of the rate", logMean, -2, 2, "", "0 is the middle studio, 0.7 twice as fast.");
        UnusableValue.requireWithin("spread of the log of the rate", logDeviation, 0.01, 1, "", "0.35 before anything is learned.");
    }

    double middle() {
        return Math.exp(logMean);
    }

    /** The rate that one coat in four exceeds. */
    double quickQuarter() {
        return Math.exp(logMean + QUARTILE * logDeviation);
    }

    /** The rate that nine coats in ten exceed. */
    double slowTenth() {
        return Math.exp(logMean - NINE_TENTHS * logDeviation);
    }

    /** Rates that split the belief into equal shares, slowest first. */
    double[] spread() {
        double[] rates = new double[SHARES];
        for (int i = 0; i < SHARES; i++) {
            rates[i] = Math.exp(logMean + logDeviation * deviate((i + 0.5) / SHARES));
        }
        return rates;
    }

    /**
     * The standard normal deviate below which a share lies. P. J. Acklam's rational approximation is not needed at this
     * coarseness: bisection of the error function of Abramowitz and Stegun, Handbook of Mathematical Functions (1964), 7.1.26.
     */
    private static double deviate(double share) {
        double low = -6;
        double high = 6;
        while (high - low > 1e-7) {
            double middle = (low + high) / 2;
            if (below(middle) < share) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    private static double below(double z) {
        double x = Math.abs(z) / Math.sqrt(2);
        double t = 1 / (1 + 0.3275911 * x);
        double erf = 1 - t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429)))) * Math.exp(-x * x);
        return z >= 0 ? (1 + erf) / 2 : (1 - erf) / 2;
    }
}
