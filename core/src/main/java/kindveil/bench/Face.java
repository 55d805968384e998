package kindveil.bench;

/**
 * One side of one thing.
 *
 * @param thing which thing lies there
 * @param side its front is the side with the image, or the side the eye will see
 */
public record Face(ThingKind thing, Side side) {
    public static final Face PRINT_FRONT = new Face(ThingKind.PRINT, Side.FRONT);
    public static final Face PRINT_BACK = new Face(ThingKind.PRINT, Side.BACK);
    public static final Face SUPPORT_FRONT = new Face(ThingKind.SUPPORT, Side.FRONT);
    public static final Face PLATE = new Face(ThingKind.PLATE, Side.FRONT);
    public static final Face TAPE_BACK = new Face(ThingKind.TAPE, Side.BACK);
    public static final Face SKIN_FRONT = new Face(ThingKind.SKIN, Side.FRONT);
    public static final Face SKIN_BACK = new Face(ThingKind.SKIN, Side.BACK);
    public static final Face BLOCK = new Face(ThingKind.BLOCK, Side.FRONT);
    public static final Face IMPRESSION = new Face(ThingKind.IMPRESSION, Side.FRONT);

    /** Front or back. */
    public enum Side {
        FRONT, BACK;

        Side other() {
            return this == FRONT ? BACK : FRONT;
        }
    }

    Face other() {
        return new Face(thing, side.other());
    }

    @Override
    public String toString() {
        return switch (thing) {
            case PRINT -> side == Side.FRONT ? "the face of the print" : "the back of the print";
            case SKIN -> side == Side.FRONT ? "the clear side of the skin" : "the ink side of the skin";
            case TAPE -> side == Side.FRONT ? "the tape" : "the sticky side of the tape";
            case SUPPORT, PLATE, TRACING, IMPRESSION, BLOCK -> side == Side.FRONT ? "the " + thing.words() : "the back of the " + thing.words();
        };
    }
}
