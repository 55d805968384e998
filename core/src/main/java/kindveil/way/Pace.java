package kindveil.way;

import java.util.Map;
import kindveil.measure.UnusableValue;

/**
 * How long one artist's hands take.
 *
 * @param factors times as long as is assumed of anybody; what is not named takes as long
 */
public record Pace(Map<HandWork, Double> factors) {
    public static final Pace USUAL = new Pace(Map.of());
    private static final double LEAST = 0.1;
    private static final double MOST = 10;

    public Pace {
        factors = Map.copyOf(factors);
        factors.values().forEach(factor -> UnusableValue.requireWithin("pace", factor, LEAST, MOST, "times", "Leave out the clocked act that was a slip."));
    }

    public double of(HandWork work) {
        return factors.getOrDefault(work, 1.0);
    }
}
