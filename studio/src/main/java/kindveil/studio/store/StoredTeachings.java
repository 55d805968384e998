package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import kindveil.studio.store.form.Json;
import kindveil.studio.store.form.TeachingForm;
import kindveil.studio.store.form.Unreadable;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.learning.Teaching;
import kindveil.studio.work.learning.Teachings;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
@Transactional
class StoredTeachings implements Teachings {
    private final EntityManager entities;

    StoredTeachings(EntityManager entities) {
        this.entities = entities;
    }

    /** What cannot be read is as nothing said: all checks count. */
    @Override
    public Teaching now() {
        TeachingEntity e = entities.find(TeachingEntity.class, TeachingEntity.ONLY);
        if (e == null) {
            return Teaching.ALL;
        }
        try {
            TeachingForm form = Json.read(e.teaching, TeachingForm.class);
            return Json.guarded(() -> form.teaching(e.version));
        } catch (Unreadable unreadable) {
            return Teaching.ALL.at(e.version);
        }
    }

    @Override
    public void replace(Teaching teaching) {
        TeachingEntity e = entities.find(TeachingEntity.class, TeachingEntity.ONLY);
        if ((e == null ? -1 : e.version) != teaching.version()) {
            throw new Outdated("What is learned from");
        }
        TeachingEntity kept = e == null ? new TeachingEntity() : e;
        kept.teaching = Json.write(TeachingForm.of(teaching));
        if (e == null) {
            entities.persist(kept);
        }
    }
}
