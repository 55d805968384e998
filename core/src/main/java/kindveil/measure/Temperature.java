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

    public String print(UnitSystem system) {
        return switch (system) {
            case METRIC -> Figures.rounded(celsius, 1) + " °C";
            case US -> Figures.rounded(celsius * 9 / 5 + 32, 0) + " °F";
        };
    }
}
