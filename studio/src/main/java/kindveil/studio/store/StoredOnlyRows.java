package kindveil.studio.store;

import com.github.benmanes.caffeine.cache.Cache;
import jakarta.persistence.EntityManager;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import kindveil.studio.work.Caches;
import kindveil.studio.work.OnlyRows;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
@Transactional(readOnly = true)
class StoredOnlyRows implements OnlyRows {
    static final List<OnlyRow.Kind<?, ?>> ALL = List.of(StoredDiaries.ROW, StoredDoors.ROW, StoredFollowings.ROW, StoredGatherings.ROW, StoredTeachings.ROW);
    private static final Duration LOOKED_AT_EVERY = Duration.ofMinutes(1);
    private final EntityManager entities;
    /** A row is damaged once, not from page to page. */
    private final Cache<String, List<String>> looked = Caches.bounded().maximumSize(1).expireAfterWrite(LOOKED_AT_EVERY).build();

    StoredOnlyRows(EntityManager entities) {
        this.entities = entities;
    }

    @Override
    public List<String> apart() {
        return looked.get("all", key -> ALL.stream().map(kind -> kind.apart(entities)).flatMap(Optional::stream).toList());
    }
}
