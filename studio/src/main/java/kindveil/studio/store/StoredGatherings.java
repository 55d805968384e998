package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import java.util.List;
import kindveil.studio.store.form.GatheringForm;
import kindveil.studio.store.form.Json;
import kindveil.studio.store.form.Unreadable;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.sheet.Gathering;
import kindveil.studio.work.sheet.Gatherings;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
@Transactional
class StoredGatherings implements Gatherings {
    private final EntityManager entities;

    StoredGatherings(EntityManager entities) {
        this.entities = entities;
    }

    /** What cannot be read is as nothing gathered: it is gathered again in a moment. */
    @Override
    public Gathering now() {
        GatheringEntity e = entities.find(GatheringEntity.class, GatheringEntity.ONLY);
        if (e == null) {
            return Gathering.EMPTY;
        }
        try {
            GatheringForm form = Json.read(e.gathering, GatheringForm.class);
            return Json.guarded(() -> form.gathering(e.version));
        } catch (Unreadable unreadable) {
            return new Gathering(e.version, List.of(), List.of());
        }
    }

    @Override
    public void replace(Gathering gathering) {
        GatheringEntity e = entities.find(GatheringEntity.class, GatheringEntity.ONLY);
        if ((e == null ? -1 : e.version) != gathering.version()) {
            throw new Outdated("What is gathered on the sheets");
        }
        GatheringEntity kept = e == null ? new GatheringEntity() : e;
        kept.gathering = Json.write(GatheringForm.of(gathering));
        if (e == null) {
            entities.persist(kept);
        }
    }
}
