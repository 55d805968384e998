package kindveil.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A number as a person writes it, kept as an exact quotient.
 *
 * @param numerator the upper part, with its sign
 * @param denominator the lower part, never nought
 */
public record NumberText(BigDecimal numerator, BigDecimal denominator) {
    private static final Map<Character, String> VULGAR = Map.of(
            '½', "1/2", '¼', "1/4", '¾', "3/4", '⅛', "1/8", '⅜', "3/8", '⅝', "5/8", '⅞', "7/8", '⅓', "1/3", '⅔', "2/3");
    private static final Pattern FRACTION = Pattern.compile("([+-]?)(?:(\\d{1,9})[ -]+)?(\\d{1,9})/(\\d{1,9})");
    private static final Pattern DECIMAL = Pattern.compile("[+-]?(\\d{1,15}([.,]\\d{1,15})*|[.,]\\d{1,15})");
    private static final Pattern EITHER = Pattern.compile("[+-]?([1-9]\\d{0,2}),(\\d{3})");

    public NumberText {
        if (denominator.signum() == 0) {
            throw new UnusableValue("number", numerator + "/" + denominator, "a fraction with a lower part above 0",
                    "Write for example 1/2.");
        }
    }

    /** Reads one number; {@code thing} and {@code unit} only serve the message when it cannot be read. */
    public static NumberText parse(String thing, String text, String unit) {
        String plain = withoutVulgarFractions(text.strip().replace('−', '-'));
        Matcher fraction = FRACTION.matcher(plain);
        if (fraction.matches()) {
            return ofFraction(fraction);
        }
        if (!DECIMAL.matcher(plain).matches()) {
            throw unreadable(thing, text);
        }
        refuseEitherReading(thing, plain, unit);
        return new NumberText(new BigDecimal(withPointOnly(thing, plain)), BigDecimal.ONE);
    }

    /** The value in units of {@code one}, to the nearest whole number. */
    long times(long one) {
        return numerator.multiply(BigDecimal.valueOf(one)).divide(denominator, 0, RoundingMode.HALF_EVEN).longValueExact();
    }

    public double value() {
        return numerator.doubleValue() / denominator.doubleValue();
    }

    private static NumberText ofFraction(Matcher m) {
        BigDecimal whole = m.group(2) == null ? BigDecimal.ZERO : new BigDecimal(m.group(2));
        BigDecimal lower = new BigDecimal(m.group(4));
        BigDecimal upper = whole.multiply(lower).add(new BigDecimal(m.group(3)));
        return new NumberText(m.group(1).equals("-") ? upper.negate() : upper, lower);
    }

    private static String withoutVulgarFractions(String text) {
        StringBuilder out = new StringBuilder();
        for (char c : text.toCharArray()) {
            String fraction = VULGAR.get(c);
            if (fraction != null && !out.isEmpty() && Character.isDigit(out.charAt(out.length() - 1))) {
                out.append(' ');
            }
            out.append(fraction == null ? String.valueOf(c) : fraction);
        }
        return out.toString();
    }

    private static void refuseEitherReading(String thing, String text, String unit) {
        Matcher either = EITHER.matcher(text);
        if (either.matches()) {
            String one = either.group(1) + "." + either.group(2);
            String other = either.group(1) + either.group(2);
            throw new UnusableValue(thing, (text + " " + unit).strip(), "one reading, and this has two: %s %s or %s %s".formatted(
                    Figures.strip(new BigDecimal(one)), unit, other, unit),
                    "Write %s or %s.".formatted(one, other));
        }
    }

    private static String withPointOnly(String thing, String text) {
        int last = Math.max(text.lastIndexOf('.'), text.lastIndexOf(','));
        if (last < 0) {
            return text;
        }
        char mark = text.charAt(last);
        String whole = text.substring(0, last);
        if (whole.indexOf(mark) >= 0) {
            throw unreadable(thing, text);
        }
        return whole.replace(".", "").replace(",", "") + "." + text.substring(last + 1);
    }

    private static UnusableValue unreadable(String thing, String text) {
        return new UnusableValue(thing, text, "a number such as 120, 12.5, 12,5 or 5 1/2",
                "Take out letters and signs that are not part of the number.");
    }
}
