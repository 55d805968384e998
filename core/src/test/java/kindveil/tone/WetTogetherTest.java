package kindveil.tone;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindveil.bench.Face;
import kindveil.bench.Layer;
import kindveil.catalogue.Catalogue;
import kindveil.catalogue.Samples;
import kindveil.light.Colour;
import kindveil.product.Products;
import kindveil.reading.AmountReading;
import kindveil.way.Brief;
import kindveil.way.Together;
import kindveil.way.Trace;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Two colours wet together: whole beyond the band, mixed by absorption and scattering within it. */
class WetTogetherTest {
    private static final Colour OCHRE = Colour.parse("first", "#c8a24a");
    private static final Colour SLATE = Colour.parse("second", "#4a6070");
    private static final Way UNDER = Catalogue.way("underpainting");

    @ParameterizedTest
    @CsvSource({"0.5, 30", "0.2, 60", "0.8, 20", "0, 30", "1, 40"})
    void eachColourIsWhole_beyondTheBand_andTheMiddleOfItIsHalf(double meets, double brush) {
        WetTogether colours = new WetTogether(OCHRE, SLATE, meets, brush);
        double height = 150;
        double sum = 0;
        for (double x = 0.5; x < 3000; x += 3) {
            for (double y = 0.5; y < height; y++) {
                double share = colours.share(x, y, height);
                double across = y - meets * height;
                assertTrue(share >= 0 && share <= 1);
                assertTrue(Math.abs(across) < brush / 2 || share == (across > 0 ? 1 : 0), "at " + y);
            }
            sum += colours.share(x, meets * height, height);
        }
        assertEquals(0.5, sum / 1000, 0.04, "as much of each along the line");
    }

    /** Kubelka and Munk at a wavelength where both are told: K/S of the mixture is the mean of K/S by share. */
    @Test
    void mixture_addsAbsorptionByShare() {
        WetTogether colours = new WetTogether(OCHRE, SLATE, 0.5, 30);
        for (int step = 0; step <= WetTogether.STEPS; step++) {
            double share = step / (double) WetTogether.STEPS;
            assertEquals((1 - share) * ks(OCHRE.green()) + share * ks(SLATE.green()), ks(colours.colour(step).green()), 1e-9);
        }
        assertEquals(OCHRE.toString(), colours.colour(0).toString());
        assertTrue(colours.colour(4).lab().lightness() < (OCHRE.lab().lightness() + SLATE.lab().lightness()) / 2, "paints mix darker than lights do");
    }

    private static double ks(double r) {
        return (1 - r) * (1 - r) / (2 * r);
    }

    private static Brief together() {
        return Samples.usual(UNDER).with(Together.KIND.key(), "together");
    }

    @Test
    void plan_laysTheSecondWhileTheFirstIsWet_andCountsBothByTheirShare() {
        Trace trace = Trace.of(UNDER.expand(UNDER.checked(together())));
        assertTrue(trace.refusals().isEmpty(), trace.refusals().toString());
        AmountReading both = AmountReading.of(trace, Samples.WIDTH, Samples.HEIGHT);
        AmountReading flat = AmountReading.of(Trace.of(UNDER.expand(Samples.usual(UNDER))), Samples.WIDTH, Samples.HEIGHT);
        assertEquals(1 + 30 / Samples.HEIGHT.millimetres(), both.of(Products.UNDERCOLOUR).millilitres() / flat.of(Products.UNDERCOLOUR).millilitres(), 1e-6, "the band is covered by both");
        AmountReading lower = AmountReading.of(Trace.of(UNDER.expand(UNDER.checked(together().dialled("meets", 20)))), Samples.WIDTH, Samples.HEIGHT);
        assertTrue(lower.byAct().get(0).volume().millilitres() < lower.byAct().get(1).volume().millilitres());
        assertEquals(2, trace.end().layers(Face.SUPPORT_FRONT, Layer.Coating.class).size());
        Trace slow = Trace.of(UNDER.expand(UNDER.checked(together()).in(kindveil.drying.Room.of(30, 20))));
        assertTrue(slow.moments().stream().flatMap(moment -> moment.waits().stream()).anyMatch(wait -> wait.times().latest() != null), "it is told how long they run together");
    }
}
