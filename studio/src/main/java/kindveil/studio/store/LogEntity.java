package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import kindveil.reading.LookState;
import kindveil.studio.work.LogEntry;
import kindveil.way.Wish;

@Entity
@Table(name = "log_entry")
class LogEntity {
    @Id
    UUID id;
    @Column(name = "piece_id")
    UUID piece;
    @Column(name = "run_id")
    UUID run;
    Instant written;
    @Enumerated(EnumType.STRING)
    LogEntry.Verdict verdict;
    @Enumerated(EnumType.STRING)
    Wish wish;
    String came;
    String different;
    @Column(name = "printed_by")
    String printedBy;
    @Enumerated(EnumType.STRING)
    LogEntry.Tack tack;
    @Enumerated(EnumType.STRING)
    LogEntry.Fibre fibre;
    Double stretch;
    @Column(name = "by_products")
    String byProducts;
    @Enumerated(EnumType.STRING)
    LogEntry.Cause cause;
    @Enumerated(EnumType.STRING)
    LookState state;
    int pass;
    @Column(name = "photo_id")
    UUID photo;

    static LogEntity of(LogEntry entry) {
        LogEntity e = new LogEntity();
        e.id = entry.id();
        e.piece = entry.piece();
        e.run = entry.run();
        e.written = entry.written();
        e.verdict = entry.verdict();
        e.wish = entry.wish();
        e.came = entry.came();
        e.different = entry.different();
        e.printedBy = entry.printedBy();
        e.tack = entry.findings().tack();
        e.fibre = entry.findings().fibre();
        e.stretch = entry.findings().stretch();
        e.byProducts = entry.findings().byProducts();
        e.cause = entry.findings().cause();
        e.state = entry.state();
        e.pass = entry.pass();
        e.photo = entry.photo();
        return e;
    }

    LogEntry entry() {
        return new LogEntry(id, piece, run, written, verdict, wish, came, different, printedBy, new LogEntry.Findings(tack, fibre, stretch, byProducts, cause), state, pass, photo);
    }
}
