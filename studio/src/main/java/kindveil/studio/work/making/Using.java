package kindveil.studio.work.making;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import kindveil.making.Making;
import kindveil.way.Act;
import org.jspecify.annotations.Nullable;

/** Keeps account of what the hands take for a making. */
public interface Using {
    /** Where what was to be mixed came from. @param jar that stood ready, or null where it was mixed afresh @param more ml mixed beside what this making takes, for others */
    record Source(@Nullable UUID jar, double more) {
        /** Mixed for this making alone, where anything was. */
        public static final Source AFRESH = new Source(null, 0);
    }

    /**
     * An act was told.
     *
     * @param together pulls made with it, itself among them
     * @param seq of the deed that tells it
     * @param source of what was to be mixed
     */
    void told(StoredMaking making, Making after, Act act, List<UUID> together, int seq, Source source, Instant at);

    /** Deeds from {@code seq} on were taken back. */
    void tookBack(UUID making, int seq);

    /** When what a jar holds was mixed; refused in words where it does not serve an act. */
    Instant ready(UUID jar, Act act);
}
