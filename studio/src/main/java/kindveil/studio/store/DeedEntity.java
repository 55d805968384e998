package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import kindveil.making.Deed;
import kindveil.way.ActId;
import kindveil.studio.work.making.ToldDeed;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "deed")
class DeedEntity {
    @EmbeddedId
    Key key;
    int part;
    String act;
    int answer;
    @Column(name = "at")
    Instant happened;
    Instant told;
    boolean assumed;
    @Column(name = "stood_since")
    @Nullable Instant since;
    @Column(name = "against_advice")
    boolean againstAdvice;

    /** Which deed of which making. */
    @Embeddable
    record Key(@Column(name = "making_id") UUID making, @Column(name = "seq") int seq) {
    }

    static DeedEntity of(UUID making, int seq, ToldDeed told) {
        DeedEntity e = new DeedEntity();
        e.key = new Key(making, seq);
        e.part = told.deed().act().part();
        e.act = told.deed().act().key();
        e.answer = told.deed().answer();
        e.happened = told.deed().at();
        e.told = told.told();
        e.assumed = told.deed().assumed();
        e.since = told.deed().since();
        e.againstAdvice = told.againstAdvice();
        return e;
    }

    ToldDeed told() {
        return new ToldDeed(new Deed(new ActId(part, act), answer, happened, assumed, since), told, againstAdvice);
    }
}
