package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import java.util.List;
import kindveil.studio.work.Gathering;
import kindveil.studio.work.Gatherings;
import kindveil.studio.work.Outdated;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

@Repository
@Transactional
class StoredGatherings implements Gatherings {
    private final EntityManager entities;
    private final JsonMapper json;

    StoredGatherings(EntityManager entities, JsonMapper json) {
        this.entities = entities;
        this.json = json;
    }

    @Override
    public Gathering now() {
        GatheringEntity e = entities.find(GatheringEntity.class, GatheringEntity.ONLY);
        return e == null ? Gathering.EMPTY : new Gathering(e.version, json.readValue(e.wanted, new TypeReference<List<Gathering.Wanted>>() {
        }), json.readValue(e.setUps, new TypeReference<List<Gathering.SetUp>>() {
        }));
    }

    @Override
    public void replace(Gathering gathering) {
        GatheringEntity e = entities.find(GatheringEntity.class, GatheringEntity.ONLY);
        if ((e == null ? -1 : e.version) != gathering.version()) {
            throw new Outdated("What is gathered on the sheets");
        }
        GatheringEntity kept = e == null ? new GatheringEntity() : e;
        kept.wanted = json.writeValueAsString(gathering.wanted());
        kept.setUps = json.writeValueAsString(gathering.setUps());
        if (e == null) {
            entities.persist(kept);
        }
    }
}
