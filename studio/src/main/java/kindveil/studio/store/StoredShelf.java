package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import java.util.Optional;
import java.util.UUID;
import kindveil.studio.work.Damaged;
import kindveil.studio.work.Kept;
import kindveil.studio.work.shelf.Owned;
import kindveil.studio.work.shelf.Shelf;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
@Transactional
class StoredShelf implements Shelf {
    private final EntityManager entities;

    StoredShelf(EntityManager entities) {
        this.entities = entities;
    }

    @Override
    public Kept<Owned> kept() {
        return SetApart.of(entities.createQuery("select o from OwnedEntity o order by o.kind, o.name", OwnedEntity.class).getResultList(), OwnedEntity::owned,
                (row, wrong) -> new Damaged("“%s” on the shelf".formatted(row.name), row.id, wrong));
    }

    @Override
    public Optional<Owned> find(UUID id) {
        return SetApart.one(entities.find(OwnedEntity.class, id), "thing of yours", id, OwnedEntity::owned);
    }

    @Override
    public void keep(Owned owned) {
        OwnedEntity there = entities.find(OwnedEntity.class, owned.id());
        OwnedEntity kept = there == null ? new OwnedEntity() : there;
        kept.id = owned.id();
        kept.take(owned);
        if (there == null) {
            entities.persist(kept);
        }
    }

    @Override
    public void remove(UUID id) {
        Optional.ofNullable(entities.find(OwnedEntity.class, id)).ifPresent(entities::remove);
    }
}
