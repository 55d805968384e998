package kindveil.drying;

import java.time.LocalTime;
import kindveil.measure.Humidity;
import kindveil.measure.Temperature;
import kindveil.measure.UnusableValue;

/**
 * How much cooler a studio is at night: two levels a day. The air keeps the vapour it has, so that it is damper as it cools
 * (Magnus, as in the drying itself) and no damper than fog; no night is reckoned colder than acrylic bears.
 *
 * @param cooler degrees less than by day, from 0 (day and night alike) to 20
 * @param from when the heating goes down
 * @param to when it is warm again
 */
public record Night(double cooler, LocalTime from, LocalTime to) {
    /** Day and night alike. */
    public static final Night ALIKE = new Night(0, LocalTime.of(22, 0), LocalTime.of(7, 0));
    public static final double MOST = 20;
    private static final double KELVIN = 273.15;

    public Night {
        UnusableValue.requireWithin("cooler at night by", cooler, 0, MOST, "°C", "Count the degrees the room loses until the morning.");
        if (from.equals(to)) {
            throw new UnusableValue("night", "from %s to %s".formatted(from, to), "two times that differ", "Say when it grows cold and when it is warm again.");
        }
    }

    public boolean alike() {
        return cooler == 0;
    }

    /** Whether it is night at a time of day; it may go past midnight. */
    public boolean at(LocalTime time) {
        return from.isBefore(to) ? !time.isBefore(from) && time.isBefore(to) : !time.isBefore(from) || time.isBefore(to);
    }

    /** The air by night, of what it is by day. */
    public Room night(Room day) {
        return moved(day, -cooler);
    }

    /** The air by day, of what it is by night. */
    public Room day(Room night) {
        return moved(night, cooler);
    }

    private static Room moved(Room room, double degrees) {
        double was = room.temperature().celsius();
        double is = Math.clamp(was + degrees, Room.COLDEST, Room.WARMEST);
        // cooling air draws in some of its neighbour's: its vapour keeps its pressure, not its density
        double percent = room.humidity().percent() * Balance.saturation(was) * (was + KELVIN) / (Balance.saturation(is) * (is + KELVIN));
        return new Room(new Temperature(is), new Humidity(Math.min(100, percent)), room.airing(), room.learned());
    }
}
