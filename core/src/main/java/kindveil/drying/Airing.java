package kindveil.drying;

/** What moves the air over a coat: mass transfer in m/s, and how warm the air it brings is. */
public enum Airing {
    STILL(0.0035, Double.NaN), FAN(0.01, Double.NaN), HEAT_TOOL(0.025, 60), HEAT_TOOL_CLOSE(0.035, 95), HEAT_TOOL_FAR(0.015, 42),
    /** A shelf with a small fan and a warm foot, or a dehydrator kept for the studio: gently moved air with the room's own vapour in it, and walls as warm (assumed). */
    WARM_CUPBOARD(0.007, 35);

    private final double transfer;
    private final double celsius;

    Airing(double transfer, double celsius) {
        this.transfer = transfer;
        this.celsius = celsius;
    }

    /** Hot air from a tool held so far: what it brings falls with the distance (assumed; 20 to 27 cm is as practised). */
    public static Airing heatTool(double centimetres) {
        return centimetres <= 20 ? HEAT_TOOL_CLOSE : centimetres <= 27 ? HEAT_TOOL : HEAT_TOOL_FAR;
    }

    /** What the coat sees around it, °C: the room, but in a cupboard its walls. */
    double wallsCelsius(Room room) {
        return this == WARM_CUPBOARD ? celsius : room.temperature().celsius();
    }

    double transferMetresPerSecond() {
        return transfer;
    }

    /** The air that reaches the coat, °C: the room's own, but for hot air. */
    public double airCelsius(Room room) {
        return Double.isNaN(celsius) ? room.temperature().celsius() : celsius;
    }
}
