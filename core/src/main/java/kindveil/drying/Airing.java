package kindveil.drying;

import kindveil.measure.Temperature;

/** What moves the air over a coat: mass transfer in m/s, and the heat it brings. */
public enum Airing {
    STILL(0.0035, null), FAN(0.01, null), HEAT_TOOL(0.008, new Temperature(60));

    private final double transfer;
    private final Temperature surface;

    Airing(double transfer, Temperature surface) {
        this.transfer = transfer;
        this.surface = surface;
    }

    double transferMetresPerSecond() {
        return transfer;
    }

    boolean heated() {
        return surface != null;
    }

    double surfaceCelsius(Room room) {
        return heated() ? surface.celsius() : room.temperature().celsius();
    }
}
