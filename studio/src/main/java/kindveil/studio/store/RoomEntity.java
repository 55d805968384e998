package kindveil.studio.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalTime;
import kindveil.drying.Night;
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
    double cooler;
    String nightFrom;
    String nightTo;
    String units;
    Instant told;

    static Night night(double cooler, String from, String to) {
        return new Night(cooler, LocalTime.parse(from), LocalTime.parse(to));
    }

    void take(StudioRoom room) {
        celsius = room.celsius();
        percent = room.percent();
        cooler = room.night().cooler();
        nightFrom = room.night().from().toString();
        nightTo = room.night().to().toString();
        units = Vocabulary.UNITS.of(room.units());
        told = room.told();
    }

    StudioRoom room() {
        return new StudioRoom(version, celsius, percent, night(cooler, nightFrom, nightTo), Vocabulary.UNITS.read(units), told);
    }
}
