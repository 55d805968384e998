package kindveil.studio.work.room;

import java.time.Instant;
import java.util.Optional;

/** What measures the air by itself. */
public interface Sensor {
    /** What it measured. */
    record Measured(double celsius, double percent) {
    }

    /** What it says at a moment; nothing where it says nothing. */
    Optional<Measured> read(Instant now);
}
