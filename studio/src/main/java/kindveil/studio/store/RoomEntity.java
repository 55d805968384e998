package kindveil.studio.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import kindveil.measure.UnitSystem;
import kindveil.studio.work.StudioRoom;

@Entity
@Table(name = "room")
class RoomEntity {
    static final int ONLY = 1;
    @Id
    int id = ONLY;
    @Version
    int version;
    double celsius;
    double percent;
    @Enumerated(EnumType.STRING)
    UnitSystem units;
    Instant told;

    void take(StudioRoom room) {
        celsius = room.celsius();
        percent = room.percent();
        units = room.units();
        told = room.told();
    }

    StudioRoom room() {
        return new StudioRoom(version, celsius, percent, units, told);
    }
}
