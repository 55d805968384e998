package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import kindveil.light.Colour;
import kindveil.light.Spectrum;
import kindveil.measure.Figures;
import kindveil.product.Product;
import kindveil.product.Products;
import kindveil.reading.AmountReading;
import kindveil.reading.LookState;
import kindveil.reading.StackReading;
import kindveil.way.Brief;
import kindveil.way.Sequence;
import kindveil.way.Tinting;
import kindveil.way.Trace;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Colour stirred into the medium: mixed, measured, and seen. */
class TintingTest {
    private static final Way WAY = Catalogue.ways().getFirst();
    private static final Colour GROUND = Colour.parse("g", "#d8d4c8");

    private static Brief brief(double percent, String colour) {
        return brief(WAY, percent, colour);
    }

    private static Brief brief(Way way, double percent, String colour) {
        return Samples.usual(way).with(Tinting.CHOICE.key(), Tinting.TINTED).dialled(Map.of(Tinting.SHARE.key(), percent)).coloured(Tinting.POT.key(), Colour.parse("c", colour));
    }

    private static Trace trace(Brief brief) {
        return Trace.of(Sequence.of(WAY, brief).expand());
    }

    static List<Way> tinting() {
        return Catalogue.ways().stream().filter(way -> way.card().choices().contains(Tinting.CHOICE)).toList();
    }

    private static Trace trace(Way way, Brief brief) {
        return Trace.of(Sequence.of(way, brief).expand());
    }

    /** Where no toner lies. */
    private static Colour light(Brief brief) {
        return light(trace(brief));
    }

    private static Colour light(Trace trace) {
        StackReading stack = LookState.finished(trace).stack(trace.end());
        return stack.at(GROUND, stack.covers().stream().mapToDouble(cover -> 0).toArray());
    }

    @ParameterizedTest
    @ValueSource(doubles = {1, 3, 10, 25})
    void mixed_itTakesTheMediumAndThePaint_inThoseParts(double percent) {
        Brief brief = brief(percent, "#b3401f");
        Trace trace = trace(brief);
        assertTrue(trace.refusals().isEmpty(), trace.refusals().toString());
        AmountReading.Batch batch = AmountReading.of(trace, brief.width(), brief.height()).mixtures().getFirst();
        double medium = batch.shares().getFirst().volume().millilitres();
        double paint = batch.shares().getLast().volume().millilitres();
        assertEquals(percent / 100, paint / (medium + paint), 1e-9);
        assertTrue(batch.volume().millilitres() > 0 && medium + paint >= batch.volume().millilitres() - 1e-9, "enough for the bed");
        double bed = AmountReading.of(trace(Samples.usual(WAY)), brief.width(), brief.height()).of(Products.GLOSS_MEDIUM).millilitres();
        double left = AmountReading.of(trace, brief.width(), brief.height()).of(Products.GLOSS_MEDIUM).millilitres();
        assertEquals(bed - left, batch.volume().millilitres(), 1e-9, "as much as the bed takes clear");
    }

    @Test
    void theMoreOfIt_theMoreTheLightsTakeItsColour() {
        double clear = chroma(light(Samples.usual(WAY)));
        double breath = chroma(light(brief(2, "#b3401f")));
        double strong = chroma(light(brief(20, "#b3401f")));
        assertTrue(breath > clear + 1 && strong > breath + 5, Figures.rounded(clear, 1) + " " + Figures.rounded(breath, 1) + " " + Figures.rounded(strong, 1));
    }

    /** In every way that offers it. */
    @ParameterizedTest
    @MethodSource("tinting")
    void everyWay_mixesWhatItLays_andShowsIt(Way way) {
        Trace clear = trace(way, Samples.usual(way));
        Trace tinted = trace(way, brief(way, 10, "#b3401f"));
        assertTrue(tinted.refusals().isEmpty(), tinted.refusals().toString());
        AmountReading.Batch batch = AmountReading.of(tinted, Samples.WIDTH, Samples.HEIGHT).mixtures().getFirst();
        double medium = batch.shares().getFirst().volume().millilitres();
        assertEquals(0.9, medium / (medium + batch.shares().getLast().volume().millilitres()), 1e-9);
        assertTrue(batch.volume().millilitres() > 0.1, "as much as is laid");
        assertTrue(chroma(light(tinted)) > chroma(light(clear)) + 3, way.card().key() + " " + chroma(light(clear)) + " " + chroma(light(tinted)));
        assertTrue(chroma(light(trace(way, brief(way, 1, "#b3401f")))) < chroma(light(tinted)) - 1, "less of it is less seen");
    }

    @Test
    void whoOffersIt() {
        assertEquals(List.of("fixed-inkjet-lay", "free-skin", "gel-lay", "gesso-bed", "tissue-lay"), tinting().stream().map(way -> way.card().key()).sorted().toList());
    }

    /** White gesso with a breath of colour stays white gesso: it hides as it did, all but what the colour takes. */
    @Test
    void tintedGesso_stillHides() {
        Product gesso = Products.GESSO.of(Colour.grey(0.86));
        Product tinted = gesso.stirred(0.03, null, Colour.parse("c", "#b3401f"));
        for (double under : new double[] {0.02, 0.9}) {
            double was = gesso.optics().film(300, 0, gesso.colour()).orElseThrow().over(Spectrum.flat(under)).at(25);
            double is = tinted.optics().film(300, 0, tinted.colour()).orElseThrow().over(Spectrum.flat(under)).at(25);
            assertEquals(was, is, 0.06, "in the reds, over " + under);
        }
    }

    private static double chroma(Colour colour) {
        return Math.hypot(colour.lab().a(), colour.lab().b());
    }

    @Test
    void aPaintOfTheShelf_isNamedInTheMixture_andItsHazardsWithIt() {
        Product own = Products.OIL_COLOUR.called("own-ochre", "ochre of the tin").of(Colour.parse("o", "#b08035"));
        Trace trace = trace(brief(5, "#b08035").using("pot." + Tinting.POT.key(), own));
        AmountReading.Batch batch = AmountReading.of(trace, Samples.WIDTH, Samples.HEIGHT).mixtures().getFirst();
        assertTrue(batch.shares().getLast().words().contains("ochre of the tin"), batch.shares().toString());
        assertTrue(batch.mixture().hazards().containsAll(own.hazards()));
    }

    /** Matte medium keeps what clouds it. */
    @Test
    void tintedMatte_isStillVeiled() {
        Product matte = Products.MATTE_MEDIUM.stirred(1e-6, null, Colour.grey(1));
        Spectrum dark = Spectrum.flat(0.02);
        assertEquals(Products.MATTE_MEDIUM.optics().film(100, 100 * Products.MATTE_MEDIUM.staysShare(), null).orElseThrow().over(dark).at(15), matte.optics().film(100, 0, null).orElseThrow().over(dark).at(15), 1e-4);
        assertTrue(matte.optics().film(100, 0, null).orElseThrow().over(dark).at(15) > 0.025, "a veil over the dark");
    }
}
