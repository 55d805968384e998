package kindveil.studio.work.piece;

import kindveil.bench.Hand;

/** How the finished image should stand. */
public enum HandWish {
    READS_RIGHT("reads the right way round"), MIRRORED("mirrored, as in a looking-glass"), NO_MATTER("no matter");

    private final String words;

    HandWish(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** The hand asked for; none is taken as reading right, since lettering may hide in any picture. */
    public Hand hand() {
        return this == MIRRORED ? Hand.MIRRORED : Hand.READS_RIGHT;
    }
}
