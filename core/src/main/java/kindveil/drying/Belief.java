package kindveil.drying;

import java.time.Duration;
import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;

/**
 * What is believed of how fast a coat dries: rates and how much each of them is believed in. It begins as a {@link Rate} and is
 * corrected by what was seen of the coat (Bayes, on those rates). Immutable.
 */
public final class Belief {
    /** Before anything is learned or seen. */
    public static final Belief UNLEARNED = of(Rate.UNLEARNED);
    /** Of what nobody has measured: twice as uncertain. */
    public static final Belief DOUBTED = of(new Rate(0, 2 * Rate.UNLEARNED.logDeviation()));
    /** However sure a sign is, it was read by a hand in a hurry (assumed). */
    private static final double NEVER_SURE = 0.01;
    private final Rate rate;
    private final double[] rates;
    private final double[] shares;
    private final int seen;

    private Belief(Rate rate, double[] rates, double[] shares, int seen) {
        this.rate = rate;
        this.rates = rates;
        this.shares = shares;
        this.seen = seen;
    }

    public static Belief of(Rate rate) {
        double[] rates = rate.spread();
        double[] shares = new double[rates.length];
        Arrays.fill(shares, 1.0 / rates.length);
        return new Belief(rate, rates, shares, 0);
    }

    /** After something was seen of a bed at a time. @param likelihood of seeing it, by the share of its water left */
    public Belief seen(Drying bed, Duration at, DoubleUnaryOperator likelihood) {
        double[] after = new double[rates.length];
        double sum = 0;
        for (int i = 0; i < rates.length; i++) {
            after[i] = shares[i] * Math.max(NEVER_SURE, likelihood.applyAsDouble(bed.waterShare(at, rates[i])));
            sum += after[i];
        }
        for (int i = 0; i < after.length; i++) {
            after[i] /= sum;
        }
        return new Belief(rate, rates, after, seen + 1);
    }

    /** With what was learned of other coats; what is doubted stays as doubtful as it was. */
    public Belief learning(Rate learned) {
        return of(new Rate(learned.logMean(), Math.max(learned.logDeviation(), rate.logDeviation() > Rate.UNLEARNED.logDeviation() ? rate.logDeviation() : 0)));
    }

    /** How many signs have corrected it. */
    public int seen() {
        return seen;
    }

    /** What it was before anything was seen. */
    Rate rate() {
        return rate;
    }

    /** The mean of a value over what is believed. @param value by rate */
    double mean(DoubleUnaryOperator value) {
        double sum = 0;
        for (int i = 0; i < rates.length; i++) {
            sum += shares[i] * value.applyAsDouble(rates[i]);
        }
        return sum;
    }

    /** The rate that a share of what is believed exceeds, between the two that lie next to it. */
    public double exceeded(double share) {
        double above = 0;
        double last = rates[rates.length - 1];
        double lastAbove = 0;
        for (int i = rates.length - 1; i >= 0; i--) {
            double middle = above + shares[i] / 2;
            if (middle >= share) {
                double t = middle == lastAbove ? 0 : (share - lastAbove) / (middle - lastAbove);
                return i == rates.length - 1 ? rates[i] : Math.exp(Math.log(last) + t * (Math.log(rates[i]) - Math.log(last)));
            }
            above += shares[i];
            last = rates[i];
            lastAbove = middle;
        }
        return rates[0];
    }
}
