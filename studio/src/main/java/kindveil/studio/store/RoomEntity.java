package kindveil.studio.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import kindveil.studio.store.form.Vocabulary;
import kindveil.studio.work.room.StudioRoom;

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
    String units;
    Instant told;

    void take(StudioRoom room) {
        celsius = room.celsius();
        percent = room.percent();
        units = Vocabulary.UNITS.of(room.units());
        told = room.told();
    }

    StudioRoom room() {
        return new StudioRoom(version, celsius, percent, Vocabulary.UNITS.read(units), told);
    }
}
