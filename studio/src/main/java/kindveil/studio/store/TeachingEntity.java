package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "teaching")
class TeachingEntity {
    static final int ONLY = 1;
    @Id
    int id = ONLY;
    @Version
    int version;
    @Lob
    @Column(name = "teaching_json")
    @Nullable String teaching;
}
