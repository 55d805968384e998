package kindveil.way;

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

    /** The things a way can put on the bench. */
    public enum ThingKind {
        PRINT("print"), SUPPORT("support");

        private final String words;

        ThingKind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Front or back. */
    public enum Side {
        FRONT, BACK
    }

    @Override
    public String toString() {
        return switch (side) {
            case FRONT -> thing == ThingKind.PRINT ? "the face of the print" : "the " + thing.words();
            case BACK -> "the back of the " + thing.words();
        };
    }
}
