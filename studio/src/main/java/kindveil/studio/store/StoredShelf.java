package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kindveil.studio.store.form.Unreadable;
import kindveil.studio.work.Damaged;
import kindveil.studio.work.NotFound;
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

    private List<OwnedEntity> rows() {
        return entities.createQuery("select o from OwnedEntity o order by o.kind, o.name", OwnedEntity.class).getResultList();
    }

    @Override
    public List<Owned> all() {
        List<Owned> all = new ArrayList<>();
        for (OwnedEntity row : rows()) {
            try {
                all.add(row.owned());
            } catch (Unreadable setApart) {
                // told of by damaged()
            }
        }
        return all;
    }

    @Override
    public Optional<Owned> find(UUID id) {
        try {
            return Optional.ofNullable(entities.find(OwnedEntity.class, id)).map(OwnedEntity::owned);
        } catch (Unreadable unreadable) {
            throw new NotFound("readable thing of yours (%s)".formatted(unreadable.getMessage()), id);
        }
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

    @Override
    public List<Damaged> damaged() {
        List<Damaged> damaged = new ArrayList<>();
        for (OwnedEntity row : rows()) {
            try {
                row.owned();
            } catch (Unreadable unreadable) {
                damaged.add(new Damaged("“%s” on the shelf".formatted(row.name), row.id, unreadable.getMessage()));
            }
        }
        return damaged;
    }
}
