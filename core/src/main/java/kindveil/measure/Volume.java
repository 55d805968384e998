package kindveil.measure;

import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A volume of something wet.
 *
 * @param millilitres ml, at least 0
 */
public record Volume(double millilitres) {
    /** 1 US teaspoon (NIST Handbook 44, appendix C). */
    private static final double ML_PER_TEASPOON = 4.92892;
    private static final double ML_PER_TABLESPOON = 3 * ML_PER_TEASPOON;
    /** A drop from a dropper, ml (assumed). */
    public static final double DROP_MILLILITRES = 0.05;
    /** 1 US fluid ounce. */
    public static final double ML_PER_OUNCE = 29.5735;
    private static final Pattern WRITTEN = Pattern.compile("([^a-z]*?)\\s*(ml|l|cl|fl oz|oz|tsp|tbsp|cups?|drops?)?");
    private static final Map<String, Double> UNITS = Map.ofEntries(Map.entry("ml", 1.0), Map.entry("cl", 10.0), Map.entry("l", 1000.0), Map.entry("fl oz", ML_PER_OUNCE), Map.entry("oz", ML_PER_OUNCE), Map.entry("tsp", ML_PER_TEASPOON),
            Map.entry("tbsp", 3 * ML_PER_TEASPOON), Map.entry("cup", 48 * ML_PER_TEASPOON), Map.entry("cups", 48 * ML_PER_TEASPOON), Map.entry("drop", DROP_MILLILITRES), Map.entry("drops", DROP_MILLILITRES));
    /** Less than half the least spoon is counted in drops. */
    private static final double COUNTED_IN_DROPS = 0.25;
    private static final double LEAST_SHOWN = 0.01;
    private static final int TABLESPOONS_PER_CUP = 16;
    private static final double ML_PER_CUP = TABLESPOONS_PER_CUP * ML_PER_TABLESPOON;
    /** The finest measuring spoon found in a set: an eighth of a teaspoon. */
    private static final double[] SPOON_PARTS = {0.125, 0.25, 0.5, 0.75};
    private static final String[] SPOON_NAMES = {"1/8", "1/4", "1/2", "3/4"};

    public Volume {
        UnusableValue.requireWithin("volume", millilitres, 0, 1e6, "ml", "Check area and thickness.");
    }

    /** Reads an amount with its unit, of the system's own where none is written: ml, or fluid ounces. */
    public static Volume parse(String thing, String text, UnitSystem system, double leastMillilitres, double mostMillilitres) {
        Matcher written = WRITTEN.matcher(text.strip().toLowerCase(java.util.Locale.ROOT));
        Double unit = !written.matches() ? null : written.group(2) == null ? system == UnitSystem.METRIC ? 1.0 : ML_PER_OUNCE : UNITS.get(written.group(2));
        if (unit == null) {
            throw new UnusableValue(thing, text, system == UnitSystem.METRIC ? "a number of ml" : "a number of fl oz", "Write for example 250 ml, 8 fl oz, 2 tbsp or 12 drops.");
        }
        return new Volume(UnusableValue.requireWithin(thing, NumberText.parse(thing, written.group(1), "").value() * unit, leastMillilitres, mostMillilitres, "ml", "Check the number and its unit."));
    }

    /** A film of {@code wetThicknessMicrometres} over {@code area}: 1 µm over 1 m² is 1 ml. */
    public static Volume ofFilm(Area area, double wetThicknessMicrometres) {
        return new Volume(area.squareMetres() * wetThicknessMicrometres);
    }

    public Volume times(double factor) {
        return new Volume(millilitres * factor);
    }

    /** Millilitres, or the US spoons and cups that measure it, rounded up so that there is enough. */
    public String print(UnitSystem system) {
        return switch (system) {
            case METRIC -> metric();
            case US -> spoons();
        };
    }

    /** What is used never shows as nothing. */
    private String metric() {
        if (millilitres > 0 && millilitres < LEAST_SHOWN) {
            return "0.01 ml";
        }
        return Figures.rounded(millilitres, millilitres >= 10 ? 0 : millilitres >= 0.1 || millilitres == 0 ? 1 : 2) + " ml";
    }

    private String spoons() {
        if (millilitres > 0 && millilitres <= COUNTED_IN_DROPS) {
            long drops = (long) Math.ceil(millilitres / DROP_MILLILITRES - 1e-9);
            return drops == 1 ? "1 drop" : drops + " drops";
        }
        if (millilitres >= ML_PER_CUP - 0.01) {
            long tablespoons = (long) Math.ceil(millilitres / ML_PER_TABLESPOON - 1e-3);
            return tablespoons / TABLESPOONS_PER_CUP + " cup" + (tablespoons % TABLESPOONS_PER_CUP == 0 ? "" : " + %d tbsp".formatted(tablespoons % TABLESPOONS_PER_CUP));
        }
        if (millilitres >= 2 * ML_PER_TABLESPOON) {
            return quarters(millilitres / ML_PER_TABLESPOON) + " tbsp";
        }
        double teaspoons = millilitres / ML_PER_TEASPOON;
        return teaspoons > 0.75 + 1e-9 ? quarters(teaspoons) + " tsp" : SPOON_NAMES[spoon(teaspoons)] + " tsp";
    }

    /** The least spoon that holds so many teaspoons, at most three quarters of one. */
    private static int spoon(double teaspoons) {
        for (int i = 0; i < SPOON_PARTS.length; i++) {
            if (teaspoons <= SPOON_PARTS[i] + 1e-9) {
                return i;
            }
        }
        throw new IllegalStateException("Impossible state: %s tsp fits no spoon.".formatted(teaspoons));
    }

    /** The least that a set of spoons measures and that is not less: an eighth of a teaspoon, a quarter, a half, and quarters from there. */
    public Volume spooned() {
        double teaspoons = millilitres / ML_PER_TEASPOON;
        return new Volume(ML_PER_TEASPOON * (teaspoons > 0.75 ? Math.ceil(teaspoons * 4 - 1e-9) / 4 : SPOON_PARTS[spoon(teaspoons)]));
    }

    private static String quarters(double amount) {
        long count = (long) Math.ceil(amount * 4 - 1e-9);
        String rest = switch ((int) (count % 4)) {
            case 1 -> "1/4";
            case 2 -> "1/2";
            case 3 -> "3/4";
            default -> "";
        };
        long whole = count / 4;
        return whole == 0 ? rest : rest.isEmpty() ? String.valueOf(whole) : whole + " " + rest;
    }
}
