package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "diary")
class DiaryEntity extends OnlyRow {
    @Lob
    @Column(name = "diary_json")
    @Nullable String diary;

    @Override
    @Nullable String text() {
        return diary;
    }

    @Override
    void text(String text) {
        diary = text;
    }
}
