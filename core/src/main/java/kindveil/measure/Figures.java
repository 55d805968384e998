package kindveil.measure;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/** Numbers as they are printed: a point, no grouping, no trailing noughts. */
public final class Figures {
    private Figures() {
    }

    /** At most four significant figures, never in scientific notation. */
    public static String plain(double value) {
        if (!Double.isFinite(value)) {
            return String.valueOf(value);
        }
        double magnitude = Math.abs(value);
        BigDecimal exact = BigDecimal.valueOf(value);
        BigDecimal rounded = magnitude >= 1000
                ? exact.setScale(0, RoundingMode.HALF_UP)
                : significant(value, 4);
        return strip(rounded);
    }

    /** To so many significant figures. */
    static BigDecimal significant(double value, int figures) {
        return BigDecimal.valueOf(value).round(new MathContext(figures, RoundingMode.HALF_UP));
    }

    /** With exactly {@code decimals} places at most, trailing noughts removed. */
    public static String rounded(double value, int decimals) {
        return strip(BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP));
    }

    static String strip(BigDecimal value) {
        return value.signum() == 0 ? "0" : value.stripTrailingZeros().toPlainString();
    }
}
