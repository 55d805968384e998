package kindveil.measure;

/**
 * Relative humidity of air.
 *
 * @param percent % RH, from 0 (bone dry) to 100 (fog)
 */
public record Humidity(double percent) {
    public Humidity {
        UnusableValue.requireWithin("relative humidity", percent, 0, 100, "%", "Read the hygrometer again.");
    }

    public double share() {
        return percent / 100;
    }

    @Override
    public String toString() {
        return Figures.rounded(percent, 0) + " %";
    }
}
