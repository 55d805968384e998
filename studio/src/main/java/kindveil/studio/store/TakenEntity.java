package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.studio.store.form.Vocabulary;
import kindveil.studio.work.sheet.Taken;

@Entity
@Table(name = "taken")
class TakenEntity {
    @Id
    UUID id;
    @Column(name = "piece_id")
    UUID piece;
    int veil;
    @Column(name = "at")
    Instant taken;
    @Column(name = "width_nm")
    long width;
    boolean mirrored;
    String print;
    int copies;
    String image;

    static TakenEntity of(Taken taken) {
        TakenEntity e = new TakenEntity();
        e.id = UUID.randomUUID();
        e.piece = taken.piece();
        e.veil = taken.veil();
        e.taken = taken.at();
        e.width = taken.width().nanometres();
        e.mirrored = taken.mirrored();
        e.print = Vocabulary.PRINT.of(taken.print());
        e.copies = taken.copies();
        e.image = taken.image();
        return e;
    }

    Taken taken() {
        return new Taken(piece, veil, taken, new Length(width), mirrored, Vocabulary.PRINT.read(print), copies, image);
    }
}
