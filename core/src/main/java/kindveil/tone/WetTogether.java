package kindveil.tone;

import java.util.stream.IntStream;
import kindveil.light.Colour;
import kindveil.measure.UnusableValue;

/**
 * Two colours laid while both are wet and brushed into each other: above the line where they meet the first, below it the second, and
 * across a band as wide as the brush their absorption and scattering are mixed by share (Kubelka and Munk), with the marks of its hairs.
 *
 * @param meets how far down they meet, 0 to 1
 * @param brush across, mm
 */
public record WetTogether(Colour first, Colour second, double meets, double brush) {
    /** So many mixtures between the two: more are not told apart within the marks of a brush (assumed). */
    public static final int STEPS = 8;
    private static final double LONG = 30;
    private static final double WIDE = 1.8;
    /** How far a hair carries one colour into the other, of the brush's width (assumed). */
    private static final double DRAGS = 0.35;

    public WetTogether {
        UnusableValue.requireWithin("where they meet", meets, 0, 1, "of the height", "0.5 is half-way down.");
        UnusableValue.requireWithin("brush", brush, 1, 300, "mm", "A wide soft brush is 25 to 50 mm.");
    }

    /** How much of the second colour lies at a place, 0 to 1. @param x mm from the left; likewise {@code y} from the top @param height of all of it, mm */
    public double share(double x, double y, double height) {
        double hairs = DRAGS * (2 * Noise.value(x / LONG, y / WIDE, 23) - 1);
        double across = (y - meets * height) / brush;
        // only within the band: beyond it each colour is whole
        return Math.abs(across) >= 0.5 ? across > 0 ? 1 : 0 : Math.clamp(across + 0.5 + hairs * (1 - 4 * across * across), 0, 1);
    }

    /** The nearest of its mixtures, 0 for the first colour alone to {@link #STEPS} for the second. */
    public int step(double x, double y, double height) {
        return (int) Math.round(share(x, y, height) * STEPS);
    }

    /** Of one of its mixtures. */
    public Colour colour(int step) {
        return first.stirred(second, step / (double) STEPS);
    }

    /** How much of the whole each colour is brushed over, the band with both: first, second. */
    public double[] covered(double height) {
        double half = brush / height / 2;
        return IntStream.of(1, -1).mapToDouble(sign -> Math.clamp(sign > 0 ? meets + half : 1 - meets + half, 0, 1)).toArray();
    }
}
