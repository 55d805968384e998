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
    @Column(name = "brief_json")
    String briefJson;
    @Column(name = "bed_um")
    double bed;
    String way;
    @Column(name = "laid_aside")
    boolean laidAside;
}
