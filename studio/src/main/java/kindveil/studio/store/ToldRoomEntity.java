package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import kindveil.studio.work.room.StudioRoom;
import kindveil.studio.work.room.ToldRoom;

@Entity
@Table(name = "room_told")
class ToldRoomEntity {
    @Id
    UUID id;
    @Column(name = "at")
    Instant told;
    double celsius;
    double percent;
    double cooler;
    String nightFrom;
    String nightTo;

    static ToldRoomEntity of(StudioRoom room) {
        return of(room.asTold());
    }

    static ToldRoomEntity of(ToldRoom room) {
        ToldRoomEntity e = new ToldRoomEntity();
        e.id = UUID.randomUUID();
        e.told = room.at();
        e.celsius = room.celsius();
        e.percent = room.percent();
        e.cooler = room.night().cooler();
        e.nightFrom = room.night().from().toString();
        e.nightTo = room.night().to().toString();
        return e;
    }

    ToldRoom told() {
        return new ToldRoom(told, celsius, percent, RoomEntity.night(cooler, nightFrom, nightTo));
    }
}
