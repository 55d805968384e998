package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import kindveil.making.Sign;
import kindveil.studio.store.form.Vocabulary;
import kindveil.way.ActId;

@Entity
@Table(name = "sign")
class SignEntity {
    @Id
    UUID id;
    @Column(name = "making_id")
    UUID making;
    int part;
    String act;
    String tale;
    int reply;
    @Column(name = "at")
    Instant seen;

    static SignEntity of(UUID making, Sign sign) {
        SignEntity e = new SignEntity();
        e.id = UUID.randomUUID();
        e.making = making;
        e.part = sign.act().part();
        e.act = sign.act().key();
        e.tale = Vocabulary.TELL_TALE.of(sign.tale());
        e.reply = sign.reply();
        e.seen = sign.at();
        return e;
    }

    Sign sign() {
        return new Sign(new ActId(part, act), Vocabulary.TELL_TALE.read(tale), reply, seen);
    }
}
