package kindveil.studio.work;

import java.time.Clock;
import java.util.List;
import java.util.UUID;
import kindveil.measure.UnusableValue;
import kindveil.reading.LookState;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The log: what came of each making. */
@Service
@Transactional
public class LogWork {
    private final Log log;
    private final PictureWork pictures;
    private final Clock clock;

    LogWork(Log log, PictureWork pictures, Clock clock) {
        this.log = log;
        this.pictures = pictures;
        this.clock = clock;
    }

    /** An entry as it comes in; {@code once} makes a second sending of the same form harmless. */
    public record Entry(UUID once, Piece piece, UUID run, LogEntry.Verdict verdict, String came, String different, String printedBy, LogEntry.Findings findings, LookState state, int pass) {
    }

    /** Writes it, with a photograph if there are bytes of one. */
    public void write(Entry entry, String photoName, byte[] photo) {
        if (log.ofPiece(entry.piece().id()).stream().anyMatch(e -> e.id().equals(entry.once()))) {
            return;
        }
        UUID picture = photo == null ? null : pictures.take(photoName, photo).id();
        log.add(new LogEntry(entry.once(), entry.piece().id(), entry.run(), clock.instant(), entry.verdict(), entry.piece().design().wish(),
                entry.came().strip(), entry.different().strip(), entry.printedBy().strip(), entry.findings(), entry.state(), entry.pass(), picture));
    }

    public LogEntry get(UUID id) {
        return log.all().stream().filter(entry -> entry.id().equals(id)).findFirst().orElseThrow(() -> new NotFound("log entry", id));
    }

    /** The entry whose result a picture shows, if it is one: where a source comes from. */
    public java.util.Optional<LogEntry> cameFrom(UUID picture) {
        return log.all().stream().filter(entry -> picture.equals(entry.photo())).findFirst();
    }

    public static String requireShort(String thing, String text, int most) {
        if (text.length() > most) {
            throw new UnusableValue(thing, text.length() + " signs", "at most %d signs".formatted(most), "Shorten it a little.");
        }
        return text;
    }

    public List<LogEntry> all() {
        return log.all();
    }

    public List<LogEntry> ofPiece(UUID piece) {
        return log.ofPiece(piece);
    }

    /** Who printed copies so far, each once. */
    public List<String> printers() {
        return log.all().stream().map(LogEntry::printedBy).filter(name -> !name.isEmpty()).distinct().sorted().toList();
    }
}
