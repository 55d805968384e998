package kindveil.light;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
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
