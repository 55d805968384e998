package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "door")
class DoorEntity extends OnlyRow {
    @Lob
    @Column(name = "door_json")
    @Nullable String door;

    @Override
    @Nullable String text() {
        return door;
    }

    @Override
    void text(String text) {
        door = text;
    }
}
