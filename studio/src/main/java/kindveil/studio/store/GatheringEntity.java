package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "gathering")
class GatheringEntity extends OnlyRow {
    @Lob
    @Column(name = "gathering_json")
    @Nullable String gathering;

    @Override
    @Nullable String text() {
        return gathering;
    }

    @Override
    void text(String text) {
        gathering = text;
    }
}
