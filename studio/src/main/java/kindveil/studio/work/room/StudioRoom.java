package kindveil.studio.work.room;

import java.time.Instant;
import kindveil.drying.Room;
import kindveil.measure.UnitSystem;

/** The room's air as last told, and the measures the artist reads in. */
public record StudioRoom(int version, double celsius, double percent, UnitSystem units, Instant told) {
    public Room air() {
        return Room.of(celsius, percent);
    }
}
