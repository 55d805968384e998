package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.UUID;
import kindveil.studio.work.Damaged;
import kindveil.studio.work.sheet.Taken;
import kindveil.studio.work.sheet.TakenFiles;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
@Transactional
class StoredTaken implements TakenFiles {
    private final EntityManager entities;

    StoredTaken(EntityManager entities) {
        this.entities = entities;
    }

    @Override
    public List<Taken> of(UUID piece) {
        return SetApart.of(entities.createQuery("select t from TakenEntity t where t.piece = :piece order by t.taken desc", TakenEntity.class).setParameter("piece", piece).getResultList(), TakenEntity::taken,
                (row, wrong) -> new Damaged("A file that was taken", row.id, wrong)).read();
    }

    @Override
    public void add(Taken taken) {
        entities.persist(TakenEntity.of(taken));
    }
}
