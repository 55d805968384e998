package kindveil.drying;

import java.time.Duration;
import java.util.function.DoubleUnaryOperator;

/**
 * What is believed of how fast a coat dries: a probability for each rate, on a fine grid of its logarithm that reaches five standard
 * deviations to either side. It begins as the log-normal of a {@link Rate} and is corrected by what was felt of the coat (Bayes' rule).
 * Likelihoods are taken as they are: none is raised to a floor, so what hardly any rate explains moves the belief to those that do.
 *
 * <p>Where no rate on the grid explains what was felt, the belief is {@linkplain #contradicted contradicted}: the model has nothing to say of
 * this coat, and only what the hand felt counts. Immutable.
 */
public final class Belief {
    /** Before anything is learned or seen. */
    public static final Belief UNLEARNED = of(Rate.UNLEARNED);
    /** Of what nobody has measured: twice as uncertain. */
    public static final Belief DOUBTED = of(new Rate(0, 2 * Rate.UNLEARNED.logDeviation()));
    /** Half the width of the grid, in standard deviations. */
    private static final double REACH = 5;
    private static final int POINTS = 201;
    /** Where the best rate explains less than this share of what each sign could have for itself, none explains them (assumed). */
    private static final double CONTRADICTS = 0.06;
    private static final int STATES = 20;
    private static final double WET = 0.35;
    private static final double TACKY = 0.2;
    private final Rate rate;
    private final double[] logs;
    private final double[] shares;
    private final Felt felt;

    /**
     * What was felt, apart from any rate.
     *
     * @param count how many signs
     * @param explained likelihood of all of them together, by rate
     * @param best the product of the largest likelihood each could have in any state of a coat
     * @param last when the last of them was felt, {@code lastLikelihood} how likely that was by what was believed before
     * @param odds by the hand alone that a coat has no more water left than a share, against that it is still wet or tacky; by the share in steps of a twentieth
     */
    private record Felt(int count, double[] explained, double best, Duration last, double lastLikelihood, double[] odds) {
    }

    private Belief(Rate rate, double[] logs, double[] shares, Felt felt) {
        this.rate = rate;
        this.logs = logs;
        this.shares = shares;
        this.felt = felt;
    }

    public static Belief of(Rate rate) {
        double[] logs = new double[POINTS];
        double[] shares = new double[POINTS];
        double sum = 0;
        for (int i = 0; i < POINTS; i++) {
            double z = REACH * (2.0 * i / (POINTS - 1) - 1);
            logs[i] = rate.logMean() + z * rate.logDeviation();
            shares[i] = Math.exp(-z * z / 2);
            sum += shares[i];
        }
        for (int i = 0; i < POINTS; i++) {
            shares[i] /= sum;
        }
        double[] explained = new double[POINTS];
        java.util.Arrays.fill(explained, 1);
        return new Belief(rate, logs, shares, new Felt(0, explained, 1, Duration.ZERO, 1, new double[0]));
    }

    /** After something was felt of a bed at a time. @param likelihood of feeling it, above 0, by the share of its water left */
    public Belief seen(Drying bed, Duration at, DoubleUnaryOperator likelihood) {
        double[] after = new double[POINTS];
        double[] explained = new double[POINTS];
        double sum = 0;
        DoubleUnaryOperator left = bed.sharesByRate(at, this);
        for (int i = 0; i < POINTS; i++) {
            double likely = likelihood.applyAsDouble(left.applyAsDouble(logs[i]));
            after[i] = shares[i] * likely;
            explained[i] = felt.explained[i] * likely;
            sum += after[i];
        }
        for (int i = 0; i < POINTS; i++) {
            after[i] /= sum;
        }
        return new Belief(rate, logs, after, new Felt(felt.count + 1, explained, felt.best * best(likelihood), at, sum, odds(likelihood)));
    }

    private static double best(DoubleUnaryOperator likelihood) {
        double best = 0;
        for (int i = 0; i <= STATES; i++) {
            best = Math.max(best, likelihood.applyAsDouble((double) i / STATES));
        }
        return best;
    }

    /** What speaks for wet lowers what the hand says further; what speaks for dry says it afresh, since time has passed. */
    private double[] odds(DoubleUnaryOperator likelihood) {
        double wet = Math.max(likelihood.applyAsDouble(WET), likelihood.applyAsDouble(TACKY));
        double[] odds = new double[STATES + 1];
        for (int i = 0; i <= STATES; i++) {
            double one = likelihood.applyAsDouble(Math.min((double) i / STATES, TACKY)) / wet;
            odds[i] = one < 1 && felt.count > 0 ? Math.min(1, felt.odds[i]) * one : one;
        }
        return odds;
    }

    /** With what was learned of other coats; what is doubted stays as doubtful as it was. */
    public Belief learning(Rate learned) {
        return of(new Rate(learned.logMean(), Math.max(learned.logDeviation(), rate.logDeviation() > Rate.UNLEARNED.logDeviation() ? rate.logDeviation() : 0)));
    }

    /** How many signs have corrected it. */
    public int seen() {
        return felt.count;
    }

    /** When something was last felt, on the bench's time. */
    public Duration lastFelt() {
        return felt.last;
    }

    /** How likely what was felt last was, by what was believed before; 1 where nothing was. */
    public double lastLikelihood() {
        return felt.lastLikelihood;
    }

    /** Whether no rate explains what was felt, be it too wet, too dry or now one and now the other. */
    public boolean contradicted() {
        double most = 0;
        for (double one : felt.explained) {
            most = Math.max(most, one);
        }
        return most < CONTRADICTS * felt.best;
    }

    /** What it was before anything was seen. */
    Rate rate() {
        return rate;
    }

    /** Logarithms of the slowest and the quickest rate it reaches to, and how far apart those between them lie. */
    double least() {
        return logs[0];
    }

    double most() {
        return logs[POINTS - 1];
    }

    double step() {
        return logs[1] - logs[0];
    }

    /** The mean of a value over what is believed, never more than the hand says where what it felt contradicts the model. @param value by the logarithm of the rate @param share of water it is about */
    double mean(double share, DoubleUnaryOperator value) {
        double sum = 0;
        for (int i = 0; i < POINTS; i++) {
            if (shares[i] > 0) {
                sum += shares[i] * value.applyAsDouble(logs[i]);
            }
        }
        return contradicted() ? Math.min(sum, byHand(share)) : Math.clamp(sum, 0, 1);
    }

    /** How likely it has as little water left as {@code share}, by what the hand last felt and nothing else. */
    private double byHand(double share) {
        double odds = felt.odds[(int) Math.round(Math.clamp(share, 0, 1) * STATES)];
        return odds / (1 + odds);
    }

    /** The rate that a share of what is believed exceeds, between the two that lie next to it. */
    public double exceeded(double share) {
        double above = 0;
        for (int i = POINTS - 1; i > 0; i--) {
            double both = (shares[i] + shares[i - 1]) / 2;
            if (above + both >= share && both > 0) {
                return Math.exp(logs[i] - (share - above) / both * (logs[i] - logs[i - 1]));
            }
            above += both;
        }
        return Math.exp(logs[0]);
    }
}
