package kindveil.light;

import static org.junit.jupiter.api.Assertions.assertEquals;

import kindveil.image.Plane;
import kindveil.measure.Length;
import kindveil.tone.Diffusion;
import kindveil.tone.Halftone;
import kindveil.tone.Treatment;
import kindveil.tone.Treatments;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ToneTest {
    private static final Inks GOOD = Inks.black(0.2);
    private static final Tone TONE = Tone.of(GOOD);

    private static double onPaper(double coverage) {
        return Observer.lab(GOOD.onPaper(0, 0, 0, coverage)).lightness();
    }

    @Test
    void ends_areItsBlackAndItsPaper() {
        assertEquals(29, TONE.black(), 0.5);
        assertEquals(95, TONE.paper(), 0.01);
        assertEquals(1, TONE.coverage(0), 1e-6);
        assertEquals(0, TONE.coverage(1), 1e-3);
        assertEquals(44, Tone.of(Inks.black(0.45)).black(), 1, "a weak single run");
    }

    /** The same tone left to the machine, through the artist's own screens and in grains: within 1 L* of the mapped source. */
    @ParameterizedTest
    @ValueSource(doubles = {20, 35, 53.6, 70, 85})
    void tone_byEveryPath_isTheSame(double lightness) {
        float luminance = (float) Lab.luminanceOf(lightness);
        assertEquals(TONE.mapped(lightness), onPaper(TONE.coverage(luminance)), 0.2);
        double pixels = 24;
        for (Treatment treatment : new Treatment[] {new Halftone(Halftone.Shape.DOT, 45, 0.9), new Halftone(Halftone.Shape.DOT, 30, 2.5), new Halftone(Halftone.Shape.LINE, 45, 1.5), new Diffusion(0.4)}) {
            Plane drawn = Treatments.of(treatment).apply(Plane.filled(960, 960, luminance), Length.ofMillimetres(960 / pixels), TONE);
            double covered = Tone.grown(drawn, pixels).mean();
            assertEquals(TONE.mapped(lightness), onPaper(covered), 1, treatment.words());
        }
    }

    /** At the finest screen an edge grows by the usual dot gain of dry toner. */
    @Test
    void grown_fineScreen_gainsAsDryTonerDoes() {
        Plane half = new Halftone(Halftone.Shape.DOT, 45, 6).apply(Plane.filled(1200, 1200, 0.5f), 60);
        assertEquals(0.17, Tone.grown(half, 60).mean() - (1 - half.mean()), 0.035);
    }
}
