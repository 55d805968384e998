package kindveil.tone;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import kindveil.image.Plane;
import kindveil.light.Lab;
import kindveil.light.Srgb;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.tone.Edge.Kind;
import kindveil.tone.Halftone.Shape;
import kindveil.tone.Treatment.Invert;
import kindveil.tone.Treatment.Levels;
import kindveil.tone.Treatment.Posterise;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TreatmentsTest {
    private static final kindveil.light.Inks GOOD = kindveil.light.Inks.black(0.2);
    private static final double TEN = 10;

    private static Plane noise(int seed, int w, int h) {
        Random random = new Random(seed);
        float[] values = new float[w * h];
        for (int i = 0; i < values.length; i++) {
            values[i] = (float) Math.clamp(0.5 + 0.3 * random.nextGaussian(), 0, 1);
        }
        return Plane.of(w, h, values);
    }

    /** Every code is read back as itself, and the list as the list. */
    @Test
    void parse_isTheInverseOfToString() {
        Treatments all = Treatments.of(new PlainBackground(), new Levels(12, 88), new Posterise(4), new Invert(), Threshold.BEST, new AdaptiveThreshold(8, 0.2),
                new Halftone(Shape.LINE, 30, 0.85), new Edge(Kind.TORN, 5.5, 7));
        assertEquals(all, Treatments.parse(all.toString()));
        assertEquals(new Diffusion(0.4), Treatments.one("diffuse 0.4"));
        assertEquals(Treatments.NONE, Treatments.parse(""));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"halftone star 45 1|one of crop, turn, straighten, mirror, levels, simplify", "levels 12|one of crop, turn, straighten, mirror, levels", "honey|Expected one of crop, turn, straighten, mirror, levels", "levels 60 62|at least 5 L* above",
        "halftone dot 45 90|0.2 to 6 lines/mm", "edge torn 90 1|0.5 to 40 mm", "simplify 9|2 to 8 tones", "diffuse x|For example: halftone dot 45 0.9", "local 8 4|0.02 to 0.9"})
    void one_thatCannotBe_saysWhatCan(String code, String message) {
        String said = assertThrows(UnusableValue.class, () -> Treatments.one(code)).getMessage();
        assertTrue(said.contains(message), said);
    }

    @Test
    void list_addedMovedAndTakenAway_keepsItsOrder() {
        Treatments list = Treatments.of(new Invert(), new Levels(10, 90), new PlainBackground());
        assertEquals("levels 10 90; invert; background", list.moved(1, -1).toString());
        assertEquals("levels 10 90; background; invert", list.moved(0, 9).toString());
        assertEquals("invert; background", list.without(1).toString());
        assertEquals("invert; levels 20 80; background", list.having(Levels.class, new Levels(20, 80)).toString());
        assertEquals("levels 5 95; invert", Treatments.of(new Invert()).having(Levels.class, new Levels(5, 95)).toString());
        assertEquals("invert; background", list.having(Levels.class, null).toString());
        Treatments full = new Treatments(java.util.Collections.nCopies(Treatments.MOST, new Invert()));
        assertThrows(UnusableValue.class, () -> full.plus(new Invert()));
    }

    /** Otsu's threshold against trying every level. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6})
    void otsu_isTheBestOfAllLevels(int seed) {
        Random random = new Random(seed);
        long[] counts = new long[Histogram.BINS];
        for (int i = 0; i < 4000; i++) {
            double centre = i % 3 == 0 ? 20 + seed * 4 : 70;
            counts[(int) Math.clamp(centre + 9 * random.nextGaussian(), 0, 99)]++;
        }
        int best = 0;
        double most = -1;
        for (int level = 1; level < Histogram.BINS; level++) {
            double between = between(counts, level);
            if (between > most + 1e-9) {
                most = between;
                best = level;
            }
        }
        assertEquals(best, new Histogram(counts).threshold().lightness());
    }

    private static double between(long[] counts, int level) {
        double n0 = 0;
        double n1 = 0;
        double s0 = 0;
        double s1 = 0;
        for (int i = 0; i < counts.length; i++) {
            if (i < level) {
                n0 += counts[i];
                s0 += (double) i * counts[i];
            } else {
                n1 += counts[i];
                s1 += (double) i * counts[i];
            }
        }
        return n0 == 0 || n1 == 0 ? 0 : n0 * n1 * Math.pow(s0 / n0 - s1 / n1, 2);
    }

    /** A flat tone comes out as itself, whatever the shape, the angle and the screen, within 1.5 %. */
    @ParameterizedTest
    @CsvSource({"DOT,45,0.9", "DOT,15,0.5", "LINE,45,0.9", "LINE,75,1.3", "DOT,0,1"})
    void halftone_everyGrey_isReproduced(Shape shape, double degrees, double lines) {
        Halftone screen = new Halftone(shape, degrees, lines);
        for (int step = 0; step <= 20; step++) {
            float grey = step / 20f;
            double mean = screen.apply(Plane.filled(400, 400, grey), 12).mean();
            assertEquals(grey, mean, 0.015, "grey " + grey);
        }
    }

    @Test
    void halftone_isBlackAndWhiteOnly_andItsScreenIsAsWideAsSaid() {
        Plane screened = new Halftone(Shape.LINE, 0, 1).apply(Plane.filled(200, 20, 0.5f), 20);
        int edges = 0;
        for (int x = 1; x < 200; x++) {
            assertTrue(screened.at(x, 5) == 0 || screened.at(x, 5) == 1);
            edges += screened.at(x, 5) != screened.at(x - 1, 5) ? 1 : 0;
        }
        assertEquals(20, edges, 1, "ten millimetres hold ten lines, two edges each");
    }

    /** The recommended screen keeps at least half its contrast under the way's softening, and a finer one does not. */
    @ParameterizedTest
    @ValueSource(doubles = {0.1, 0.15, 0.2, 0.3})
    void halftone_recommended_survivesTheSoftening(double sigma) {
        Halftone screen = Halftone.recommended(Shape.LINE, Length.ofMillimetres(sigma));
        assertTrue(contrast(screen, sigma) >= 0.45, "kept " + contrast(screen, sigma));
        assertTrue(contrast(new Halftone(Shape.LINE, 45, Math.min(6, screen.linesPerMillimetre() * 1.8)), sigma) < 0.45);
    }

    private static double contrast(Halftone screen, double sigma) {
        Plane soft = screen.apply(Plane.filled(300, 300, 0.5f), 20).blurred(sigma * 20);
        double least = 1;
        double most = 0;
        for (int y = 100; y < 200; y++) {
            for (int x = 100; x < 200; x++) {
                least = Math.min(least, soft.at(x, y));
                most = Math.max(most, soft.at(x, y));
            }
        }
        return most - least;
    }

    /** The tone of the whole picture is kept to less than one grain. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void diffusion_conservesTone(int seed) {
        Plane plane = noise(seed, 97, 61);
        float[] grains = Diffusion.diffused(plane);
        double sum = 0;
        for (float grain : grains) {
            assertTrue(grain == 0 || grain == 1);
            sum += grain;
        }
        assertEquals(plane.mean() * 97 * 61, sum, 1.0);
    }

    @Test
    void diffusion_grains_areAsLargeAsSaid() {
        Plane grains = new Diffusion(0.5).apply(Plane.filled(200, 200, 0.3f), TEN);
        for (int x = 0; x < 5; x++) {
            assertEquals(grains.at(0, 0), grains.at(x, 4));
        }
        assertEquals(0.3, grains.mean(), 0.02);
    }

    /** Against the definition, window by window. */
    @Test
    void localThreshold_isSauvolas() {
        Plane plane = noise(4, 40, 30);
        Plane found = new AdaptiveThreshold(1, 0.2).apply(plane, TEN);
        int reach = 5;
        for (int y = 0; y < 30; y++) {
            for (int x = 0; x < 40; x++) {
                double n = 0;
                double sum = 0;
                double squares = 0;
                for (int v = Math.max(0, y - reach); v <= Math.min(29, y + reach); v++) {
                    for (int u = Math.max(0, x - reach); u <= Math.min(39, x + reach); u++) {
                        double e = (float) Srgb.encode(plane.at(u, v));
                        n++;
                        sum += e;
                        squares += e * e;
                    }
                }
                double mean = sum / n;
                double limit = mean * (1 + 0.2 * (Math.sqrt(Math.max(0, squares / n - mean * mean)) / 0.5 - 1));
                float e = (float) Srgb.encode(plane.at(x, y));
                if (Math.abs(e - limit) > 1e-6) {
                    assertEquals(e < limit ? 0f : 1f, found.at(x, y), x + " " + y);
                }
            }
        }
    }

    @Test
    void localThreshold_underUnevenLight_findsTheLineThatAGlobalOneLoses() {
        Plane uneven = Plane.compute(200, 60, (x, y) -> {
            float light = 0.15f + 0.8f * x / 200;
            return y >= 28 && y < 32 ? light * 0.45f : light;
        });
        Plane local = new AdaptiveThreshold(4, 0.2).apply(uneven, TEN);
        Plane global = Threshold.BEST.apply(uneven, TEN);
        assertTrue(local.at(20, 30) == 0 && local.at(180, 30) == 0 && local.at(20, 10) == 1 && local.at(180, 10) == 1);
        assertFalse(global.at(20, 10) == 1 && global.at(180, 30) == 0);
    }

    @Test
    void torn_sameSeed_isTheSameTearAtEveryResolution_otherSeed_isAnother() {
        Edge edge = new Edge(Kind.TORN, 5, 7);
        Plane dark = Plane.filled(300, 400, 0);
        assertEquals(edge.apply(dark, 4).mean(), edge.apply(dark, 4).mean());
        assertEquals(edge.apply(dark, 4).mean(), edge.apply(Plane.filled(900, 1200, 0), 12).mean(), 0.004);
        for (double along = 0; along < 60; along += 0.7) {
            double reach = edge.reach(1, along);
            assertTrue(reach >= 0 && reach <= 5, "reach " + reach);
        }
        assertTrue(Math.abs(edge.reach(0, 13) - new Edge(Kind.TORN, 5, 8).reach(0, 13)) > 1e-6);
        Plane torn = edge.apply(dark, 4);
        assertEquals(1, torn.at(0, 200), "the very edge is clear");
        assertEquals(0, torn.at(150, 200), "the middle is untouched");
    }

    @Test
    void feather_goesSmoothlyFromClearToWhole() {
        Plane soft = new Edge(Kind.FEATHER, 4, 0).apply(Plane.filled(200, 200, 0), TEN);
        for (int x = 1; x < 60; x++) {
            assertTrue(soft.at(x, 100) <= soft.at(x - 1, 100) + 1e-6);
        }
        assertTrue(soft.at(0, 100) > 0.95 && soft.at(45, 100) == 0);
    }

    @Test
    void invert_twice_isTheSame_background_clearsOnlyWhatIsReached() {
        Plane plane = noise(2, 20, 20);
        Plane back = new Invert().apply(new Invert().apply(plane, TEN), TEN);
        assertEquals(plane.at(7, 9), back.at(7, 9), 1e-4);
        Plane ring = Plane.compute(9, 9, (x, y) -> Math.max(Math.abs(x - 4), Math.abs(y - 4)) == 2 ? 0.02f : 0.9f);
        Plane cleared = new PlainBackground().apply(ring, TEN);
        assertEquals(1f, cleared.at(0, 0));
        assertEquals(0.9f, cleared.at(4, 4));
    }

    @Test
    void lines_oneOfAMillimetre_isReadSo() {
        Plane drawn = Plane.compute(300, 300, (x, y) -> x >= 100 && x < 110 ? 0f : 1f);
        assertEquals(10, Lines.finest(drawn, 0.5));
        assertEquals(0, Lines.finest(Plane.filled(20, 20, 1), 0.5));
        SourceReading reading = SourceReading.of(drawn, 300, Length.ofMillimetres(30), Length.ofMillimetres(0.2), GOOD, null);
        assertEquals(1.0, reading.finestLine().millimetres(), 1e-9);
        assertEquals(0.48, reading.heldLine().millimetres(), 1e-9);
        assertTrue(reading.verdict().reasons().stream().anyMatch(r -> r.meaning().startsWith("Its lines are wide enough")));
        SourceReading fine = SourceReading.of(drawn, 300, Length.ofMillimetres(10), Length.ofMillimetres(0.2), GOOD, null);
        assertTrue(fine.verdict().reasons().stream().anyMatch(r -> r.meaning().startsWith("Lines finer than that")));
    }

    @Test
    void edge_ofAPictureThatFillsItsFrame_showsAsARectangle_andATearHelps() {
        Plane photograph = noise(3, 200, 300).map(v -> v * 0.6f);
        SourceReading hard = SourceReading.of(photograph, 2000, Length.ofMillimetres(100), Length.ofMillimetres(0.2), GOOD, null);
        assertTrue(hard.edge() > 0.9 && hard.verdict().reasons().stream().anyMatch(r -> r.meaning().startsWith("A hard rectangle will show")));
        Plane melted = new Edge(Kind.TORN, 6, 3).apply(photograph, 2);
        assertTrue(SourceReading.of(melted, 2000, Length.ofMillimetres(100), Length.ofMillimetres(0.2), GOOD, null).edge() < 0.35);
    }

    @Test
    void threshold_atALightness_partsThere() {
        Plane ramp = Plane.compute(100, 1, (x, y) -> (float) Lab.luminanceOf(x + 0.5));
        Plane parted = new Threshold(40).apply(ramp, TEN);
        assertEquals(List.of(0f, 1f), List.of(parted.at(39, 0), parted.at(40, 0)));
    }
}
