package kindveil.studio.work;

import java.time.Instant;
import java.util.UUID;

/** A picture kept in the studio, as its own lossless copy without whatever else the file said. */
public record StoredPicture(UUID id, String name, int width, int height, Instant added) {
    public double aspect() {
        return height / (double) width;
    }
}
