package kindveil.measure;

/**
 * A starting value with its usual range, its unit and where it stands.
 *
 * @param value the default, inside the range
 * @param least the lower end of the usual range
 * @param most the upper end of the usual range
 */
public record Preset(double value, double least, double most, String unit, Provenance provenance) {
    private static final double MIL_MILLIMETRES = 0.0254;
    private static final double INCH_MILLIMETRES = 25.4;

    public Preset {
        if (!(least <= value && value <= most)) {
            throw new IllegalArgumentException("Impossible state: default %s lies outside %s to %s %s."
                    .formatted(value, least, most, unit));
        }
    }

    public static Preset practice(double value, double least, double most, String unit) {
        return new Preset(value, least, most, unit, Provenance.PRACTICE);
    }

    public static Preset assumed(double value, double least, double most, String unit) {
        return new Preset(value, least, most, unit, Provenance.ASSUMED);
    }

    /** The same in the measures of a family: films in thousandths of an inch, lengths in inches, to two figures: practice is no finer. */
    public Preset in(UnitSystem system) {
        double each = unitsEach(unit, system);
        return each == 1 ? this : new Preset(two(value / each), two(least / each), two(most / each), millimetresEach(unit) < 1 ? "mil" : "in", provenance);
    }

    private static double two(double value) {
        return Figures.significant(value, Spoken.TWO_FIGURES).doubleValue();
    }

    /** How many of a unit go into one of those a family measures the same thing by; 1 where it uses the unit itself. */
    public static double unitsEach(String unit, UnitSystem system) {
        double millimetres = millimetresEach(unit);
        return system == UnitSystem.METRIC || millimetres == 0 ? 1 : (millimetres < 1 ? MIL_MILLIMETRES : INCH_MILLIMETRES) / millimetres;
    }

    /** A unit of length in mm; 0 for any other. */
    public static double millimetresEach(String unit) {
        return switch (unit) {
            case "µm" -> 0.001;
            case "mm" -> 1;
            case "cm" -> 10;
            default -> 0;
        };
    }

    /** For example {@code "100 µm [60 … 150]"}. */
    @Override
    public String toString() {
        return "%s %s [%s … %s]".formatted(Figures.plain(value), unit, Figures.plain(least), Figures.plain(most));
    }
}
