package kindveil.studio.work.sheet;

import java.util.List;
import java.util.UUID;

/** Files that were taken to be printed. */
public interface TakenFiles {
    /** Of a piece, the newest first. */
    List<Taken> of(UUID piece);

    void add(Taken taken);
}
