package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import kindveil.studio.store.form.DoorForm;
import kindveil.studio.work.device.Door;
import kindveil.studio.work.device.Doors;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
@Transactional
class StoredDoors implements Doors {
    static final OnlyRow.Kind<DoorForm, Door> ROW = new OnlyRow.Kind<>(DoorEntity.class, DoorForm.class, DoorForm::door, "What other devices may do");
    private final EntityManager entities;

    StoredDoors(EntityManager entities) {
        this.entities = entities;
    }

    @Override
    public Door now() {
        return ROW.now(entities, Door.CLOSED::at);
    }

    @Override
    public void replace(Door door) {
        OnlyRow.replace(entities, DoorEntity.class, DoorEntity::new, door.version(), DoorForm.of(door), ROW.what());
    }

    @Override
    public int wrongTries() {
        return entities.createNativeQuery("select wrong from door_tries").getResultList().stream().mapToInt(row -> ((Number) row).intValue()).max().orElse(0);
    }

    @Override
    public void wrongTries(int tries) {
        entities.createNativeQuery("update door_tries set wrong = :tries").setParameter("tries", tries).executeUpdate();
    }
}
