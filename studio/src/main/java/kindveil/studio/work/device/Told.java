package kindveil.studio.work.device;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What other devices are told of. */
public sealed interface Told {
    /** A making stands elsewhere now. */
    record Making(UUID id) implements Told {
    }

    /** Alarms ring elsewhere now. @param device or null for this machine @param name what it is called */
    record Rings(@Nullable UUID device, String name) implements Told {
    }

    /** A device is no longer let in. */
    record ShutOut(UUID device) implements Told {
    }
}
