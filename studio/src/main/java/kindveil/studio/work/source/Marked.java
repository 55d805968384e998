package kindveil.studio.work.source;

import java.util.Arrays;
import kindveil.measure.Figures;
import kindveil.measure.UnusableValue;

/** A rectangle of a picture, in per cent of its width and height from the top left. */
public record Marked(double left, double top, double right, double bottom) {
    private static final double LEAST = 1;

    public Marked {
        UnusableValue.requireWithin("left of the marked part", left, 0, 100 - LEAST, "%", "0 is the left edge of the picture.");
        UnusableValue.requireWithin("top of the marked part", top, 0, 100 - LEAST, "%", "0 is the top edge of the picture.");
        UnusableValue.requireWithin("right of the marked part", right, left + LEAST, 100, "%", "It must lie right of its left side.");
        UnusableValue.requireWithin("foot of the marked part", bottom, top + LEAST, 100, "%", "It must lie below its top.");
    }

    /** Reads what {@link #toString} writes. */
    public static Marked parse(String text) {
        try {
            double[] n = Arrays.stream(text.strip().split(" ")).mapToDouble(Double::parseDouble).toArray();
            return new Marked(n[0], n[1], n[2], n[3]);
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException misread) {
            throw new UnusableValue("marked part", text, "left, top, right and foot in per cent", "Mark it again.");
        }
    }

    @Override
    public String toString() {
        return "%s %s %s %s".formatted(Figures.plain(left), Figures.plain(top), Figures.plain(right), Figures.plain(bottom));
    }
}
