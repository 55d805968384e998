package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kindveil.studio.store.form.Unreadable;
import kindveil.studio.work.Damaged;
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
    public List<LogEntry> all() {
        return read(entities.createQuery(LATEST + ORDER, LogEntity.class).getResultList());
    }

    @Override
    public List<LogEntry> ofPiece(UUID piece) {
        return read(entities.createQuery(LATEST + " and e.piece = :piece" + ORDER, LogEntity.class).setParameter("piece", piece).getResultList());
    }

    @Override
    public Optional<LogEntry> find(UUID id) {
        return read(entities.createQuery(LATEST + " and e.key.entry = :entry", LogEntity.class).setParameter("entry", id).getResultList()).stream().findFirst();
    }

    @Override
    public List<LogEntry> history(UUID id) {
        return read(entities.createQuery("select e from LogEntity e where e.key.entry = :entry order by e.key.revision", LogEntity.class).setParameter("entry", id).getResultList());
    }

    /** Those that can be read; the others are told of by {@link #damaged}. */
    private static List<LogEntry> read(List<LogEntity> rows) {
        List<LogEntry> entries = new ArrayList<>();
        for (LogEntity row : rows) {
            try {
                entries.add(row.entry());
            } catch (Unreadable setApart) {
                // told of by damaged()
            }
        }
        return entries;
    }

    @Override
    public void add(LogEntry entry) {
        entities.persist(LogEntity.of(entry));
        entities.flush();
    }

    @Override
    public List<Damaged> damaged() {
        List<Damaged> damaged = new ArrayList<>();
        for (LogEntity row : entities.createQuery(LATEST, LogEntity.class).getResultList()) {
            try {
                row.entry();
            } catch (Unreadable unreadable) {
                damaged.add(new Damaged("A log entry", row.key.entry(), unreadable.getMessage()));
            }
        }
        return damaged;
    }
}
