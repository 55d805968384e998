package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import kindveil.studio.work.jar.Drawn;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "drawn")
class DrawnEntity {
    @EmbeddedId
    Key key;
    String product;
    @Nullable UUID lot;
    @Nullable UUID jar;
    double amount;
    @Column(name = "at")
    Instant happened;

    /** Which of what was drawn for which deed. */
    @Embeddable
    record Key(@Column(name = "by_id") UUID by, @Column(name = "seq") int seq, @Column(name = "row_no") int row) {
    }

    static DrawnEntity of(Drawn drawn) {
        DrawnEntity e = new DrawnEntity();
        e.key = new Key(drawn.by(), drawn.seq(), drawn.row());
        e.product = drawn.product();
        e.lot = drawn.lot();
        e.jar = drawn.jar();
        e.amount = drawn.amount();
        e.happened = drawn.at();
        return e;
    }

    Drawn drawn() {
        return new Drawn(key.by, key.seq, key.row, product, lot, jar, amount, happened);
    }
}
