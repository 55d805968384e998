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
}
