package kindveil.light;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import kindveil.light.Mixing.Part;
import kindveil.light.Mixing.Pot;
import org.junit.jupiter.api.Test;

class MixingTest {
    private static Pot pot(String name, String masstone, Paint.Opacity opacity) {
        return new Pot(name, new Paint(Colour.parse(name, masstone), opacity).coefficients());
    }

    private static final List<Pot> SHELF = List.of(pot("white", "#f2f0ea", Paint.Opacity.OPAQUE), pot("black", "#1d1c1c", Paint.Opacity.OPAQUE), pot("yellow", "#f3c21a", Paint.Opacity.SEMI_OPAQUE),
            pot("red", "#b3202a", Paint.Opacity.SEMI_OPAQUE), pot("blue", "#1c2f6e", Paint.Opacity.SEMI_TRANSPARENT), pot("earth", "#6b3f22", Paint.Opacity.SEMI_OPAQUE));

    @Test
    void whatWasMixed_isFoundAgain() {
        Random random = new Random(5);
        for (int i = 0; i < 20; i++) {
            int one = random.nextInt(SHELF.size());
            int other = (one + 1 + random.nextInt(SHELF.size() - 1)) % SHELF.size();
            Coefficients mixed = Mixing.mixture(SHELF, List.of(new Part(one, 1 + random.nextInt(9)), new Part(other, 1 + random.nextInt(9))));
            Mixing found = Mixing.nearest(SHELF, mixed.seen().lab(), Mixing.Laid.hiding()).getLast();
            assertTrue(found.apart() < 0.7, found.toString());
            assertTrue(found.parts().size() <= 3);
        }
    }

    /** Never farther than everything tried on a coarse grid, over all triples and proportions in tenths. */
    @Test
    void theNearest_isNeverWorseThanAllOfACoarseGrid() {
        Random random = new Random(11);
        for (int i = 0; i < 12; i++) {
            Lab wished = new Colour(0.02 + 0.7 * random.nextDouble(), 0.02 + 0.7 * random.nextDouble(), 0.02 + 0.7 * random.nextDouble()).lab();
            Mixing.Laid laid = i % 2 == 0 ? Mixing.Laid.hiding() : Mixing.Laid.over(Colour.parse("ground", "#d9cfb8"), 1, Surface.MATTE);
            double found = Mixing.nearest(SHELF, wished, laid).getLast().apart();
            double least = Double.POSITIVE_INFINITY;
            for (int a = 0; a < SHELF.size(); a++) {
                for (int b = a; b < SHELF.size(); b++) {
                    for (int c = b; c < SHELF.size(); c++) {
                        for (int x = 0; x <= 10; x++) {
                            for (int y = 0; y + x <= 10; y++) {
                                List<Part> parts = new ArrayList<>(List.of(new Part(a, x), new Part(b, y), new Part(c, 10 - x - y)));
                                Coefficients paint = Mixing.mixture(SHELF, parts);
                                Colour seen = i % 2 == 0 ? paint.seen() : paint.over(Colour.parse("ground", "#d9cfb8"), 1, Surface.MATTE);
                                least = Math.min(least, ColourDifference.between(seen.lab(), wished));
                            }
                        }
                    }
                }
            }
            // another pot is left out where it comes nearer by less than can be seen
            assertTrue(found <= least + 0.5 + 1e-9, "%s against %s".formatted(found, least));
        }
    }

    @Test
    void onePotThatIsIt_isLeftAlone_andFewerDropsComeFirst() {
        List<Mixing> found = Mixing.nearest(SHELF, SHELF.get(3).paint().seen().lab(), Mixing.Laid.hiding());
        assertEquals(List.of(new Part(3, 1)), found.getLast().parts());
        assertEquals(0, found.getLast().apart(), 1e-3);
        Coefficients half = SHELF.get(0).paint().mixed(SHELF.get(5).paint(), 0.5);
        assertEquals(List.of(new Part(0, 1), new Part(5, 1)), Mixing.nearest(SHELF, half.seen().lab(), Mixing.Laid.hiding()).getLast().parts());
    }

    @Test
    void morePots_comeNearer_andEachSaysHowNear() {
        List<Mixing> found = Mixing.nearest(SHELF, Colour.parse("wished", "#6d7a52").lab(), Mixing.Laid.hiding());
        assertTrue(found.size() > 1);
        for (int i = 0; i < found.size(); i++) {
            Mixing one = found.get(i);
            assertEquals(one.apart(), ColourDifference.between(Mixing.mixture(SHELF, one.parts()).seen().lab(), Colour.parse("wished", "#6d7a52").lab()), 1e-3);
            assertTrue(i == 0 || one.apart() < found.get(i - 1).apart());
        }
        assertEquals(List.of(), Mixing.nearest(List.of(), Lab.ofXyz(0.2, 0.2, 0.2), Mixing.Laid.hiding()));
    }
}
