package kindveil.reading;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.light.Coefficients;
import kindveil.light.Colour;
import kindveil.light.Legibility;
import kindveil.light.Legibility.Edges;
import kindveil.light.PairShades;

/**
 * Every paint against every other for one drawing on one paper: what is light and what is dark of it, and how much of it drowns at
 * arm's length.
 */
public record ColourPairs(List<Pair> pairs) {
    /** Lightness steps below which a pair is weak, and from which it is strong (assumed). */
    public static final double WEAK = 25;
    public static final double STRONG = 40;

    /** How a pair makes a picture. */
    public enum Kind {
        /** The first stays where the print is dark, under the second, which covers all of the paper. */
        PLATE,
        /** The print's own dark over the second, and the first as a glaze over both. */
        GLAZE
    }

    /**
     * Two of them.
     *
     * @param first its place among the paints; likewise {@code second}
     * @param step lightness of what is clear of the print less that of what was dark, L*: below 0 it comes out as a negative of the print
     * @param drowns share of the drawing that is not seen at arm's length, 0 to 1
     */
    public record Pair(int first, int second, PairShades shades, double step, double drowns) {
        public boolean negative() {
            return step < 0;
        }
    }

    public ColourPairs {
        pairs = List.copyOf(pairs);
    }

    /**
     * @param first places of those tried as the first of a pair; likewise {@code second}
     * @param drawing its luminance as it is printed
     * @param coverage what of it the print's ink covers
     */
    public static ColourPairs of(List<Coefficients> paints, List<Integer> first, List<Integer> second, Kind kind, Colour paper, Plane drawing, Plane coverage, double millimetresPerPixel) {
        Edges edges = Edges.of(drawing, millimetresPerPixel);
        int across = second.size();
        List<Pair> pairs = IntStream.range(0, first.size() * across).parallel().mapToObj(i -> {
            int one = first.get(i / across);
            int other = second.get(i % across);
            PairShades shades = kind == Kind.PLATE ? PairShades.pulled(paints.get(one), paints.get(other), paper) : PairShades.glazed(paints.get(one), paints.get(other), paper);
            Picture seen = shades.over(coverage);
            return new Pair(one, other, shades, shades.step(), edges.in(seen, Legibility.ARMS_LENGTH_METRES).drowningShare());
        }).toList();
        return new ColourPairs(pairs);
    }

    /** What reads best first; of those that read alike, the greater step. */
    public ColourPairs byLegibility() {
        return new ColourPairs(pairs.stream().sorted(Comparator.comparingDouble(Pair::drowns).thenComparing(pair -> -Math.abs(pair.step))).toList());
    }
}
