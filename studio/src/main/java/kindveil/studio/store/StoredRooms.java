package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import kindveil.measure.UnitSystem;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.Rooms;
import kindveil.studio.work.StudioRoom;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
@Transactional
class StoredRooms implements Rooms {
    private static final double USUAL_CELSIUS = 21;
    private static final double USUAL_PERCENT = 50;
    private final EntityManager entities;
    private final Clock clock;

    StoredRooms(EntityManager entities, Clock clock) {
        this.entities = entities;
        this.clock = clock;
    }

    /** Until told otherwise, the air practice counts in. */
    @Override
    public StudioRoom now() {
        RoomEntity e = entities.find(RoomEntity.class, RoomEntity.ONLY);
        return e == null ? new StudioRoom(-1, USUAL_CELSIUS, USUAL_PERCENT, UnitSystem.METRIC, clock.instant()) : e.room();
    }

    @Override
    public void replace(StudioRoom room) {
        RoomEntity e = entities.find(RoomEntity.class, RoomEntity.ONLY);
        int version = e == null ? -1 : e.version;
        if (version != room.version()) {
            throw new Outdated("The room");
        }
        if (e == null) {
            e = new RoomEntity();
            e.take(room);
            entities.persist(e);
        } else {
            e.take(room);
        }
    }
}
