package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import kindveil.studio.work.DiskRoom;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.picture.Pictures;
import kindveil.studio.work.picture.StoredPicture;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
@Transactional
class StoredPictures implements Pictures {
    private final EntityManager entities;
    private final DiskRoom room;

    StoredPictures(EntityManager entities, DiskRoom room) {
        this.room = room;
        this.entities = entities;
    }

    /** Without its bytes. */
    @Override
    public Optional<StoredPicture> find(UUID id) {
        return entities.createQuery("select new kindveil.studio.work.picture.StoredPicture(p.id, p.name, p.width, p.height, p.added) "
                + "from PictureEntity p where p.id = :id", StoredPicture.class).setParameter("id", id).getResultList().stream().findFirst();
    }

    @Override
    public Map<UUID, StoredPicture> all(Collection<UUID> ids) {
        Map<UUID, StoredPicture> found = new HashMap<>();
        if (!ids.isEmpty()) {
            entities.createQuery("select new kindveil.studio.work.picture.StoredPicture(p.id, p.name, p.width, p.height, p.added) from PictureEntity p where p.id in :ids", StoredPicture.class)
                    .setParameter("ids", ids).getResultList().stream().forEach(picture -> found.put(picture.id(), picture));
        }
        return found;
    }

    @Override
    public byte[] original(UUID id) {
        return bytes(id, "original").orElseThrow(() -> new NotFound("picture", id));
    }

    @Override
    public Optional<byte[]> preview(UUID id) {
        return bytes(id, "previewPng");
    }

    private Optional<byte[]> bytes(UUID id, String field) {
        return entities.createQuery("select p." + field + " from PictureEntity p where p.id = :id and p." + field + " is not null", byte[].class).setParameter("id", id).getResultList().stream().findFirst();
    }

    @Override
    public void keep(StoredPicture picture, byte[] original) {
        PictureEntity e = new PictureEntity();
        e.id = picture.id();
        e.name = picture.name();
        e.width = picture.width();
        e.height = picture.height();
        e.added = picture.added();
        e.original = original;
        entities.persist(e);
    }

    @Override
    public void keepPreview(UUID id, byte[] previewPng) {
        if (!room.isThereFor(previewPng.length)) {
            return;
        }
        entities.createQuery("update PictureEntity p set p.previewPng = :png where p.id = :id").setParameter("png", previewPng).setParameter("id", id).executeUpdate();
    }
}
