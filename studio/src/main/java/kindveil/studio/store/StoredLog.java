package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kindveil.studio.work.Damaged;
import kindveil.studio.work.Kept;
import kindveil.studio.work.log.Log;
import kindveil.studio.work.log.LogEntry;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
@Transactional
class StoredLog implements Log {
    private static final String LATEST = "select e from LogEntity e where e.key.revision = (select max(o.key.revision) from LogEntity o where o.key.entry = e.key.entry)";
    private static final String ORDER = " order by (select min(f.written) from LogEntity f where f.key.entry = e.key.entry) desc";
    private final EntityManager entities;

    StoredLog(EntityManager entities) {
        this.entities = entities;
    }

    @Override
    public Kept<LogEntry> kept() {
        return read(entities.createQuery(LATEST + ORDER, LogEntity.class).getResultList());
    }

    @Override
    public List<LogEntry> ofPiece(UUID piece) {
        return read(entities.createQuery(LATEST + " and e.piece = :piece" + ORDER, LogEntity.class).setParameter("piece", piece).getResultList()).read();
    }

    @Override
    public Optional<LogEntry> find(UUID id) {
        return read(entities.createQuery(LATEST + " and e.key.entry = :entry", LogEntity.class).setParameter("entry", id).getResultList()).read().stream().findFirst();
    }

    @Override
    public List<LogEntry> history(UUID id) {
        return read(entities.createQuery("select e from LogEntity e where e.key.entry = :entry order by e.key.revision", LogEntity.class).setParameter("entry", id).getResultList()).read();
    }

    private static Kept<LogEntry> read(List<LogEntity> rows) {
        return SetApart.of(rows, LogEntity::entry, (row, wrong) -> new Damaged("A log entry", row.key.entry(), wrong));
    }

    @Override
    public void add(LogEntry entry) {
        entities.persist(LogEntity.of(entry));
        entities.flush();
    }
}
