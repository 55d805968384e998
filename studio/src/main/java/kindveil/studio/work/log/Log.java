package kindveil.studio.work.log;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kindveil.studio.work.Kept;

/** Keeps what came of it; every revision of an entry stays. */
public interface Log {
    /** Each entry as it was last written, the newest first; struck ones too. */
    Kept<LogEntry> kept();

    /** Those that can be read, in the same order. */
    default List<LogEntry> all() {
        return kept().read();
    }

    List<LogEntry> ofPiece(UUID piece);

    /** As it was last written. */
    Optional<LogEntry> find(UUID id);

    /** Every revision of one, the first first. */
    List<LogEntry> history(UUID id);

    /** Keeps an entry, or another revision of it. */
    void add(LogEntry entry);
}
