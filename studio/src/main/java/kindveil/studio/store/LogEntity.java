package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import java.util.function.Function;
import kindveil.studio.store.form.Json;
import kindveil.studio.store.form.JudgedForm;
import kindveil.studio.store.form.Vocabulary;
import kindveil.studio.work.log.Judged;
import kindveil.studio.work.log.LogEntry;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "entry")
class LogEntity {
    @EmbeddedId
    Key key;
    @Column(name = "piece_id")
    UUID piece;
    @Column(name = "making_id")
    @Nullable UUID making;
    Instant written;
    String verdict;
    String came;
    String different;
    @Nullable String tack;
    @Nullable String fibre;
    @Nullable Double stretch;
    @Column(name = "by_products")
    String byProducts;
    @Nullable String cause;
    @Column(name = "photo_id")
    @Nullable UUID photo;
    boolean struck;
    @Lob
    @Column(name = "judged_json")
    @Nullable String judged;

    /** Which revision of which entry. */
    @Embeddable
    record Key(@Column(name = "entry_id") UUID entry, @Column(name = "revision") int revision) {
    }

    static LogEntity of(LogEntry entry) {
        LogEntity e = new LogEntity();
        e.key = new Key(entry.id(), entry.revision());
        e.piece = entry.piece();
        e.making = entry.making();
        e.written = entry.written();
        e.verdict = Vocabulary.VERDICT.of(entry.verdict());
        e.came = entry.came();
        e.different = entry.different();
        LogEntry.Findings found = entry.findings();
        e.tack = either(found.tack(), Vocabulary.TACK::of);
        e.fibre = either(found.fibre(), Vocabulary.FIBRE::of);
        e.stretch = found.stretch();
        e.byProducts = found.byProducts();
        e.cause = either(found.cause(), Vocabulary.CAUSE::of);
        e.photo = entry.photo();
        e.struck = entry.struck();
        e.judged = Json.write(JudgedForm.of(entry.judged()));
        return e;
    }

    private static <A, B> @Nullable B either(@Nullable A value, Function<A, B> change) {
        return value == null ? null : change.apply(value);
    }

    /** {@link kindveil.studio.store.form.Unreadable} where it cannot be read. */
    LogEntry entry() {
        JudgedForm form = Json.read(judged, JudgedForm.class);
        return Json.guarded(() -> {
            Judged read = form.judged();
            LogEntry.Findings findings = new LogEntry.Findings(either(tack, Vocabulary.TACK::read), either(fibre, Vocabulary.FIBRE::read), stretch, byProducts, either(cause, Vocabulary.CAUSE::read));
            return new LogEntry(key.entry(), key.revision(), piece, making, written, Vocabulary.VERDICT.read(verdict), came, different, findings, read, photo, struck);
        });
    }
}
