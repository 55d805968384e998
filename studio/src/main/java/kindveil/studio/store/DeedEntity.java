package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import kindveil.making.Deed;
import kindveil.studio.work.ToldDeed;

@Entity
@Table(name = "deed")
class DeedEntity {
    @EmbeddedId
    Key key;
    String act;
    int answer;
    @Column(name = "at")
    Instant happened;
    Instant told;
    boolean assumed;
    @Column(name = "against_advice")
    boolean againstAdvice;

    /** Which deed of which run. */
    @Embeddable
    record Key(@Column(name = "run_id") UUID run, @Column(name = "seq") int seq) {
    }

    static DeedEntity of(UUID run, int seq, ToldDeed told) {
        DeedEntity e = new DeedEntity();
        e.key = new Key(run, seq);
        e.act = told.deed().act();
        e.answer = told.deed().answer();
        e.happened = told.deed().at();
        e.told = told.told();
        e.assumed = told.deed().assumed();
        e.againstAdvice = told.againstAdvice();
        return e;
    }

    ToldDeed told() {
        return new ToldDeed(new Deed(act, answer, happened, assumed), told, againstAdvice);
    }
}
