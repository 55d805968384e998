package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import java.util.List;
import kindveil.studio.store.form.GatheringForm;
import kindveil.studio.work.sheet.Gathering;
import kindveil.studio.work.sheet.Gatherings;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
@Transactional
class StoredGatherings implements Gatherings {
    static final OnlyRow.Kind<GatheringForm, Gathering> ROW = new OnlyRow.Kind<>(GatheringEntity.class, GatheringForm.class, GatheringForm::gathering, "What is gathered on the sheets");
    private final EntityManager entities;

    StoredGatherings(EntityManager entities) {
        this.entities = entities;
    }

    @Override
    public Gathering now() {
        return ROW.now(entities, version -> new Gathering(version, List.of(), List.of()));
    }

    @Override
    public void replace(Gathering gathering) {
        OnlyRow.replace(entities, GatheringEntity.class, GatheringEntity::new, gathering.version(), GatheringForm.of(gathering), ROW.what());
    }
}
