package kindveil.studio.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import kindveil.light.Colour;
import kindveil.light.ColourDifference;
import kindveil.light.Ends;
import kindveil.light.Lab;
import kindveil.measure.Figures;
import kindveil.studio.work.look.ColoursWork.Colours;
import org.jspecify.annotations.Nullable;

/**
 * One colour of two pieces held against each other.
 *
 * @param one its swatch, or empty where it is told in words; likewise {@code other}
 * @param oneWords what it is; likewise {@code otherWords}
 * @param words how far they are apart
 */
public record ColourRow(String what, String one, String other, String oneWords, String otherWords, String words) {
    private static final double SAME = 1;
    private static final double NEAR = 3;
    private static final double SEEN = 10;

    /** Of two: their paints, then the ends of how they look, foreseen and as they came. */
    public static List<ColourRow> of(Colours one, Colours other) {
        List<ColourRow> rows = new ArrayList<>();
        Stream.concat(one.paints().keySet().stream(), other.paints().keySet().stream()).distinct().forEach(what -> rows.add(paint(what, one.paints(), other.paints())));
        ends("foreseen", one.foreseen(), other.foreseen(), rows);
        ends("as it came", one.came(), other.came(), rows);
        return rows;
    }

    private static ColourRow paint(String what, Map<String, Colour> one, Map<String, Colour> other) {
        Colour a = one.get(what);
        Colour b = other.get(what);
        String words = a == null || b == null ? "only in one of them" : apart(a.lab(), b.lab());
        return new ColourRow(what, a == null ? "" : a.toString(), b == null ? "" : b.toString(), a == null ? "none" : lightness(a.lab()), b == null ? "none" : lightness(b.lab()), words);
    }

    private static void ends(String when, @Nullable Ends one, @Nullable Ends other, List<ColourRow> rows) {
        if (one == null || other == null) {
            return;
        }
        rows.add(new ColourRow("Darkest tenth, " + when, "", "", lightness(one.dark()), lightness(other.dark()), apart(one.dark(), other.dark())));
        rows.add(new ColourRow("Lightest tenth, " + when, "", "", lightness(one.light()), lightness(other.light()), apart(one.light(), other.light())));
        double more = one.step() - other.step();
        rows.add(new ColourRow("Lightness step, " + when, "", "", Figures.rounded(one.step(), 0) + " L*", Figures.rounded(other.step(), 0) + " L*",
                Math.abs(more) < SAME ? "as much in both" : "%s L* more in the %s".formatted(Figures.rounded(Math.abs(more), 0), more > 0 ? "first" : "second")));
    }

    private static String lightness(Lab lab) {
        return "L* " + Figures.rounded(lab.lightness(), 0);
    }

    private static String apart(Lab one, Lab other) {
        double difference = ColourDifference.between(one, other);
        return apart(difference);
    }

    /** How far two colours are apart, in words. */
    public static String apart(double difference) {
        return "ΔE00 %s: %s".formatted(Figures.rounded(difference, 1), difference < SAME ? "the same to the eye" : difference < NEAR ? "nearly the same" : difference < SEEN ? "seen side by side" : "plainly another");
    }
}
