package kindveil.drying;

import kindveil.measure.Humidity;
import kindveil.measure.Temperature;
import kindveil.measure.UnitSystem;
import kindveil.measure.UnusableValue;

/**
 * The air of the studio.
 *
 * @param temperature from 5 to 40 °C: below, acrylic does not form a film; above, nobody works
 * @param humidity relative humidity
 * @param airing what moves the air
 */
public record Room(Temperature temperature, Humidity humidity, Airing airing) {
    public static final double COLDEST = 5;
    public static final double WARMEST = 40;

    public Room {
        UnusableValue.requireWithin("room temperature", temperature.celsius(), COLDEST, WARMEST, "°C",
                "Acrylic does not form a sound film outside this range: warm the room or wait.");
    }

    /** Still air at this temperature and humidity. */
    public static Room of(double celsius, double percent) {
        return new Room(new Temperature(celsius), new Humidity(percent), Airing.STILL);
    }

    public Room with(Airing other) {
        return new Room(temperature, humidity, other);
    }

    public String print(UnitSystem system) {
        return temperature.print(system) + " · " + humidity;
    }
}
