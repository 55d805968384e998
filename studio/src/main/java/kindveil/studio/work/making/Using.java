package kindveil.studio.work.making;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import kindveil.making.Making;
import kindveil.way.Act;
import org.jspecify.annotations.Nullable;

/** Keeps account of what the hands take for a making. */
public interface Using {
    /**
     * An act was told.
     *
     * @param together pulls made with it, itself among them
     * @param seq of the deed that tells it
     * @param jar that was taken for it where something was to be mixed, or null
     */
    void told(StoredMaking making, Making after, Act act, List<UUID> together, int seq, @Nullable UUID jar, Instant at);

    /** Deeds from {@code seq} on were taken back. */
    void tookBack(UUID making, int seq);

    /** When what a jar holds was mixed; refused in words where it does not serve an act. */
    Instant ready(UUID jar, Act act);
}
