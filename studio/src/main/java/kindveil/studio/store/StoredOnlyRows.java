package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.Optional;
import kindveil.studio.work.OnlyRows;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
@Transactional(readOnly = true)
class StoredOnlyRows implements OnlyRows {
    static final List<OnlyRow.Kind<?, ?>> ALL = List.of(StoredDiaries.ROW, StoredDoors.ROW, StoredFollowings.ROW, StoredGatherings.ROW, StoredTeachings.ROW);
    private final EntityManager entities;

    StoredOnlyRows(EntityManager entities) {
        this.entities = entities;
    }

    @Override
    public List<String> apart() {
        return ALL.stream().map(kind -> kind.apart(entities)).flatMap(Optional::stream).toList();
    }
}
