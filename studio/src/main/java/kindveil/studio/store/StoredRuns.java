package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.Run;
import kindveil.studio.work.Runs;
import kindveil.studio.work.ToldDeed;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

@Repository
@Transactional
class StoredRuns implements Runs {
    private final EntityManager entities;
    private final JsonMapper json;

    StoredRuns(EntityManager entities, JsonMapper json) {
        this.entities = entities;
        this.json = json;
    }

    @Override
    public Optional<Run> find(UUID id) {
        return Optional.ofNullable(entities.find(RunEntity.class, id)).map(this::run);
    }

    @Override
    public List<Run> ofPiece(UUID piece) {
        return entities.createQuery("select r from RunEntity r where r.piece = :piece order by r.begun desc", RunEntity.class)
                .setParameter("piece", piece).getResultStream().map(this::run).toList();
    }

    @Override
    public List<Run> open() {
        return entities.createQuery("select r from RunEntity r where r.laidAside = false order by r.begun", RunEntity.class)
                .getResultStream().map(this::run).toList();
    }

    private Run run(RunEntity e) {
        return new Run(e.id, e.piece, e.begun, StoredWork.read(json, e.workJson), told(e.id), e.laidAside);
    }

    private List<ToldDeed> told(UUID run) {
        return entities.createQuery("select d from DeedEntity d where d.key.run = :run order by d.key.seq", DeedEntity.class)
                .setParameter("run", run).getResultStream().map(DeedEntity::told).toList();
    }

    @Override
    public void add(Run run) {
        RunEntity e = new RunEntity();
        e.id = run.id();
        e.piece = run.piece();
        e.begun = run.begun();
        e.workJson = StoredWork.write(json, run.work());
        e.laidAside = run.laidAside();
        entities.persist(e);
        for (int i = 0; i < run.told().size(); i++) {
            entities.persist(DeedEntity.of(run.id(), i, run.told().get(i)));
        }
    }

    @Override
    public void tell(UUID run, int seq, ToldDeed deed) {
        requireNext(run, seq);
        entities.persist(DeedEntity.of(run, seq, deed));
    }

    @Override
    public void takeBack(UUID run, int seq) {
        requireNext(run, seq + 1);
        entities.remove(entities.find(DeedEntity.class, new DeedEntity.Key(run, seq)));
    }

    @Override
    public void backdate(UUID run, Instant begun) {
        requireNext(run, 0);
        locked(run).begun = begun;
    }

    @Override
    public void layAside(UUID run) {
        locked(run).laidAside = true;
    }

    /** Two tellings of one making wait for each other, so the second sees what the first wrote. */
    private RunEntity locked(UUID run) {
        RunEntity e = entities.find(RunEntity.class, run, LockModeType.PESSIMISTIC_WRITE);
        if (e == null) {
            throw new NotFound("making", run);
        }
        return e;
    }

    private void requireNext(UUID run, int seq) {
        locked(run);
        long count = entities.createQuery("select count(d) from DeedEntity d where d.key.run = :run", Long.class).setParameter("run", run).getSingleResult();
        if (count != seq) {
            throw new Outdated("The bench");
        }
    }
}
