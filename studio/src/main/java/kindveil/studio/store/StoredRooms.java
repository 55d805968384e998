package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import kindveil.measure.UnitSystem;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.room.StudioRoom;
import kindveil.studio.work.room.ToldRoom;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** The room is read for every figure on every page, so the last one read is remembered until it is told again. */
@Repository
@Transactional
class StoredRooms implements Rooms {
    private static final double USUAL_CELSIUS = 21;
    private static final double USUAL_PERCENT = 50;
    private final EntityManager entities;
    private final Clock clock;
    private final AtomicReference<Optional<StudioRoom>> remembered = new AtomicReference<>(Optional.empty());

    StoredRooms(EntityManager entities, Clock clock) {
        this.entities = entities;
        this.clock = clock;
    }

    /** Until told otherwise, the air practice counts in. */
    @Override
    @Transactional(readOnly = true)
    public StudioRoom now() {
        return remembered.get().orElseGet(() -> {
            RoomEntity e = entities.find(RoomEntity.class, RoomEntity.ONLY);
            StudioRoom room = e == null ? new StudioRoom(-1, USUAL_CELSIUS, USUAL_PERCENT, UnitSystem.METRIC, clock.instant()) : e.room();
            remembered.set(Optional.of(room));
            return room;
        });
    }

    @Override
    public void replace(StudioRoom room) {
        RoomEntity e = entities.find(RoomEntity.class, RoomEntity.ONLY);
        int version = e == null ? -1 : e.version;
        if (version != room.version()) {
            throw new Outdated("The room");
        }
        boolean sameAir = e != null && e.room().air().equals(room.air()) && e.room().night().equals(room.night());
        if (e == null) {
            e = new RoomEntity();
            e.take(room);
            entities.persist(e);
        } else {
            e.take(room);
        }
        if (!sameAir) {
            entities.persist(ToldRoomEntity.of(room));
        }
        forget();
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                forget();
            }
        });
    }

    @Override
    public void remember(List<ToldRoom> before) {
        before.forEach(told -> entities.persist(ToldRoomEntity.of(told)));
    }

    private void forget() {
        remembered.set(Optional.empty());
    }

    @Override
    @Transactional(readOnly = true)
    public List<ToldRoom> since(Instant from) {
        return entities.createQuery("select t from ToldRoomEntity t where t.told >= coalesce((select max(b.told) from ToldRoomEntity b where b.told <= :from), :from) order by t.told", ToldRoomEntity.class).setParameter("from", from)
                .getResultList().stream().map(ToldRoomEntity::told).toList();
    }
}
