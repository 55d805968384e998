package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import kindveil.studio.work.Damaged;
import kindveil.studio.work.Kept;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.jar.Jars;
import kindveil.studio.work.jar.StudioJar;
import kindveil.studio.work.jar.Drawn;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
@Transactional
class StoredJars implements Jars {
    private final EntityManager entities;

    StoredJars(EntityManager entities) {
        this.entities = entities;
    }

    @Override
    public Kept<StudioJar> kept() {
        return SetApart.of(rows(), JarEntity::jar, (row, wrong) -> new Damaged("A jar", row.id, wrong));
    }

    private List<JarEntity> rows() {
        return entities.createQuery("select j from JarEntity j order by j.made desc", JarEntity.class).getResultList();
    }

    @Override
    public Optional<StudioJar> find(UUID id) {
        return SetApart.one(entities.find(JarEntity.class, id), "jar", id, JarEntity::jar);
    }

    @Override
    public void add(StudioJar jar) {
        JarEntity e = new JarEntity();
        e.id = jar.id();
        e.made = jar.made();
        e.take(jar);
        entities.persist(e);
    }

    @Override
    public void replace(StudioJar jar) {
        JarEntity e = entities.find(JarEntity.class, jar.id());
        if (e == null || e.version != jar.version()) {
            throw new Outdated("The jar");
        }
        e.take(jar);
    }

    @Override
    public void remove(UUID id) {
        Optional.ofNullable(entities.find(JarEntity.class, id)).ifPresent(entities::remove);
    }

    @Override
    public void draw(List<Drawn> drawn) {
        drawn.forEach(one -> entities.persist(DrawnEntity.of(one)));
    }

    @Override
    public void putBack(UUID by, int seq) {
        entities.createQuery("delete from DrawnEntity t where t.key.by = :by and t.key.seq >= :seq").setParameter("by", by).setParameter("seq", seq).executeUpdate();
    }

    @Override
    public List<Drawn> drawnBy(UUID by) {
        return entities.createQuery("select t from DrawnEntity t where t.key.by = :by order by t.key.seq, t.key.row", DrawnEntity.class).setParameter("by", by).getResultList().stream().map(DrawnEntity::drawn).toList();
    }

    @Override
    public List<Drawn> drawn() {
        return entities.createQuery("select t from DrawnEntity t order by t.happened, t.key.by, t.key.seq, t.key.row", DrawnEntity.class).getResultList().stream().map(DrawnEntity::drawn).toList();
    }

    @Override
    public Map<UUID, Double> outOfJars() {
        return sums("select t.jar, sum(t.amount) from DrawnEntity t where t.jar is not null group by t.jar");
    }

    @Override
    public Map<UUID, Double> outOfLots() {
        return sums("select t.lot, sum(t.amount) from DrawnEntity t, OwnedEntity o where o.id = t.lot and (o.looked is null or t.happened > o.looked) group by t.lot");
    }

    private Map<UUID, Double> sums(String query) {
        return entities.createQuery(query, Object[].class).getResultList().stream().collect(Collectors.toMap(row -> (UUID) row[0], row -> (Double) row[1]));
    }
}
