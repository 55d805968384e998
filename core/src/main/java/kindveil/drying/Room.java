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
 * @param learned how fast things dry in it against the middle studio
 */
public record Room(Temperature temperature, Humidity humidity, Airing airing, Learned learned) {
    public static final double COLDEST = 5;
    public static final double WARMEST = 40;

    public Room {
        UnusableValue.requireWithin("room temperature", temperature.celsius(), COLDEST, WARMEST, "°C",
                "Acrylic does not form a sound film outside this range: warm the room or wait.");
    }

    /** Of which nothing is learned. */
    public Room(Temperature temperature, Humidity humidity, Airing airing) {
        this(temperature, humidity, airing, Learned.NOTHING);
    }

    /** Still air at this temperature and humidity. */
    public static Room of(double celsius, double percent) {
        return new Room(new Temperature(celsius), new Humidity(percent), Airing.STILL);
    }

    public Room with(Airing other) {
        return new Room(temperature, humidity, other, learned);
    }

    /** The same air, with what was learned of how fast things dry in it. */
    public Room knowing(Learned other) {
        return learned.equals(other) ? this : new Room(temperature, humidity, airing, other);
    }

    public String print(UnitSystem system) {
        return temperature.print(system) + " · " + humidity;
    }
}
