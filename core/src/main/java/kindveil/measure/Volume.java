package kindveil.measure;

/**
 * A volume of something wet.
 *
 * @param millilitres ml, at least 0
 */
public record Volume(double millilitres) {
    /** 1 US teaspoon (NIST Handbook 44, appendix C). */
    private static final double ML_PER_TEASPOON = 4.92892;
    private static final double ML_PER_TABLESPOON = 3 * ML_PER_TEASPOON;
    private static final double ML_PER_CUP = 236.588;
    /** The finest measuring spoon found in a set: an eighth of a teaspoon. */
    private static final double[] SPOON_PARTS = {0.125, 0.25, 0.5, 0.75};
    private static final String[] SPOON_NAMES = {"1/8", "1/4", "1/2", "3/4"};

    public Volume {
        UnusableValue.requireWithin("volume", millilitres, 0, 1e6, "ml", "Check area and thickness.");
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
            case METRIC -> Figures.rounded(millilitres, millilitres < 10 ? 1 : 0) + " ml";
            case US -> spoons();
        };
    }

    private String spoons() {
        if (millilitres >= ML_PER_CUP / 4) {
            return quarters(millilitres / ML_PER_CUP) + " cup";
        }
        if (millilitres >= 2 * ML_PER_TABLESPOON) {
            return quarters(millilitres / ML_PER_TABLESPOON) + " tbsp";
        }
        double teaspoons = millilitres / ML_PER_TEASPOON;
        if (teaspoons > 0.75) {
            return quarters(teaspoons) + " tsp";
        }
        for (int i = 0; i < SPOON_PARTS.length; i++) {
            if (teaspoons <= SPOON_PARTS[i] + 1e-9) {
                return SPOON_NAMES[i] + " tsp";
            }
        }
        throw new IllegalStateException("Impossible state: %s tsp fits no spoon.".formatted(teaspoons));
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
