package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "teaching")
class TeachingEntity extends OnlyRow {
    @Lob
    @Column(name = "teaching_json")
    @Nullable String teaching;

    @Override
    @Nullable String text() {
        return teaching;
    }

    @Override
    void text(String text) {
        teaching = text;
    }
}
