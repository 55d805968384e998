package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.UUID;
import kindveil.studio.work.Log;
import kindveil.studio.work.LogEntry;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
@Transactional
class StoredLog implements Log {
    private final EntityManager entities;

    StoredLog(EntityManager entities) {
        this.entities = entities;
    }

    @Override
    public List<LogEntry> all() {
        return entities.createQuery("select e from LogEntity e order by e.written desc", LogEntity.class).getResultStream().map(LogEntity::entry).toList();
    }

    @Override
    public List<LogEntry> ofPiece(UUID piece) {
        return entities.createQuery("select e from LogEntity e where e.piece = :piece order by e.written desc", LogEntity.class)
                .setParameter("piece", piece).getResultStream().map(LogEntity::entry).toList();
    }

    @Override
    public void add(LogEntry entry) {
        entities.persist(LogEntity.of(entry));
    }
}
