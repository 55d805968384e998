package kindveil.measure;

/**
 * A temperature level (not a difference).
 *
 * @param celsius °C, from -20 to 120
 */
public record Temperature(double celsius) {
    public Temperature {
        UnusableValue.requireWithin("temperature", celsius, -20, 120, "°C", "Read the thermometer again.");
    }

    /** °C in degrees of a measure; exact, as a field shows them. */
    public static double degrees(double celsius, UnitSystem system) {
        return switch (system) {
            case METRIC -> celsius;
            case US -> celsius * 9 / 5 + 32;
        };
    }

    /** A difference of so many °C in degrees of a measure. */
    public static double steps(double celsius, UnitSystem system) {
        return degrees(celsius, system) - degrees(0, system);
    }

    /** Degrees of a measure in °C. */
    public static double celsius(double degrees, UnitSystem system) {
        return switch (system) {
            case METRIC -> degrees;
            case US -> (degrees - 32) * 5 / 9;
        };
    }

    /** The sign of a measure's degrees. */
    public static String sign(UnitSystem system) {
        return switch (system) {
            case METRIC -> "°C";
            case US -> "°F";
        };
    }

    public String print(UnitSystem system) {
        return Figures.rounded(degrees(celsius, system), system == UnitSystem.US ? 0 : 1) + " " + sign(system);
    }
}
