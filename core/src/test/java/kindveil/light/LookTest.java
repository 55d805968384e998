package kindveil.light;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.light.Fibre.Filling;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whole pictures against one point at a time, folded film by film without the look's own shortcuts. */
class LookTest {
    private static final int VEILS = 6;
    private static final int MASKS = 4;

    private static Film film(Random random) {
        return switch (random.nextInt(4)) {
            case 0 -> new Toner(random.nextDouble(0.1, 0.6)).solid();
            case 1 -> Fibre.film(random.nextDouble(0.5, 12), Filling.ACRYLIC);
            case 2 -> new Paint(new Colour(random.nextDouble(), random.nextDouble(), random.nextDouble()), Paint.Opacity.OPAQUE).film(random.nextDouble(0.2, 3));
            default -> {
                Spectrum colour = Upsampling.spectrum(new Colour(random.nextDouble(0.1, 0.95), random.nextDouble(0.1, 0.95), random.nextDouble(0.1, 0.95)));
                yield Film.of(colour.map(r -> -Math.log(r) * 0.5), Spectrum.flat(random.nextDouble(0.001, 0.3)), 1);
            }
        };
    }

    /** Each with masks of its own. */
    private static List<MaskedFilms> veils(Random random, int count, int masksEach) {
        List<MaskedFilms> veils = new ArrayList<>();
        for (int v = 0; v < count; v++) {
            List<Integer> masks = new ArrayList<>();
            for (int m = 0; m < masksEach; m++) {
                masks.add(v * masksEach + m);
            }
            List<List<Film>> states = new ArrayList<>();
            for (int s = 0; s < 1 << masksEach; s++) {
                List<Film> films = new ArrayList<>();
                for (int i = random.nextInt(4); i > 0; i--) {
                    films.add(film(random));
                }
                states.add(films);
            }
            veils.add(new MaskedFilms(masks, states));
        }
        return veils;
    }

    private static Look look(Random random, List<MaskedFilms> veils) {
        List<Surface> surfaces = new ArrayList<>();
        boolean even = random.nextBoolean();
        Surface one = random.nextBoolean() ? Surface.GLOSS : Surface.MATTE;
        for (int s = 0; s < veils.getLast().states().size(); s++) {
            surfaces.add(even || random.nextBoolean() ? one : Surface.MATTE);
        }
        return new Look(veils, surfaces, random.nextBoolean() ? List.of() : List.of(Fibre.film(random.nextDouble(0.5, 12), Filling.AIR)));
    }

    /** What MODELS says, a point at a time: each veil's states over the mixed light from below, the surface over their mixture. */
    private static Colour direct(Look look, Colour ground, double[] coverages) {
        double[] light = bands(Surface.beneathGround(Upsampling.spectrum(ground)));
        for (int v = 0; v < look.veils().size() - 1; v++) {
            light = mixed(look.veils().get(v), light, coverages, null, null);
        }
        double[] seen = new double[Spectrum.BANDS];
        for (Surface surface : Surface.values()) {
            double[] share = new double[1];
            double[] under = mixed(look.veils().getLast(), light, coverages, look.surfaces().stream().map(s -> s == surface).toList(), share);
            for (int band = 0; band < Spectrum.BANDS && share[0] > 0; band++) {
                double r = surface.outer(under[band] / share[0]);
                for (Film film : look.outside()) {
                    r = through(film, band, r);
                }
                seen[band] += share[0] * r;
            }
        }
        return Observer.colour(Spectrum.of(band -> seen[band]));
    }

    private static double[] mixed(MaskedFilms veil, double[] below, double[] coverages, List<Boolean> only, double[] shareOut) {
        double[] sum = new double[Spectrum.BANDS];
        for (int state = 0; state < veil.states().size(); state++) {
            double share = only == null || only.get(state) ? 1 : 0;
            for (int m = 0; m < veil.masks().size(); m++) {
                double c = coverages[veil.masks().get(m)];
                share *= (state >> m & 1) == 1 ? c : 1 - c;
            }
            for (int band = 0; band < Spectrum.BANDS; band++) {
                double r = below[band];
                for (Film film : veil.states().get(state)) {
                    r = through(film, band, r);
                }
                sum[band] += share * r;
            }
            if (shareOut != null) {
                shareOut[0] += share;
            }
        }
        return sum;
    }

    private static double through(Film film, int band, double ground) {
        double t = film.transmittance().at(band);
        return film.reflectance().at(band) + t * t * ground / (1 - film.reflectance().at(band) * ground);
    }

    private static double[] bands(Spectrum spectrum) {
        double[] bands = new double[Spectrum.BANDS];
        Arrays.setAll(bands, spectrum::at);
        return bands;
    }

    private static Picture grounds(Random random, int width) {
        float[][] planes = new float[3][width];
        for (float[] plane : planes) {
            for (int i = 0; i < width; i++) {
                plane[i] = (float) Srgb.decode(random.nextDouble());
            }
        }
        return new Picture(Plane.of(width, 1, planes[0]), Plane.of(width, 1, planes[1]), Plane.of(width, 1, planes[2]));
    }

    private static List<Plane> coverages(Random random, int width, int masks) {
        List<Plane> coverages = new ArrayList<>();
        for (int m = 0; m < masks; m++) {
            float[] plane = new float[width];
            for (int i = 0; i < width; i++) {
                plane[i] = random.nextInt(3) == 0 ? random.nextInt(2) : random.nextFloat();
            }
            coverages.add(Plane.of(width, 1, plane));
        }
        return coverages;
    }

    /** Over a flat ground it is looked up by coverage: every pixel is what it is when it is worked out by itself, to a fifth of ΔE00. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
    void overAFlatGround_whatIsLookedUp_isWhatIsThere(int masks) {
        Random random = new Random(31 + masks);
        double worst = 0;
        for (int n = 0; n < 6; n++) {
            int width = 300_000;
            Look look = look(random, veils(random, 1, masks));
            Colour flat = new Colour(Srgb.decode(random.nextDouble()), Srgb.decode(random.nextDouble()), Srgb.decode(random.nextDouble()));
            Picture ground = new Picture(Plane.filled(width, 1, (float) flat.red()), Plane.filled(width, 1, (float) flat.green()), Plane.filled(width, 1, (float) flat.blue()));
            List<Plane> coverages = coverages(random, width, masks);
            assertTrue(CoverageTable.of(look, ground, coverages, Look.Part.all(ground)).isPresent());
            Picture looked = look.over(ground, coverages);
            Picture each = look.each(ground, coverages);
            for (int k = 0; k < 2000; k++) {
                int x = random.nextInt(width);
                worst = Math.max(worst, ColourDifference.between(at(each, x).lab(), at(looked, x).lab()));
            }
        }
        assertTrue(worst < 0.2, "ΔE00 " + worst);
    }

    private static Colour at(Picture picture, int x) {
        return new Colour(Math.clamp(picture.red().at(x, 0), 0, 1), Math.clamp(picture.green().at(x, 0), 0, 1), Math.clamp(picture.blue().at(x, 0), 0, 1));
    }

    /** What is the same everywhere is one with what lies over it: as each by itself, wherever it lies. */
    @Test
    void layersThatAreTheSameEverywhere_areAsEachByItself() {
        Random random = new Random(77);
        for (int n = 0; n < 20; n++) {
            List<MaskedFilms> veils = new ArrayList<>();
            for (int i = 0; i < 5; i++) {
                veils.add(random.nextBoolean() ? MaskedFilms.even(List.of(film(random))) : veils(random, 1, 2).getFirst());
            }
            veils.add(veils(random, 1, 2).getFirst());
            Look look = look(random, veils);
            Picture ground = grounds(random, 40);
            List<Plane> coverages = coverages(random, 40, 2);
            Picture seen = look.over(ground, coverages);
            for (int x = 0; x < 40; x++) {
                double[] there = {coverages.get(0).at(x, 0), coverages.get(1).at(x, 0)};
                Colour direct = direct(look, new Colour(ground.red().at(x, 0), ground.green().at(x, 0), ground.blue().at(x, 0)), there);
                assertEquals(direct.red(), seen.red().at(x, 0), 2e-3);
                assertEquals(direct.green(), seen.green().at(x, 0), 2e-3);
                assertEquals(direct.blue(), seen.blue().at(x, 0), 2e-3);
            }
        }
    }

    private static double[] sorted(Look look, Random random, int points, int masks) {
        Picture ground = grounds(random, points);
        List<Plane> coverages = coverages(random, points, masks);
        Picture seen = look.over(ground, coverages);
        double[] differences = new double[points];
        for (int i = 0; i < points; i++) {
            int at = i;
            double[] covers = coverages.stream().mapToDouble(plane -> plane.at(at, 0)).toArray();
            Colour exact = direct(look, new Colour(ground.red().at(i, 0), ground.green().at(i, 0), ground.blue().at(i, 0)), covers);
            differences[i] = ColourDifference.between(exact.lab(), new Colour(seen.red().at(i, 0), seen.green().at(i, 0), seen.blue().at(i, 0)).lab());
        }
        Arrays.sort(differences);
        return differences;
    }

    /** Over grounds of every colour, single veils show the table's own error most. */
    @Test
    void over_randomSingleVeils_closeToTheSpectralFold() {
        Random random = new Random(5);
        List<Double> all = new ArrayList<>();
        for (int s = 0; s < 25; s++) {
            for (double d : sorted(look(random, veils(random, 1, 1)), random, 120, 1)) {
                all.add(d);
            }
        }
        double[] differences = all.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        assertTrue(differences[(int) (differences.length * 0.99)] <= 0.5, "99th percentile " + differences[(int) (differences.length * 0.99)]);
        assertTrue(differences[differences.length - 1] <= 1.5, "worst " + differences[differences.length - 1]);
    }

    @Test
    void over_sixBackedVeilsOfFourMasks_equalsTheDirectEvaluation() {
        Random random = new Random(11);
        for (int round = 0; round < 4; round++) {
            double[] differences = sorted(look(random, veils(random, VEILS, MASKS)), random, 1000, VEILS * MASKS);
            assertTrue(differences[989] <= 0.5, "99th percentile " + differences[989]);
        }
    }

    @Test
    void at_onePoint_isTheDirectEvaluation() {
        Random random = new Random(3);
        for (int round = 0; round < 40; round++) {
            Look look = look(random, veils(random, 1 + random.nextInt(3), random.nextInt(4)));
            double[] covers = random.doubles(12).toArray();
            Colour ground = new Colour(random.nextDouble(), random.nextDouble(), random.nextDouble());
            assertEquals(0, ColourDifference.between(direct(look, ground, covers).lab(), look.at(ground, covers).lab()), 1e-6);
        }
    }

    @Test
    void over_flatGround_isExact() {
        Random random = new Random(7);
        Look look = look(random, veils(random, 2, 2));
        Colour node = new Colour(Srgb.decode(8 / 16.0), Srgb.decode(5 / 16.0), Srgb.decode(3 / 16.0));
        Picture ground = new Picture(Plane.filled(300, 2, (float) node.red()), Plane.filled(300, 2, (float) node.green()), Plane.filled(300, 2, (float) node.blue()));
        List<Plane> covers = new ArrayList<>();
        for (int m = 0; m < 4; m++) {
            covers.add(Plane.filled(300, 2, 0.1f + 0.2f * m));
        }
        Picture seen = look.over(ground, covers);
        Colour exact = look.at(node, 0.1f, 0.3f, 0.5f, 0.7f);
        assertEquals(0, ColourDifference.between(exact.lab(), new Colour(seen.red().at(299, 1), seen.green().at(299, 1), seen.blue().at(299, 1)).lab()), 0.05);
    }

    /** A mask that is nowhere costs nothing and changes nothing. */
    @Test
    void over_maskNowhere_asWithoutIt() {
        Random random = new Random(9);
        Look look = look(random, veils(random, 1, 2));
        Picture ground = grounds(random, 50);
        Plane some = coverages(random, 50, 1).getFirst();
        Picture seen = look.over(ground, List.of(some, Plane.filled(50, 1, 0)));
        for (int i = 0; i < 50; i++) {
            Colour exact = look.at(new Colour(ground.red().at(i, 0), ground.green().at(i, 0), ground.blue().at(i, 0)), some.at(i, 0), 0);
            assertEquals(0, ColourDifference.between(exact.lab(), new Colour(seen.red().at(i, 0), seen.green().at(i, 0), seen.blue().at(i, 0)).lab()), 0.6);
        }
    }

    @Test
    void over_part_onlyThere() {
        Look look = Look.of(Stack.bare(Surface.GLOSS));
        Picture ground = Picture.grey(Plane.filled(4, 4, 0.5f));
        Picture part = look.over(ground, List.of(), new Look.Part(1, 1, 3, 2));
        assertEquals(look.over(ground, List.of()).red().at(1, 1), part.red().at(1, 1));
        assertEquals(0, part.red().at(0, 1));
        assertEquals(0, part.red().at(1, 2));
    }

    @Test
    void veil_countsThatDoNotFit_impossible() {
        assertThrows(IllegalArgumentException.class, () -> new MaskedFilms(List.of(0), List.of(List.of())));
        assertThrows(IllegalArgumentException.class, () -> new Look(List.of(MaskedFilms.even(List.of())), List.of(), List.of()));
    }
}
