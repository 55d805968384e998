package kindveil.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.IntStream;
import kindveil.image.Plane;
import kindveil.light.Coefficients;
import kindveil.light.Colour;
import kindveil.light.ColourDifference;
import kindveil.light.Surface;
import kindveil.product.Pigments;
import kindveil.reading.ColourPairs.Kind;
import kindveil.reading.ColourPairs.Pair;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ColourPairsTest {
    private static final Colour PAPER = Colour.grey(0.8);
    private static final List<Coefficients> PAINTS = Pigments.all().stream().map(pigment -> pigment.paint().coefficients()).toList();
    private static final List<Integer> ALL = IntStream.range(0, PAINTS.size()).boxed().toList();
    /** Bars of 4 mm. */
    private final Plane drawing = Plane.compute(40, 30, (x, y) -> x / 4 % 2 == 0 ? 0.9f : 0.03f);
    private final Plane coverage = drawing.map(light -> light < 0.5f ? 1 : 0);

    private List<Pair> pairs(Kind kind) {
        return ColourPairs.of(PAINTS, ALL, ALL, kind, PAPER, drawing, coverage, 1).pairs();
    }

    private static int place(String index) {
        return IntStream.range(0, PAINTS.size()).filter(i -> Pigments.all().get(i).index().equals(index)).findFirst().orElseThrow();
    }

    private Pair pair(Kind kind, String first, String second) {
        return ColourPairs.of(PAINTS, List.of(place(first)), List.of(place(second)), kind, PAPER, drawing, coverage, 1).pairs().getFirst();
    }

    @Test
    void darkOnLight_isAPositive_lightOnDarkANegative_andAPaintOnItselfDrowns() {
        Pair positive = pair(Kind.PLATE, "PBk7", "PW6");
        assertTrue(positive.step() > ColourPairs.STRONG && !positive.negative() && positive.drowns() < 0.01, positive.toString());
        Pair negative = pair(Kind.PLATE, "PW6", "PBk7");
        assertTrue(negative.step() < -ColourPairs.STRONG && negative.negative() && negative.drowns() < 0.01, negative.toString());
        Pair same = pair(Kind.PLATE, "PR101", "PR101");
        assertEquals(0, same.step(), 2);
        assertEquals(1, same.drowns(), 0.01);
    }

    @Test
    void whatTheEndsAre_theStackGivesByItself() {
        Pair pair = pair(Kind.PLATE, "PB29", "PY42");
        Coefficients image = PAINTS.get(place("PB29"));
        Coefficients pull = PAINTS.get(place("PY42"));
        assertEquals(0, ColourDifference.between(pair.shades().clear().lab(), pull.over(PAPER, 1, Surface.MATTE).lab()), 1e-9);
        // image paint over pull paint over paper: two films folded by hand
        Colour dark = image.over(pull.over(PAPER, 1, Surface.MATTE), 1, Surface.MATTE);
        assertTrue(ColourDifference.between(pair.shades().dark().lab(), dark.lab()) < 1.5);
    }

    /** Every pair of the shelf: a step that is seen does not drown, none drowns wholly where it is strong. */
    @ParameterizedTest
    @EnumSource
    void allPairs_readAsTheirColoursAreApart(Kind kind) {
        List<Pair> pairs = pairs(kind);
        assertEquals(PAINTS.size() * PAINTS.size(), pairs.size());
        for (Pair pair : pairs) {
            double apart = ColourDifference.between(pair.shades().clear().lab(), pair.shades().dark().lab());
            assertTrue(apart > 8 ? pair.drowns() < 0.2 : apart < 2 ? pair.drowns() > 0.9 : true, "%s: %.1f ΔE00, drowns %.2f".formatted(pair, apart, pair.drowns()));
        }
    }

    @Test
    void aGlaze_isAlwaysAPositive_sinceThePrintIsDark() {
        assertTrue(pairs(Kind.GLAZE).stream().allMatch(pair -> pair.step() > -1));
        assertTrue(pair(Kind.GLAZE, "PY150", "PW6").step() > ColourPairs.STRONG);
    }

    @Test
    void sorted_whatReadsBestComesFirst_andNoneIsLost() {
        ColourPairs pairs = new ColourPairs(pairs(Kind.PLATE));
        List<Pair> sorted = pairs.byLegibility().pairs();
        assertEquals(pairs.pairs().size(), sorted.size());
        for (int i = 1; i < sorted.size(); i++) {
            assertTrue(sorted.get(i - 1).drowns() <= sorted.get(i).drowns());
        }
    }

    @Test
    void halfCovered_isBetweenTheEnds_mixedAsLightIs() {
        Pair pair = pair(Kind.PLATE, "PBk7", "PW6");
        double half = pair.shades().over(Plane.filled(1, 1, 0.5f)).green().at(0, 0);
        double mean = (pair.shades().clear().green() + pair.shades().dark().green()) / 2;
        assertTrue(half < mean && half > pair.shades().dark().green(), "beneath the surface half covered is darker than half of what is seen: %s against %s".formatted(half, mean));
    }
}
