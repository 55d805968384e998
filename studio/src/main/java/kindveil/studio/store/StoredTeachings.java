package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import kindveil.studio.store.form.TeachingForm;
import kindveil.studio.work.learning.Teaching;
import kindveil.studio.work.learning.Teachings;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
@Transactional
class StoredTeachings implements Teachings {
    static final OnlyRow.Kind<TeachingForm, Teaching> ROW = new OnlyRow.Kind<>(TeachingEntity.class, TeachingForm.class, TeachingForm::teaching, "What is learned from");
    private final EntityManager entities;

    StoredTeachings(EntityManager entities) {
        this.entities = entities;
    }

    @Override
    public Teaching now() {
        return ROW.now(entities, Teaching.ALL::at);
    }

    @Override
    public void replace(Teaching teaching) {
        OnlyRow.replace(entities, TeachingEntity.class, TeachingEntity::new, teaching.version(), TeachingForm.of(teaching), ROW.what());
    }
}
