package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import kindveil.making.Making;
import kindveil.studio.work.making.MakingLine;
import kindveil.way.Act;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "making")
class MakingEntity {
    private static final int LONGEST = 300;
    @Id
    UUID id;
    @Column(name = "piece_id")
    UUID piece;
    Instant begun;
    /** Null where it could not be brought over from an earlier form. */
    @Lob
    @Column(name = "plan_json")
    @Nullable String plan;
    @Column(name = "laid_aside")
    boolean laidAside;
    boolean finished;
    @Column(name = "at_hand")
    String atHand;

    void stands(Making making) {
        finished = making.finished();
        atHand = atHand(making);
    }

    /** The act at hand in words, empty at the end. */
    static String atHand(Making making) {
        String title = making.current().map(Act::title).orElse("");
        return title.length() > LONGEST ? title.substring(0, LONGEST) : title;
    }

    MakingLine line() {
        return new MakingLine(id, piece, begun, laidAside, finished, atHand);
    }
}
