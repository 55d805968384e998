package kindveil.studio.work;

import java.util.List;
import java.util.UUID;

/** Keeps what came of it. */
public interface Log {
    /** Newest first. */
    List<LogEntry> all();

    List<LogEntry> ofPiece(UUID piece);

    void add(LogEntry entry);
}
