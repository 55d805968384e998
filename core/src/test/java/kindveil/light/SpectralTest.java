package kindveil.light;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import kindveil.light.Fibre.Filling;
import kindveil.measure.UnusableValue;
import org.junit.jupiter.api.Test;

class SpectralTest {
    private static Colour random(Random random, double least, double most) {
        return new Colour(Srgb.decode(random.nextDouble(least, most)), Srgb.decode(random.nextDouble(least, most)), Srgb.decode(random.nextDouble(least, most)));
    }

    @Test
    void spectrum_insideTheBox_roundTripsUnderHalfADifference() {
        Random random = new Random(3);
        for (int i = 0; i < 500; i++) {
            Colour colour = random(random, 0.03, 0.98);
            Lab back = Observer.lab(Upsampling.spectrum(colour));
            double difference = ColourDifference.between(colour.lab(), back);
            assertTrue(difference < 0.5, "%s comes back %.2f away".formatted(colour, difference));
        }
    }

    @Test
    void spectrum_anyColour_isAReflectance() {
        Spectrum spectrum = Upsampling.spectrum(new Colour(1, 0, 0.3));
        for (int band = 0; band < Spectrum.BANDS; band++) {
            assertTrue(spectrum.at(band) >= 0 && spectrum.at(band) <= 1);
        }
    }

    @Test
    void observer_perfectWhite_isTheWhiteOfSrgb() {
        Colour white = Observer.colour(Spectrum.flat(1));
        assertEquals(1, white.red(), 1e-4);
        assertEquals(1, white.green(), 1e-4);
        assertEquals(1, white.blue(), 1e-4);
        assertEquals(100, Observer.lab(Spectrum.flat(1)).lightness(), 1e-9);
    }

    /** Baked against the full fold over random stacks and grounds: p99 at most 0.5, worst at most 1.5 ΔE00. */
    @Test
    void baked_randomStacks_staysCloseToTheSpectralFold() {
        Random random = new Random(5);
        List<Double> differences = new ArrayList<>();
        for (int s = 0; s < 25; s++) {
            Stack stack = randomStack(random);
            Baked baked = Baked.of(stack);
            for (int i = 0; i < 120; i++) {
                Colour ground = random(random, 0.0, 1.0);
                differences.add(ColourDifference.between(stack.over(ground).lab(), baked.over(ground).lab()));
            }
        }
        double[] sorted = differences.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        double p99 = sorted[(int) (sorted.length * 0.99)];
        double worst = sorted[sorted.length - 1];
        assertTrue(p99 <= 0.5, "99th percentile " + p99);
        assertTrue(worst <= 1.5, "worst " + worst);
    }

    private static Stack randomStack(Random random) {
        Stack stack = Stack.bare(random.nextBoolean() ? Surface.GLOSS : Surface.MATTE);
        for (int layer = random.nextInt(4); layer >= 0; layer--) {
            stack = stack.plusInside(switch (random.nextInt(3)) {
                case 0 -> new Toner(random.nextDouble(0.1, 0.6)).solid();
                case 1 -> Fibre.film(random.nextDouble(0.5, 12), Filling.ACRYLIC);
                default -> glaze(random);
            });
        }
        return random.nextBoolean() ? stack : new Stack(stack.inside(), Surface.MATTE, List.of(Fibre.film(random.nextDouble(0.5, 12), Filling.AIR)));
    }

    private static Film glaze(Random random) {
        Spectrum colour = Upsampling.spectrum(random(random, 0.1, 0.95));
        return Film.of(colour.map(r -> -Math.log(r) * 0.5), Spectrum.flat(random.nextDouble(0.001, 0.3)), 1);
    }

    @Test
    void look_wholePicture_equalsEachPixelAlone() {
        Look look = new Look(java.util.List.of(Stack.bare(Surface.GLOSS), Stack.bare(Surface.GLOSS).plusInside(new Toner(0.2).solid())));
        Colour ground = new Colour(0.4, 0.3, 0.2);
        var grounds = new kindveil.image.Picture(kindveil.image.Plane.filled(2, 1, 0.4f), kindveil.image.Plane.filled(2, 1, 0.3f), kindveil.image.Plane.filled(2, 1, 0.2f));
        var seen = look.over(grounds, java.util.List.of(kindveil.image.Plane.of(2, 1, new float[] {0, 0.5f})));
        assertEquals(look.at(ground, 0).red(), seen.red().at(0, 0), 2e-3);
        assertEquals(look.at(ground, 0.5f).green(), seen.green().at(1, 0), 2e-3);
    }

    @Test
    void coverage_ends_areClearAndSolid() {
        assertEquals(0, Toner.coverage(1), 1e-6);
        assertEquals(1, Toner.coverage(0), 1e-6);
        double midGain = Toner.coverage((float) Srgb.decode(0.5)) - 0.5;
        assertTrue(midGain >= 0.15 && midGain <= 0.2, "gain " + midGain);
    }

    @Test
    void toner_opaqueOrNothing_isRefused() {
        assertThrows(UnusableValue.class, () -> new Toner(0));
        assertThrows(UnusableValue.class, () -> new Toner(1));
    }

    @Test
    void colour_parse_readsHexAndRefusesTheRest() {
        assertEquals("#c9a35c", Colour.parse("ground", "#C9A35C").toString());
        for (String bad : List.of("", "c9a35c", "#12", "#gggggg")) {
            String message = assertThrows(UnusableValue.class, () -> Colour.parse("Ground colour", bad)).getMessage();
            assertTrue(message.startsWith("Ground colour: “" + bad + "” cannot be used."), message);
        }
    }

    @Test
    void srgb_eightBit_isTheInverse() {
        for (int i = 0; i < 256; i++) {
            assertTrue(Math.abs(i - Srgb.eightBit(Srgb.linear(i))) <= 1);
        }
        double[] ends = {Srgb.decode(Srgb.encode(0.001)), Srgb.decode(Srgb.encode(0.5))};
        assertTrue(Arrays.equals(new double[] {0.001, 0.5}, new double[] {Math.round(ends[0] * 1e9) / 1e9, Math.round(ends[1] * 1e9) / 1e9}));
    }

    @Test
    void legibility_identicalPicture_losesNothing_flatOneAll() {
        var drawing = kindveil.image.Plane.compute(80, 80, (x, y) -> x / 10 % 2 == 0 ? 0.02f : 0.9f);
        Legibility whole = Legibility.of(drawing, kindveil.image.Picture.grey(drawing), 0.5, Legibility.ARMS_LENGTH_METRES);
        Legibility none = Legibility.of(drawing, kindveil.image.Picture.grey(kindveil.image.Plane.filled(80, 80, 0.3f)), 0.5, 0.6);
        assertEquals(1, whole.survivingShare(), 1e-9);
        assertEquals(1, none.drowningShare(), 1e-9);
        assertTrue(whole.edges() > 100);
    }

    @Test
    void legibility_fineLinesFromAfar_drownFirst() {
        var lines = kindveil.image.Plane.compute(120, 60, (x, y) -> x % 2 == 0 ? 0.02f : 0.9f);
        var picture = kindveil.image.Picture.grey(lines);
        assertTrue(Legibility.of(lines, picture, 1, 3).survivingShare() <= Legibility.of(lines, picture, 1, 0.6).survivingShare());
        assertEquals(0.0741, Legibility.eyeBlurMillimetres(0.6), 0.0005);
    }
}
