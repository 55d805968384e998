package kindveil.studio.work.room;

import java.time.Instant;
import kindveil.drying.Room;

/** The air as it was told at a moment. */
public record ToldRoom(Instant at, double celsius, double percent) {
    public static ToldRoom of(Instant at, Room room) {
        return new ToldRoom(at, room.temperature().celsius(), room.humidity().percent());
    }

    public Room room() {
        return Room.of(celsius, percent);
    }
}
