package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.Pictures;
import kindveil.studio.work.StoredPicture;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
@Transactional
class StoredPictures implements Pictures {
    private final EntityManager entities;

    StoredPictures(EntityManager entities) {
        this.entities = entities;
    }

    /** Without its bytes. */
    @Override
    public Optional<StoredPicture> find(UUID id) {
        return entities.createQuery("select new kindveil.studio.work.StoredPicture(p.id, p.name, p.width, p.height, p.added) "
                + "from PictureEntity p where p.id = :id", StoredPicture.class).setParameter("id", id).getResultStream().findFirst();
    }

    @Override
    public byte[] full(UUID id) {
        return bytes(id, "fullPng");
    }

    @Override
    public byte[] preview(UUID id) {
        return bytes(id, "previewPng");
    }

    private byte[] bytes(UUID id, String field) {
        List<byte[]> found = entities.createQuery("select p." + field + " from PictureEntity p where p.id = :id", byte[].class).setParameter("id", id).getResultList();
        if (found.isEmpty()) {
            throw new NotFound("picture", id);
        }
        return found.getFirst();
    }

    @Override
    public void keep(StoredPicture picture, byte[] fullPng, byte[] previewPng) {
        PictureEntity e = new PictureEntity();
        e.id = picture.id();
        e.name = picture.name();
        e.width = picture.width();
        e.height = picture.height();
        e.added = picture.added();
        e.fullPng = fullPng;
        e.previewPng = previewPng;
        entities.persist(e);
    }
}
