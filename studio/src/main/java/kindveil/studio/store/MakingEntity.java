package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import kindveil.making.Making;
import kindveil.studio.store.form.Unreadable;
import kindveil.studio.store.form.Vocabulary;
import kindveil.studio.work.making.MakingLine;
import kindveil.studio.work.making.Pull;
import kindveil.studio.work.making.Result;
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
    @Column(name = "series_id")
    @Nullable UUID series;
    int pull = 1;
    int plates = 1;
    @Nullable String result;

    @Nullable Pull pull() {
        return series == null ? null : new Pull(series, pull, plates);
    }

    void pulled(@Nullable Pull pulled) {
        series = pulled == null ? null : pulled.series();
        pull = pulled == null ? 1 : pulled.number();
        plates = pulled == null ? 1 : pulled.plates();
    }

    @Nullable Result result() {
        return result == null ? null : Vocabulary.RESULT.read(result);
    }

    void came(@Nullable Result came) {
        result = came == null ? null : Vocabulary.RESULT.of(came);
    }

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
        return new MakingLine(id, piece, begun, laidAside, finished, atHand, pull(), known());
    }

    /** A line is not lost for a result that cannot be read. */
    private @Nullable Result known() {
        try {
            return result();
        } catch (Unreadable unknown) {
            return null;
        }
    }
}
