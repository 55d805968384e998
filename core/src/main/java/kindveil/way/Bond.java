package kindveil.way;

/**
 * Two faces lying on each other.
 *
 * @param moving the face that was laid
 * @param onto the face it was laid on
 * @param loaded whether a weight lies on it
 */
public record Bond(Face moving, Face onto, boolean loaded) {
    boolean joins(Face face) {
        return moving.equals(face) || onto.equals(face);
    }

    Bond withLoad(boolean load) {
        return new Bond(moving, onto, load);
    }
}
