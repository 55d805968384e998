package kindveil.studio.work;

import java.time.Instant;
import java.util.UUID;

/**
 * One work.
 *
 * @param version counts its changes
 * @param groundPicture a photograph of its ground, or null for a flat colour
 */
public record Piece(UUID id, int version, String title, Instant created, UUID picture, UUID groundPicture, Design design) {
    public Piece with(Design other) {
        return new Piece(id, version, title, created, picture, groundPicture, other);
    }

    public Piece withGround(UUID picture) {
        return new Piece(id, version, title, created, this.picture, picture, design);
    }
}
