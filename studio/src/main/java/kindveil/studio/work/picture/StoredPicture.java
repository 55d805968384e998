package kindveil.studio.work.picture;

import java.time.Instant;
import java.util.UUID;
import kindveil.tone.Size;
import kindveil.tone.Treatments;

/** A picture kept in the studio: the file as it came, and a working copy of it. */
public record StoredPicture(UUID id, String name, int width, int height, Instant added) {
    /** Its size in pixels, framed as treatments say. */
    public Size shape(Treatments treatments) {
        return treatments.size(new Size(width, height));
    }

    public double aspect() {
        return height / (double) width;
    }
}
