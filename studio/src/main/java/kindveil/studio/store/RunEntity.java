package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

@Entity
@Table(name = "run")
class RunEntity {
    @Id
    UUID id;
    @Column(name = "piece_id")
    UUID piece;
    Instant begun;
    @Lob
    @Column(name = "work_json")
    String workJson;
    @Column(name = "laid_aside")
    boolean laidAside;
}
