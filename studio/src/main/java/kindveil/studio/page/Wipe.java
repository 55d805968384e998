package kindveil.studio.page;

/**
 * One picture in a frame 477 wide, or two with a line between them that can be moved.
 *
 * @param left address of the state left of the line, and of the only one where there is but one
 * @param height of the frame
 * @param cut where the line stands, 0 (left) to 1
 * @param tallest it is shown, px
 * @param slant how far the line leans to either side, at its ends
 */
public record Wipe(String left, String right, String leftWords, String rightWords, long height, double cut, double slant, double tallest) {
    private static final double WIDTH = 477;
    private static final double ACROSS = 464;
    private static final double TALLEST = 596;
    private static final double LOWER = 528;
    private static final double STEEPEST = 24;
    private static final double LEAN = 26;

    /** @param aspect height over width */
    public static Wipe of(String left, String right, String leftWords, String rightWords, double aspect, double cut) {
        return new Wipe(left, right, leftWords, rightWords, Math.round(WIDTH * aspect), cut, Math.min(STEEPEST, WIDTH * aspect / LEAN), TALLEST);
    }

    /** One picture, with nothing to compare it with. */
    public static Wipe still(String picture, String words, double aspect) {
        return of(picture, picture, words, words, aspect, 0);
    }

    /** Shown lower, where more stands above it. */
    public Wipe lower() {
        return new Wipe(left, right, leftWords, rightWords, height, cut, slant, LOWER);
    }

    public boolean compares() {
        return !left.equals(right);
    }

    /** How wide it is shown, so that all of it and what stands under it is seen at once. */
    public long across() {
        return Math.round(Math.min(ACROSS, tallest * WIDTH / height));
    }

    public long percent() {
        return Math.round(cut * 100);
    }

    private double at() {
        return cut * WIDTH;
    }

    /** What is right of the line. */
    public String half() {
        return "%s,0 477,0 477,%d %s,%d".formatted(at() + slant, height, at() - slant, height);
    }

    public String line() {
        return "M%s 0L%s %d".formatted(at() + slant, at() - slant, height);
    }

    public String knob() {
        return "translate(%s %s)".formatted(at(), height / 2.0);
    }
}
