package kindveil.light;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import kindveil.image.Picture;
import kindveil.image.Plane;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A picture made of a few colours is told in those; of more, more colours are never further from it. */
class ColourGroupsTest {
    private static final List<Colour> INKS = List.of(Colour.parse("a", "#e2b84e"), Colour.parse("b", "#b8432f"), Colour.parse("c", "#2f6f7a"), Colour.parse("d", "#1c2430"));

    /** Stripes of the first inks and of paper, each place off by a little. */
    private static Picture stripes(int inks, double noise) {
        Random random = new Random(5);
        int width = 120;
        float[][] planes = new float[3][width * 80];
        for (int i = 0; i < planes[0].length; i++) {
            int stripe = i % width * (inks + 1) / width;
            Colour colour = stripe == inks ? Colour.parse("paper", "#f7f6f0") : INKS.get(stripe);
            planes[0][i] = (float) Math.clamp(colour.red() + noise * random.nextGaussian(), 0, 1);
            planes[1][i] = (float) Math.clamp(colour.green() + noise * random.nextGaussian(), 0, 1);
            planes[2][i] = (float) Math.clamp(colour.blue() + noise * random.nextGaussian(), 0, 1);
        }
        return new Picture(Plane.of(width, 80, planes[0]), Plane.of(width, 80, planes[1]), Plane.of(width, 80, planes[2]));
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
    void pictureOfAFewColours_isToldInThose_theLightestFirst(int inks) {
        ColourGroups groups = ColourGroups.of(stripes(inks, 0.004), inks);
        assertEquals(inks, groups.colours().size());
        for (int i = 0; i < inks; i++) {
            Colour ink = INKS.get(i);
            assertTrue(groups.colours().stream().anyMatch(found -> ColourDifference.between(found.lab(), ink.lab()) < 1.5), ink + " is not among " + groups.colours());
            assertTrue(i == 0 || groups.colours().get(i).lab().lightness() <= groups.colours().get(i - 1).lab().lightness());
        }
        assertTrue(groups.off() < 3, "off by " + groups.off());
    }

    @Test
    void moreColours_areNeverFurtherFromIt_andNoneIsInventedWhereThereIsNoMore() {
        double last = Double.POSITIVE_INFINITY;
        for (int count = 1; count <= 4; count++) {
            ColourGroups groups = ColourGroups.of(stripes(4, 0.02), count);
            assertTrue(groups.off() <= last + 1e-9, count + ": " + groups.off() + " after " + last);
            last = groups.off();
        }
        assertEquals(1, ColourGroups.of(stripes(1, 0), 4).colours().size());
        assertEquals(0, ColourGroups.of(Picture.grey(Plane.filled(20, 20, 0.93f)), 3).colours().stream().filter(colour -> colour.lab().lightness() < 80).count(), "bare paper needs no dark");
    }

    /** Every place is nearest to one colour, or to the paper, and to no two. */
    @Test
    void places_belongToOneColourOrToPaper() {
        Picture picture = stripes(3, 0);
        ColourGroups groups = ColourGroups.of(picture, 3);
        List<Plane> nearer = groups.nearer(picture);
        int[] places = new int[4];
        for (int x = 0; x < picture.width(); x++) {
            int at = x;
            long within = nearer.stream().filter(margin -> margin.at(at, 40) < 0).count();
            assertTrue(within <= 1);
            places[within == 0 ? 3 : java.util.stream.IntStream.range(0, 3).filter(i -> nearer.get(i).at(at, 40) < 0).findFirst().orElseThrow()]++;
        }
        for (int count : places) {
            assertEquals(30, count);
        }
    }
}
