package kindveil.drying;

/** What moves the air over a coat: mass transfer in m/s, and how warm the air it brings is. */
public enum Airing {
    STILL(0.0035, Double.NaN), FAN(0.01, Double.NaN), HEAT_TOOL(0.025, 60);

    private final double transfer;
    private final double celsius;

    Airing(double transfer, double celsius) {
        this.transfer = transfer;
        this.celsius = celsius;
    }

    double transferMetresPerSecond() {
        return transfer;
    }

    /** The air that reaches the coat, °C: the room's own, but for hot air. */
    double airCelsius(Room room) {
        return Double.isNaN(celsius) ? room.temperature().celsius() : celsius;
    }
}
