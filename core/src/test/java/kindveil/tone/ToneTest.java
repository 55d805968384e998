package kindveil.tone;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import java.util.TreeSet;
import kindveil.image.Plane;
import kindveil.light.Lab;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.tone.Treatment.Levels;
import kindveil.tone.Treatment.Posterise;
import kindveil.tone.Verdict.Grade;
import org.junit.jupiter.api.Test;

class ToneTest {
    private static final kindveil.light.Inks GOOD = kindveil.light.Inks.black(0.2);
    private static final Length WIDTH = Length.ofMillimetres(120);
    private static final Length SOFTENING = Length.ofMillimetres(0.2);

    private static Plane lightness(int width, int height, Plane.PixelFunction l) {
        return Plane.compute(width, height, (x, y) -> (float) Lab.luminanceOf(l.at(x, y)));
    }

    private static Plane foggy() {
        Random random = new Random(2);
        float[] noise = new float[120 * 90];
        for (int i = 0; i < noise.length; i++) {
            noise[i] = random.nextFloat() * 8;
        }
        return lightness(120, 90, (x, y) -> ((x / 12 + y / 12) % 2 == 0 ? 36 : 58) + noise[y * 120 + x]);
    }

    /** Otsu's threshold by trying all of them on the pixels themselves. */
    @Test
    void threshold_anyHistogram_equalsBruteForce() {
        Random random = new Random(9);
        for (int round = 0; round < 20; round++) {
            long[] counts = random.longs(Histogram.BINS, 0, 50).toArray();
            Histogram.Threshold found = new Histogram(counts).threshold();
            double best = 0;
            for (int t = 1; t < Histogram.BINS; t++) {
                best = Math.max(best, betweenShare(counts, t));
            }
            assertEquals(best, found.separability(), 1e-9);
            assertEquals(best, betweenShare(counts, found.lightness()), 1e-9);
        }
    }

    private static double betweenShare(long[] counts, int t) {
        double n = 0;
        double sum = 0;
        double square = 0;
        double n0 = 0;
        double sum0 = 0;
        for (int i = 0; i < counts.length; i++) {
            n += counts[i];
            sum += (double) i * counts[i];
            square += (double) i * i * counts[i];
            if (i < t) {
                n0 += counts[i];
                sum0 += (double) i * counts[i];
            }
        }
        if (n0 == 0 || n0 == n) {
            return 0;
        }
        double apart = sum0 / n0 - (sum - sum0) / (n - n0);
        double variance = square / n - sum / n * sum / n;
        return n0 / n * (1 - n0 / n) * apart * apart / variance;
    }

    @Test
    void tones_threeKnownParts_giveTheirShares() {
        Histogram tones = Histogram.of(lightness(100, 10, (x, y) -> x < 30 ? 10 : x < 70 ? 50 : 95));
        assertEquals(0.3, tones.solidDarks(), 1e-9);
        assertEquals(0.4, tones.mids(), 1e-9);
        assertEquals(0.3, tones.clears(), 1e-9);
        assertEquals(50, tones.percentile(0.5), 1);
    }

    @Test
    void levels_stretch_mapsTheTwoPointsToTheEnds() {
        Plane treated = new Levels(20, 80).apply(lightness(3, 1, (x, y) -> new float[] {20, 50, 80}[x]), 10);
        assertEquals(0, Lab.lightnessOf(treated.at(0, 0)), 1e-3);
        assertEquals(50, Lab.lightnessOf(treated.at(1, 0)), 1e-2);
        assertEquals(100, Lab.lightnessOf(treated.at(2, 0)), 1e-2);
    }

    @Test
    void levels_crossed_isRefused() {
        String message = assertThrows(UnusableValue.class, () -> new Levels(60, 62)).getMessage();
        assertEquals("white point: “62 L*” cannot be used. Expected 65 to 100 L*. It must lie at least 5 L* above the black point; "
                + "100 leaves the lights as they are.", message);
    }

    @Test
    void simplify_keepsExactlyThatManyTones_fromBlackToWhite() {
        for (int values = 2; values <= 8; values++) {
            Plane ramp = lightness(400, 1, (x, y) -> x / 4f);
            Plane treated = new Posterise(values).apply(ramp, 10);
            TreeSet<Float> tones = new TreeSet<>();
            for (int x = 0; x < 400; x++) {
                tones.add(treated.at(x, 0));
            }
            assertEquals(values, tones.size());
            assertEquals(0, tones.first(), 1e-6);
            assertEquals(1, tones.last(), 1e-6);
        }
        assertThrows(UnusableValue.class, () -> new Posterise(1));
    }

    @Test
    void simplify_twoClusters_cutsBetweenThem() {
        Plane treated = new Posterise(2).apply(lightness(100, 1, (x, y) -> x < 70 ? 30 + x % 5 : 60 + x % 5), 10);
        assertEquals(0, treated.at(69, 0), 1e-6);
        assertEquals(1, treated.at(70, 0), 1e-6);
    }

    @Test
    void read_foggyPicture_isPoorAndSaysWhy() {
        SourceReading reading = SourceReading.of(foggy(), 120, WIDTH, SOFTENING, GOOD, null);
        assertEquals(Grade.POOR, reading.verdict().grade());
        assertTrue(reading.verdict().reasons().stream().anyMatch(r -> r.meaning().contains("no real blacks")));
        assertTrue(reading.verdict().reasons().stream().anyMatch(r -> r.fact().contains("25 dpi") && r.meaning().contains("15.2 mm")));
        List<Grade> grades = reading.verdict().reasons().stream().map(Verdict.Reason::grade).toList();
        assertEquals(grades.stream().sorted(java.util.Comparator.reverseOrder()).toList(), grades);
    }

    @Test
    void read_boldDrawing_carries() {
        Plane drawing = lightness(600, 400, (x, y) -> x >= 40 && x < 560 && y >= 40 && y < 360 && (x / 40 + y / 40) % 2 == 0 ? 5 : 96);
        SourceReading reading = SourceReading.of(drawing, 2000, WIDTH, SOFTENING, GOOD, null);
        assertEquals(Grade.CARRIES, reading.verdict().grade());
        assertTrue(reading.carrying() > 0.95);
        assertTrue(reading.resolution().enough());
    }

    @Test
    void read_extremes_doNotFail() {
        for (float value : new float[] {0, 1}) {
            SourceReading reading = SourceReading.of(Plane.filled(1, 1, value), 1, WIDTH, SOFTENING, GOOD, null);
            assertEquals(0, reading.detail().atRisk(), 1e-9);
            assertEquals(Grade.POOR, reading.verdict().grade());
        }
    }

    @Test
    void advice_foggyPicture_offersLevelsAndGainsWhatItSays() {
        List<Advice> advice = Advice.of(foggy(), WIDTH, plane -> plane);
        assertTrue(advice.size() >= 2);
        Advice best = advice.getFirst();
        assertTrue(best.gain() > 0.2 && best.gain() >= advice.getLast().gain());
        double again = SourceReading.of(best.applied(foggy(), Length.ofMillimetres(10)), 120, WIDTH, SOFTENING, GOOD, null).carrying();
        assertEquals(best.after(), again, 1e-9);
        assertTrue(best.words().startsWith("stretch the tones"), best.words());
    }

    @Test
    void advice_boldDrawing_hasNothingToAdd() {
        assertTrue(Advice.of(lightness(60, 40, (x, y) -> x < 30 ? 0 : 100), WIDTH, plane -> plane).isEmpty());
    }
}
