package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

@Entity
@Table(name = "gathering")
class GatheringEntity {
    static final int ONLY = 1;
    @Id
    int id = ONLY;
    @Version
    int version;
    @Column(name = "wanted_json")
    String wanted;
    @Column(name = "set_ups_json")
    String setUps;
}
