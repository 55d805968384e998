package kindveil.studio.work;

import java.time.Instant;
import java.util.UUID;

/** A picture kept in the studio: the file as it came, and a working copy of it. */
public record StoredPicture(UUID id, String name, int width, int height, Instant added) {
    public double aspect() {
        return height / (double) width;
    }
}
