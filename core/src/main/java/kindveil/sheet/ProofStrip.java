package kindveil.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import kindveil.sheet.PrintSheet.Rect;
import kindveil.measure.Length;

/**
 * A target that is printed, transferred and read: tones, line pairs, dots, lettering, a solid patch and a mark that shows
 * how it lies. What of it survives tells how soft a way is on a print source, which tones carry, and how strong the toner
 * is. All places are from the top left of the strip.
 */
public final class ProofStrip {
    public static final Length WIDTH = Length.ofMillimetres(150);
    public static final Length HEIGHT = Length.ofMillimetres(70);
    private static final double[] PAIRS = {0.1, 0.15, 0.2, 0.3, 0.4, 0.5, 0.6, 0.8, 1};
    private static final double[] DOTS = {0.2, 0.3, 0.4, 0.6, 0.8, 1, 1.5};
    private static final double[] TYPE = {5, 6, 8, 10, 14, 18};
    private static final int STEPS = 11;

    /** Something printed on it. */
    public sealed interface Mark permits Tone, Pairs, Dots, Lettering, Words, Corner {
    }

    /** A flat patch of a lightness L*, 0 (black) to 100. */
    public record Tone(Rect place, int lightness) implements Mark {
    }

    /** Upright lines and gaps of one width each. */
    public record Pairs(Rect place, double millimetres) implements Mark {
        /** Left edges of the lines, mm from the strip's left. */
        public List<Double> lines() {
            List<Double> lines = new ArrayList<>();
            for (double x = place.x().millimetres(); x + millimetres <= place.right().millimetres() + 1e-9; x += 2 * millimetres) {
                lines.add(x);
            }
            return lines;
        }
    }

    /** Three rows of round dots, as far apart as they are wide. */
    public record Dots(Rect place, double millimetres) implements Mark {
        /** Their middles, mm. */
        public List<double[]> middles() {
            List<double[]> middles = new ArrayList<>();
            for (double y = place.y().millimetres() + millimetres / 2; y + millimetres / 2 <= place.bottom().millimetres() + 1e-9; y += 2 * millimetres) {
                for (double x = place.x().millimetres() + millimetres / 2; x + millimetres / 2 <= place.right().millimetres() + 1e-9; x += 2 * millimetres) {
                    middles.add(new double[] {x, y});
                }
            }
            return middles;
        }
    }

    /** Lettering to be read afterwards, of a size in points. */
    public record Lettering(double x, double baseline, double points, String text) implements Mark {
    }

    /** What stands beside a mark, in small plain type. */
    public record Words(double x, double baseline, String text) implements Mark {
    }

    /** An L-shaped mark, upright at the top left and nowhere else: shows a turned or mirrored print. */
    public record Corner(Rect upright, Rect foot) implements Mark {
    }

    private ProofStrip() {
    }

    /** All of it; {@code title} says whose strip it is. */
    public static List<Mark> marks(String title) {
        List<Mark> marks = new ArrayList<>();
        marks.add(new Corner(rect(0, 0, 2, 8), rect(2, 6, 4, 2)));
        marks.add(new Words(8, 3, title));
        marks.add(new Words(8, 7, "tones, L* 0 to 100; solid; line and gap in mm; dots in mm; type in points"));
        tones(marks);
        pairs(marks);
        dots(marks);
        lettering(marks);
        return marks;
    }

    private static void tones(List<Mark> marks) {
        double step = 10.5;
        for (int i = 0; i < STEPS; i++) {
            marks.add(new Tone(rect(i * step, 10, step, 12), i * 10));
            marks.add(new Words(i * step + 0.6, 25, String.valueOf(i * 10)));
        }
        marks.add(new Tone(rect(STEPS * step + 5, 10, 150 - STEPS * step - 5, 12), 0));
    }

    private static void pairs(List<Mark> marks) {
        double x = 0;
        for (double width : PAIRS) {
            double wide = Math.max(8, 11 * width + 4);
            marks.add(new Pairs(rect(x, 28, wide, 10), width));
            marks.add(new Words(x, 41, String.format(Locale.ROOT, "%s", plain(width))));
            x += wide + 4;
        }
    }

    private static void dots(List<Mark> marks) {
        double x = 0;
        for (double width : DOTS) {
            double wide = Math.max(7, 9 * width);
            marks.add(new Dots(rect(x, 44, wide, 5 * width), width));
            marks.add(new Words(x, 55, plain(width)));
            x += wide + 5;
        }
    }

    private static void lettering(List<Mark> marks) {
        double x = 0;
        for (double points : TYPE) {
            marks.add(new Lettering(x, 64, points, "Ferry"));
            marks.add(new Words(x, 68, plain(points)));
            x += points * 0.95 + 8;
        }
    }

    private static String plain(double value) {
        return kindveil.measure.Figures.plain(value);
    }

    private static Rect rect(double x, double y, double w, double h) {
        return new Rect(Length.ofMillimetres(x), Length.ofMillimetres(y), Length.ofMillimetres(w), Length.ofMillimetres(h));
    }
}
