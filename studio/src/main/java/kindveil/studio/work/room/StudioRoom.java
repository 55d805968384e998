package kindveil.studio.work.room;

import java.time.Instant;
import kindveil.drying.Night;
import kindveil.drying.Room;
import kindveil.measure.UnitSystem;

/** The room's air as last told, how much cooler its nights are, and the measures the artist reads in. */
public record StudioRoom(int version, double celsius, double percent, Night night, UnitSystem units, Instant told) {
    /** Day and night alike. */
    public StudioRoom(int version, double celsius, double percent, UnitSystem units, Instant told) {
        this(version, celsius, percent, Night.ALIKE, units, told);
    }

    /** As it was told. */
    public ToldRoom asTold() {
        return new ToldRoom(told, celsius, percent, night);
    }

    public Room air() {
        return Room.of(celsius, percent);
    }
}
