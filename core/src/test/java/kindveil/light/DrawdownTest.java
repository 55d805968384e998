package kindveil.light;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import kindveil.light.Drawdown.Faces;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DrawdownTest {
    private static final Spectrum BLACK = Spectrum.flat(0.02);
    private static final Spectrum WHITE = Spectrum.flat(0.88);
    private static final int PAINTS = 500;

    private static Coefficients paint(Random random) {
        double kFrom = random.nextDouble() * 2;
        double kTo = random.nextDouble() * 2;
        double s = 0.05 + 2 * random.nextDouble();
        return new Coefficients(Spectrum.of(band -> 0.001 + kFrom + (kTo - kFrom) * band / 30), Spectrum.of(band -> s * (1 + 0.3 * band / 30)));
    }

    private static Faces faces(Coefficients paint) {
        Film coat = paint.film(1);
        return new Faces(BLACK, WHITE, coat.over(BLACK), coat.over(WHITE));
    }

    @Test
    void forwardThenBack_isTheSame() {
        Random random = new Random(31);
        for (int i = 0; i < 500; i++) {
            Coefficients paint = paint(random);
            Drawdown back = Drawdown.of(faces(paint));
            for (int band = 0; band < Spectrum.BANDS; band++) {
                assertEquals(paint.absorption().at(band), back.paint().absorption().at(band), 1e-9 * (1 + 1 / (1 - back.contrastRatio())));
                assertEquals(paint.scattering().at(band), back.paint().scattering().at(band), 1e-9 * (1 + 1 / (1 - back.contrastRatio())));
            }
            assertEquals(0, back.left(), 1e-6);
        }
    }

    /** Noise of 1 % a pixel, ten thousand pixels a stripe: what is told is within 5 %, and how sure is told rightly. */
    @Test
    void noiseOfPixels_leavesHidingWithinFiveInAHundred() {
        Random random = new Random(7);
        int within = 0;
        int counted = 0;
        for (int i = 0; i < 400; i++) {
            Coefficients paint = paint(random);
            Faces exact = faces(paint);
            double error = 0.01 / Math.sqrt(10_000);
            Drawdown read = Drawdown.of(new Faces(noisy(exact.blackCard(), error, random), noisy(exact.whiteCard(), error, random), noisy(exact.overBlack(), error, random), noisy(exact.overWhite(), error, random)),
                    error, error, error, error);
            double off = read.paint().hidingPower() / paint.hidingPower() - 1;
            if (read.contrastRatio() < 0.95) {
                assertEquals(0, off, 0.05, "contrast " + read.contrastRatio());
                counted++;
                within += Math.abs(off) <= 2 * read.within() ? 1 : 0;
            }
        }
        assertTrue(counted > 250, counted + " of use");
        assertTrue(within > 0.9 * counted, within + " of " + counted + " within two standard errors");
    }

    /** Of paints that are not of the fit's own family, seen as six numbers, the truth lies within one stated standard error as often as it should. */
    @Test
    void statedError_holdsTheTruthTwoTimesInThree() {
        int[] seeds = new Random(4711).ints(PAINTS).toArray();
        Boolean[] held = Arrays.stream(seeds).parallel().mapToObj(seed -> held(new Random(seed))).filter(Objects::nonNull).toArray(Boolean[]::new);
        long within = Arrays.stream(held).filter(Boolean::booleanValue).count();
        assertTrue(held.length > 0.9 * PAINTS, held.length + " that do not hide wholly");
        assertEquals(68, 100.0 * within / held.length, 5);
    }

    /** Whether a photographed stripe's error holds the truth; null where it hides too well to be told. */
    private static @Nullable Boolean held(Random random) {
        Coefficients paint = pigments(random);
        Spectrum black = Spectrum.flat(0.045);
        Spectrum white = Spectrum.flat(0.86);
        double error = List.of(0.002, 0.005, 0.01).get(random.nextInt(3));
        List<Colour> seen = Stream.of(black, white, paint.film(1).over(black), paint.film(1).over(white)).map(inner -> {
            Colour exact = Observer.colour(Surface.MATTE.over(inner));
            double factor = 1 + error * random.nextGaussian();
            return new Colour(exact.red() * factor, exact.green() * factor, exact.blue() * factor);
        }).toList();
        Drawdown read = Drawdown.of(new Drawdown.Colours(seen.get(0), seen.get(1), seen.get(2), seen.get(3)), Surface.MATTE, error, error, error, error);
        return read.doubt() == Drawdown.Doubt.TOO_OPAQUE ? null : Math.abs(paint.hidingPower() / read.paint().hidingPower() - 1) <= read.within();
    }

    /** One to three bands or edges of absorption over a floor; scattering that falls off with the wavelength, a little wavy. */
    private static Coefficients pigments(Random random) {
        double absorbs = 0.02 * Math.pow(100, random.nextDouble());
        double floor = 0.02 * Math.exp(random.nextGaussian());
        double[][] parts = IntStream.rangeClosed(0, random.nextInt(3)).mapToObj(part -> new double[] {
            random.nextInt(3), 400 + 300 * random.nextDouble(), 15 + 60 * random.nextDouble(), Math.exp(random.nextGaussian())}).toArray(double[][]::new);
        double hides = 0.05 * Math.pow(70, random.nextDouble());
        double falls = 1.5 * random.nextDouble();
        double wavy = 0.1 * random.nextGaussian();
        double phase = 2 * Math.PI * random.nextDouble();
        return new Coefficients(Spectrum.of(band -> absorbs * (floor + Arrays.stream(parts).mapToDouble(part -> part[3] * shape((int) part[0], (Spectrum.nanometres(band) - part[1]) / part[2])).sum())),
                Spectrum.of(band -> hides * Math.pow(Spectrum.nanometres(band) / 550.0, -falls) * (1 + wavy * Math.sin(phase + 2 * Math.PI * (Spectrum.nanometres(band) - 380) / 300.0))));
    }

    private static double shape(int kind, double t) {
        return switch (kind) {
            case 0 -> Math.exp(-t * t / 2);
            case 1 -> 1 / (1 + Math.exp(2 * t));
            default -> 1 / (1 + Math.exp(-2 * t));
        };
    }

    private static Spectrum noisy(Spectrum exact, double error, Random random) {
        double factor = 1 + error * random.nextGaussian();
        return exact.map(r -> r * factor);
    }

    @Test
    void leavingTheSurfaceOut_nearlyHalvesTheScattering() {
        Coefficients paint = new Paint(Colour.parse("paint", "#b0a090"), Paint.Opacity.SEMI_OPAQUE).coefficients();
        Film coat = paint.film(1);
        Faces rightly = new Faces(BLACK, WHITE, coat.over(BLACK), coat.over(WHITE));
        Faces wrongly = new Faces(Surface.MATTE.over(BLACK), Surface.MATTE.over(WHITE), Surface.MATTE.over(coat.over(BLACK)), Surface.MATTE.over(coat.over(WHITE)));
        double share = Drawdown.of(wrongly).paint().hidingPower() / Drawdown.of(rightly).paint().hidingPower();
        assertTrue(share > 0.4 && share < 0.75, "share " + share);
    }

    @Test
    void whatHidesWholly_isSaidToBeTooOpaque_andStillLooksItself() {
        Coefficients paint = new Paint(Colour.parse("paint", "#c8553d"), Paint.Opacity.FLAKES).coefficients();
        Drawdown read = Drawdown.of(faces(paint), 0.005, 0.005, 0.005, 0.005);
        assertEquals(Drawdown.Doubt.TOO_OPAQUE, read.doubt());
        assertTrue(ColourDifference.between(read.paint().seen().lab(), paint.seen().lab()) < 3);
    }

    @Test
    void bandsBeyondTheModel_takeTheNearestLimit_andAreCounted() {
        // darker over white than only absorbing explains over black: a filter is nearest
        Drawdown filter = Drawdown.of(new Faces(Spectrum.flat(0.05), Spectrum.flat(0.8), Spectrum.flat(0.02), Spectrum.flat(0.4)));
        assertTrue(filter.left() > 0.5, filter.toString());
        assertEquals(0, filter.paint().hidingPower(), 1e-9);
        assertEquals(Math.log(2) / 2, filter.paint().absorption().at(15), 1e-9);
        // lighter over black than over white: it hides
        Drawdown hides = Drawdown.of(new Faces(Spectrum.flat(0.05), Spectrum.flat(0.8), Spectrum.flat(0.42), Spectrum.flat(0.40)));
        assertEquals(0.41, hides.paint().masstone().at(15), 0.01);
    }

    @ParameterizedTest
    @CsvSource({"OPAQUE, OPAQUE", "SEMI_OPAQUE, SEMI_OPAQUE", "SEMI_TRANSPARENT, SEMI_TRANSPARENT", "TRANSPARENT, TRANSPARENT"})
    void aPaintOfAGrade_isReadAsThatGrade(Paint.Opacity of, Paint.Opacity read) {
        Coefficients paint = new Paint(Colour.parse("paint", "#7a8f5c"), of).coefficients();
        assertEquals(read, Drawdown.of(faces(paint)).paint().grade());
    }
}
