package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import kindveil.studio.store.form.FollowingForm;
import kindveil.studio.work.room.Following;
import kindveil.studio.work.room.Followings;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
@Transactional
class StoredFollowings implements Followings {
    static final OnlyRow.Kind<FollowingForm, Following> ROW = new OnlyRow.Kind<>(FollowingEntity.class, FollowingForm.class, FollowingForm::following, "What the air follows");
    private final EntityManager entities;

    StoredFollowings(EntityManager entities) {
        this.entities = entities;
    }

    @Override
    public Following now() {
        return ROW.now(entities, Following.BY_HAND::at);
    }

    @Override
    public void replace(Following following) {
        OnlyRow.replace(entities, FollowingEntity.class, FollowingEntity::new, following.version(), FollowingForm.of(following), ROW.what());
    }
}
