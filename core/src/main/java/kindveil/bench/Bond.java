package kindveil.bench;

import java.time.Duration;

/**
 * Two faces lying on each other, to be parted again.
 *
 * @param moving the face that was laid
 * @param onto the face it was laid on
 * @param loaded whether a weight lies on it
 * @param since when they were joined, on the bench's time
 */
public record Bond(Face moving, Face onto, boolean loaded, Duration since) {
    boolean joins(Face face) {
        return moving.equals(face) || onto.equals(face);
    }

    public boolean joins(ThingKind thing) {
        return moving.thing() == thing || onto.thing() == thing;
    }

    Bond withLoad(boolean load) {
        return new Bond(moving, onto, load, since);
    }
}
