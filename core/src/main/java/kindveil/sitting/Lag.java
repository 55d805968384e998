package kindveil.sitting;

import java.time.Duration;
import kindveil.drying.Drying;
import kindveil.measure.Span;
import org.jspecify.annotations.Nullable;

/**
 * How long one task begins after another begins.
 *
 * @param from number of the one it is counted from
 * @param most not later, or null where more never harms
 * @param dries the drying in it, or null where practice alone tells
 * @param why in a sentence; empty where only the order is kept
 */
public record Lag(int from, int to, int least, @Nullable Integer most, @Nullable Dries dries, String why) {
    /** Minutes a bed takes: a quarter, half and nine tenths of all rates have got there. @param advised those of the lag that are waited for it */
    public record Dries(double quarter, double half, double nineTenths, double advised) {
        private static final double UP = 1.2816;
        private static final double DOWN = 0.6745;

        /** At a rate so many deviations from the middle; more is slower. */
        double at(double deviations) {
            return deviations >= 0 ? half * Math.pow(nineTenths / half, deviations / UP) : half * Math.pow(quarter / half, -deviations / DOWN);
        }
    }

    public Lag(int from, int to, int least, @Nullable Integer most, String why) {
        this(from, to, least, most, null, why);
    }

    /** Whether it asks for the same, for whatever reason. */
    boolean alike(Lag other) {
        return from == other.from && to == other.to && least == other.least && java.util.Objects.equals(most, other.most);
    }

    Lag between(int otherFrom, int otherTo) {
        return new Lag(otherFrom, otherTo, least, most, dries, why);
    }

    /** Waited for longer, or gone sooner, than was reckoned. @param spread of the drying as it is then, or null */
    Lag narrowed(int longer, int sooner, Drying.@Nullable Spread spread, Duration advised) {
        Dries then = dries == null || spread == null ? dries : new Dries(Span.inMinutes(spread.quarter()), Span.inMinutes(spread.half()), Span.inMinutes(spread.nineTenths()), Span.inMinutes(advised));
        return new Lag(from, to, least + longer, most == null ? null : Math.max(0, most - sooner), longer > 0 ? then : dries, why);
    }

    /** Whether no start keeps it. */
    boolean empty() {
        return most != null && most < least;
    }
}
