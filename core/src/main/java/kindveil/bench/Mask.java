package kindveil.bench;

/**
 * Where on its face a layer lies, in terms of a picture.
 *
 * @param part which part of the picture it covers
 * @param hand how that picture stands, seen from outside the face; of no matter for {@link Part#ALL}
 * @param picture which picture of the work, from 0
 */
public record Mask(Part part, Hand hand, int picture) {
    public static final Mask ALL = new Mask(Part.ALL, Hand.READS_RIGHT, 0);

    /** A part of a picture. */
    public enum Part {
        /** Everywhere. */
        ALL,
        /** Where the print is dark. */
        DARKS,
        /** Where it is clear. */
        LIGHTS,
        /** Where it is backed opaque. */
        BACKED,
        /** Outside the picture, at the edge of the work. */
        EDGE
    }

    Mask turned() {
        return new Mask(part, hand.turned(), picture);
    }

    Mask of(Part other) {
        return new Mask(other, hand, picture);
    }
}
