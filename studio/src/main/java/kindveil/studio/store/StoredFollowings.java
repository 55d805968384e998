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
    private final EntityManager entities;

    StoredFollowings(EntityManager entities) {
        this.entities = entities;
    }

    @Override
    public Following now() {
        return OnlyRow.now(entities, FollowingEntity.class, FollowingForm.class, FollowingForm::following, Following.BY_HAND::at);
    }

    @Override
    public void replace(Following following) {
        OnlyRow.replace(entities, FollowingEntity.class, FollowingEntity::new, following.version(), FollowingForm.of(following), "What the air follows");
    }
}
