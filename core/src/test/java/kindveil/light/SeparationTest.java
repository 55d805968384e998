package kindveil.light;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import kindveil.bench.PrintKind;
import kindveil.image.Picture;
import kindveil.image.Plane;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class SeparationTest {
    private static final Inks LASER = new Inks(true, 1, 0.2, Inks.WHITE);
    private static final int COLOURS = 2000;

    private static Colour any(Random random) {
        return new Colour(Srgb.decode(random.nextDouble()), Srgb.decode(random.nextDouble()), Srgb.decode(random.nextDouble()));
    }

    private static Lab seen(double... coverages) {
        return Observer.lab(LASER.onPaper(coverages));
    }

    @Test
    void paperAndBlack_areWhatThePrintHolds() {
        assertEquals(95, Separation.of(LASER).paper(), 0.01);
        assertEquals(25, Separation.of(LASER).black(), 1.5, "all inks");
        assertEquals(29, seen(0, 0, 0, 1).lightness(), 0.5, "black alone");
    }

    /** Neugebauer's sum over all sixteen overlaps, written out, is the product the model reckons with. */
    @Test
    void onPaper_isNeugebauersSum() {
        double[] c = {0.3, 0.6, 0.2, 0.1};
        double rho = Surface.MATTE.inner(Lab.luminanceOf(95));
        for (int band = 0; band < Spectrum.BANDS; band++) {
            double inner = 0;
            for (int state = 0; state < 16; state++) {
                double weight = 1;
                double through = 1;
                for (ProcessInk ink : ProcessInk.values()) {
                    boolean there = (state >> ink.ordinal() & 1) == 1;
                    weight *= there ? c[ink.ordinal()] : 1 - c[ink.ordinal()];
                    through *= there ? LASER.solid(ink).at(band) : 1;
                }
                inner += weight * rho * through * through;
            }
            assertEquals(Surface.MATTE.outer(inner), LASER.onPaper(c).at(band), 1e-12);
        }
    }

    /** L* laid onto the print's span, hue kept, chroma drawn in where it must be; a colour within reach comes back as it is. */
    @Test
    void coverages_anyColour_keepLightnessAndHue() {
        Separation separation = Separation.of(LASER);
        Random random = new Random(5);
        double[] lightness = new double[COLOURS];
        int whole = 0;
        for (int i = 0; i < COLOURS; i++) {
            Colour colour = any(random);
            double[] coverages = separation.coverages(colour);
            Lab wanted = separation.mapped(colour.lab());
            Lab seen = seen(coverages);
            lightness[i] = Math.abs(seen.lightness() - wanted.lightness());
            assertTrue(seen.chroma() <= wanted.chroma() + 2.5, () -> colour + ": never more colourful, " + seen + " for " + wanted);
            assertTrue(DoubleStream.of(coverages).allMatch(c -> c >= 0 && c <= 1) && DoubleStream.of(coverages).sum() <= 2.6, Arrays.toString(coverages));
            double across = Math.abs(wanted.a() * seen.b() - wanted.b() * seen.a()) / Math.max(1, wanted.chroma());
            assertTrue(across < 11, () -> colour + " turned: " + seen + " for " + wanted);
            whole += ColourDifference.between(seen, wanted) < 1 ? 1 : 0;
        }
        Arrays.sort(lightness);
        assertTrue(lightness[COLOURS / 2] < 0.5 && lightness[COLOURS * 95 / 100] < 1.5, lightness[COLOURS / 2] + " " + lightness[COLOURS * 95 / 100]);
        assertTrue(whole > COLOURS / 8, whole + " of them lie in the gamut");
    }

    /** Every colour the inks can lie to, dark ones with a hue too, comes back as it was: made from coverages of any kind, told as a picture's colour. */
    @ParameterizedTest
    @MethodSource("kinds")
    void coloursOfTheInks_comeBack(Inks inks) {
        Separation separation = Separation.of(inks);
        Random random = new Random(9);
        double[] exact = new double[COLOURS];
        double[] table = new double[COLOURS];
        for (int i = 0; i < COLOURS; i++) {
            Colour asked = possible(inks, separation, random);
            Lab wanted = separation.mapped(asked.lab());
            double[] coverages = separation.coverages(asked);
            assertTrue(DoubleStream.of(coverages).allMatch(c -> c >= 0 && c <= 1) && DoubleStream.of(coverages).sum() <= 2.6 + 1e-9, Arrays.toString(coverages));
            exact[i] = ColourDifference.between(Observer.lab(inks.onPaper(coverages)), wanted);
            table[i] = ColourDifference.between(Observer.lab(inks.onPaper(separation.near(asked))), wanted);
        }
        Arrays.sort(exact);
        Arrays.sort(table);
        for (double[] off : List.of(exact, table)) {
            assertTrue(Arrays.stream(off).average().orElseThrow() <= 0.5 && off[COLOURS * 95 / 100] <= 1.5 && off[COLOURS - 1] <= 4, "mean " + Arrays.stream(off).average().orElseThrow() + ", p95 " + off[COLOURS * 95 / 100] + ", most " + off[COLOURS - 1]);
        }
    }

    static List<Inks> kinds() {
        return Stream.of(PrintKind.values()).map(PrintKind::inks).filter(Inks::coloured).distinct().toList();
    }

    /** Coverages that may lie there, a third of them with much black, whose colour a picture can hold. */
    private static Colour possible(Inks inks, Separation separation, Random random) {
        while (true) {
            double[] c = {random.nextDouble(), random.nextDouble(), random.nextDouble(), Math.pow(random.nextDouble(), 2)};
            if (DoubleStream.of(c).sum() > 2.6) {
                continue;
            }
            Lab seen = Observer.lab(inks.onPaper(c));
            double lightness = (seen.lightness() - separation.black()) / (separation.paper() - separation.black()) * 100;
            Colour asked = linear(lightness, seen.a(), seen.b());
            if (lightness >= 0 && DoubleStream.of(asked.red(), asked.green(), asked.blue()).allMatch(v -> v >= 0 && v <= 1)) {
                return asked;
            }
        }
    }

    /** Linear sRGB of a Lab (IEC 61966-2-1, the matrix of {@link Colour#lab} turned round). */
    private static Colour linear(double lightness, double a, double b) {
        double fy = (lightness + 16) / 116;
        double x = Observer.WHITE_X * unCubed(fy + a / 500);
        double y = unCubed(fy);
        double z = Observer.WHITE_Z * unCubed(fy - b / 200);
        return new Colour(3.2404542 * x - 1.5371385 * y - 0.4985314 * z,
                -0.9692660 * x + 1.8760108 * y + 0.0415560 * z,
                0.0556434 * x - 0.2040259 * y + 1.0572252 * z);
    }

    private static double unCubed(double f) {
        return f > 6.0 / 29 ? f * f * f : 3 * (6.0 / 29) * (6.0 / 29) * (f - 4.0 / 29);
    }

    @Test
    void table_comesBackAsExactlyReckoned() {
        Separation separation = Separation.of(LASER);
        Random random = new Random(6);
        double[] off = new double[COLOURS];
        for (int i = 0; i < COLOURS; i++) {
            Colour colour = any(random);
            off[i] = ColourDifference.between(seen(separation.coverages(colour)), seen(separation.near(colour)));
        }
        Arrays.sort(off);
        assertTrue(Arrays.stream(off).average().orElseThrow() < 1.5 && off[COLOURS * 95 / 100] < 3, off[COLOURS * 95 / 100] + "");
    }

    /** A grey is grey by every path: in four inks, and in black alone, within 1 L* of where it is mapped to. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 15, 30, 53.6, 70, 85, 100})
    void grey_byEveryPath_isGrey(double lightness) {
        Separation separation = Separation.of(LASER);
        Colour grey = Colour.grey(Lab.luminanceOf(lightness));
        Lab four = seen(separation.near(grey));
        assertEquals(separation.mapped(grey.lab()).lightness(), four.lightness(), 1);
        assertEquals(0, four.chroma(), 1);
        Tone tone = Tone.of(LASER);
        assertEquals(tone.mapped(lightness), seen(0, 0, 0, tone.coverage((float) Lab.luminanceOf(lightness))).lightness(), 0.2);
    }

    @Test
    void planes_wholePicture_isEachPlaceByItself() {
        Separation separation = Separation.of(LASER);
        Picture picture = new Picture(Plane.filled(3, 2, 0.4f), Plane.filled(3, 2, 0.1f), Plane.filled(3, 2, 0.05f));
        Plane[] planes = separation.planes(picture);
        double[] near = separation.near(new Colour(0.4, 0.1, 0.05));
        assertArrayEquals(near, new double[] {planes[0].at(2, 1), planes[1].at(2, 1), planes[2].at(2, 1), planes[3].at(2, 1)}, 1e-6);
    }

    @Test
    void blackAlone_isNotSeparated() {
        assertThrows(IllegalArgumentException.class, () -> Separation.of(Inks.black(0.2)));
    }
}
