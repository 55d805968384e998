package kindveil.measure;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A length, exact to the nanometre. Zero and negative lengths exist (offsets); use
 * {@link #parseSize} where a size is asked for.
 *
 * @param nanometres the length in nm
 */
public record Length(long nanometres) implements Comparable<Length> {
    public static final Length ZERO = new Length(0);
    private static final long NM_PER_MM = 1_000_000L;
    private static final long NM_PER_INCH = 25_400_000L;
    private static final double FINE_INCHES = 0.125;
    private static final Map<String, Long> UNITS = Map.ofEntries(
            Map.entry("mm", NM_PER_MM), Map.entry("millimetre", NM_PER_MM), Map.entry("millimetres", NM_PER_MM),
            Map.entry("cm", 10 * NM_PER_MM), Map.entry("centimetre", 10 * NM_PER_MM), Map.entry("centimetres", 10 * NM_PER_MM),
            Map.entry("m", 1000 * NM_PER_MM), Map.entry("\u00b5m", 1000L), Map.entry("\u03bcm", 1000L), Map.entry("um", 1000L),
            Map.entry("mil", 25_400L), Map.entry("mils", 25_400L),
            Map.entry("in", NM_PER_INCH), Map.entry("inch", NM_PER_INCH), Map.entry("inches", NM_PER_INCH),
            Map.entry("ft", 12 * NM_PER_INCH), Map.entry("feet", 12 * NM_PER_INCH), Map.entry("yd", 36 * NM_PER_INCH), Map.entry("\"", NM_PER_INCH), Map.entry("″", NM_PER_INCH));
    private static final Pattern WITH_UNIT = Pattern.compile("(.*[\\d½¼¾⅛⅜⅝⅞⅓⅔])\\s*([^\\d\\s.,/½¼¾⅛⅜⅝⅞⅓⅔+-]*)");
    private static final String UNIT_ADVICE = "Use mm, cm, m or in, for example 120 mm or 4 3/4 in.";

    public static Length ofMillimetres(double millimetres) {
        return new Length(Math.round(UnusableValue.requireWithin("length", millimetres, -1e6, 1e6, "mm", UNIT_ADVICE) * NM_PER_MM));
    }

    public static Length ofInches(double inches) {
        return ofMillimetres(inches * 25.4);
    }

    /** Reads a length; a bare number is taken in mm. */
    public static Length parse(String thing, String text) {
        Matcher m = WITH_UNIT.matcher(text == null ? "" : text.strip());
        if (!m.matches()) {
            throw new UnusableValue(thing, text == null ? "" : text, "a length with its unit", UNIT_ADVICE);
        }
        String unit = m.group(2).isEmpty() ? "mm" : m.group(2).toLowerCase(Locale.ROOT);
        NumberText number = NumberText.parse(thing, m.group(1), unit);
        Long one = UNITS.get(unit);
        if (one == null) {
            throw new UnusableValue(thing, text, "a unit I know", UNIT_ADVICE);
        }
        try {
            return new Length(number.times(one));
        } catch (ArithmeticException tooLarge) {
            throw new UnusableValue(thing, text, "a length that fits in a studio", UNIT_ADVICE);
        }
    }

    /** Reads a size between {@code least} and {@code most}, both allowed; nothing is clamped. */
    public static Length parseSize(String thing, String text, Length least, Length most) {
        Length length = parse(thing, text);
        if (length.compareTo(least) < 0 || length.compareTo(most) > 0) {
            throw new UnusableValue(thing, text.strip(), "%s to %s (%s to %s)".formatted(least, most,
                    least.print(UnitSystem.US), most.print(UnitSystem.US)), "Give a size inside this range.");
        }
        return length;
    }

    /** Parses how far something lies from an edge: as a size, or below 0 on its other side. */
    public static Length parseOffset(String thing, String text, Length furthest) {
        boolean back = text.strip().startsWith("-") || text.strip().startsWith("−");
        String plain = back ? text.strip().substring(1) : text;
        if (plain.strip().matches("0(\\s*(mm|cm|in))?")) {
            return ZERO;
        }
        Length length = parseSize(thing, plain, ZERO, furthest);
        return back ? length.times(-1) : length;
    }

    public double millimetres() {
        return nanometres / (double) NM_PER_MM;
    }

    public double inches() {
        return nanometres / (double) NM_PER_INCH;
    }

    public Length plus(Length other) {
        return new Length(Math.addExact(nanometres, other.nanometres));
    }

    public Length minus(Length other) {
        return new Length(Math.subtractExact(nanometres, other.nanometres));
    }

    /** Scaled by a ratio, to the nearest nanometre. */
    public Length times(double ratio) {
        return new Length(Math.round(nanometres * ratio));
    }

    /** To the nearest millimetre. */
    public Length rounded() {
        return ofMillimetres(Math.round(millimetres()));
    }

    /** Millimetres to 0.1 mm, below one to 0.01, or inches to the nearest sixteenth; what is finer than an eighth of an inch to two figures, so that it is never nought. */
    public String print(UnitSystem system) {
        return switch (system) {
            case METRIC -> Figures.rounded(millimetres(), Math.abs(millimetres()) < 1 ? 2 : 1) + " mm";
            case US -> (nanometres == 0 || Math.abs(inches()) >= FINE_INCHES ? sixteenths() : (nanometres < 0 ? "-" : "") + Spoken.inches(Math.abs(inches()))) + " in";
        };
    }

    private String sixteenths() {
        long count = Math.round(inches() * 16);
        long whole = count / 16;
        long rest = Math.abs(count % 16);
        if (rest == 0) {
            return String.valueOf(whole);
        }
        int lower = 16;
        while (rest % 2 == 0) {
            rest /= 2;
            lower /= 2;
        }
        String fraction = rest + "/" + lower;
        return whole == 0 ? (count < 0 ? "-" : "") + fraction : whole + " " + fraction;
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(nanometres, other.nanometres);
    }

    /** Exact, in millimetres; {@link #parse} reads it back to the same length. */
    @Override
    public String toString() {
        return Figures.strip(BigDecimal.valueOf(nanometres, 6)) + " mm";
    }
}
