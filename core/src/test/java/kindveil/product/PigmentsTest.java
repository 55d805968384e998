package kindveil.product;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import kindveil.light.ColourDifference;
import org.junit.jupiter.api.Test;

class PigmentsTest {
    @Test
    void eachIsNamedOnce_andLooksItselfInFull() {
        assertEquals(Pigments.all().size(), new HashSet<>(Pigments.all().stream().map(Pigments.Pigment::index).toList()).size());
        for (Pigments.Pigment pigment : Pigments.all()) {
            double apart = ColourDifference.between(pigment.paint().coefficients().seen().lab(), pigment.masstone().lab());
            // a dull face is never darker than its veil: blacks and violets are lifted to it
            assertTrue(apart < (pigment.masstone().lab().lightness() < 35 ? 18 : 5), pigment.called() + " " + apart);
            assertEquals(pigment, Pigments.of(pigment.index()).orElseThrow());
        }
    }

    @Test
    void aProductOfAPigment_tellsItsCoefficients_andOneThatWasMeasuredItsOwn() {
        Product ochre = Products.UNDERCOLOUR.called("ochre", "ochre").of(Pigments.of("PY42").orElseThrow().masstone());
        assertEquals(1.2, ochre.paint().orElseThrow().hidingPower(), 0.05);
        Product measured = ochre.with(new Optics(false, new Optics.Body.Measured(ochre.paint().orElseThrow(), 0.02), 80));
        assertEquals(ochre.paint().orElseThrow().seen(), measured.paint().orElseThrow().seen());
        assertTrue(Products.UNDERCOLOUR.paint().isEmpty(), "its colour is chosen");
        assertTrue(Products.of("gloss-medium").paint().isEmpty());
    }

    /** A glaze of a paint is as thin of it as a glaze is; it dries, washes out and warns as a glaze, and is called by its own name. */
    @Test
    void tinted_aProductTakesThePaintsLook_andKeepsItsOwnWays() {
        Product paint = Products.UNDERCOLOUR.called("river-green", "river green").of(Pigments.of("PG17").orElseThrow().masstone())
                .with(new Optics(false, new Optics.Body.Pigment(kindveil.light.Paint.Opacity.OPAQUE, 1), 80));
        Product glaze = Products.GLAZE.tinted(paint);
        assertEquals("river green", glaze.words());
        assertEquals(Products.GLAZE.law(), glaze.law());
        assertEquals(Products.GLAZE.gloss(), glaze.gloss());
        assertEquals(0.12 * paint.paint().orElseThrow().hidingPower(), glaze.paint().orElseThrow().hidingPower(), 1e-9);
        assertTrue(glaze.hazards().containsAll(Products.GLAZE.hazards()));
        assertEquals(Products.GLOSS_MEDIUM, Products.GLOSS_MEDIUM.tinted(paint), "nothing goes into what has no pigment");
    }

    /** Whatever pot of whatever way a paint stands in, the plan stays sound as it was, and something is called by the paint. */
    @Test
    void everyPot_ofEveryWay_takesAPaint() {
        Product paint = Products.UNDERCOLOUR.called("river-green", "river green").of(Pigments.of("PG17").orElseThrow().masstone());
        int pots = 0;
        for (kindveil.way.Way way : kindveil.catalogue.Catalogue.transfers()) {
            kindveil.way.Brief usual = kindveil.catalogue.Samples.usual(way);
            for (kindveil.way.Pot pot : way.pots(usual)) {
                kindveil.way.Brief painted = usual.with(usual.settings().painted(pot.key(), paint));
                kindveil.way.Trace trace = kindveil.way.Trace.of(kindveil.way.Sequence.of(way, painted).expand());
                assertEquals(kindveil.way.Trace.of(kindveil.way.Sequence.of(way, usual).expand()).refusals().size(), trace.refusals().size(), way.key() + " " + pot.key());
                assertEquals(paint.colour(), way.coloured(painted, pot.key()));
                pots++;
            }
        }
        assertTrue(pots >= 5, pots + " pots");
    }

    /** Coats are counted by the paint that stands in the pot: a white that hides less takes more of them. */
    @Test
    void coatsThatHide_areCountedOfThePaint() {
        kindveil.way.Way way = kindveil.catalogue.Catalogue.way("opaque-backed-lay");
        kindveil.way.Brief usual = kindveil.catalogue.Samples.usual(way);
        Product thin = Products.UNDERCOLOUR.called("thin-white", "thin white").of(Pigments.of("PW4").orElseThrow().masstone()).with(new Optics(false, new Optics.Body.Pigment(kindveil.light.Paint.Opacity.SEMI_OPAQUE, 1), 80));
        assertTrue(coats(way, usual.with(usual.settings().painted("backing", thin))) > coats(way, usual));
    }

    private static long coats(kindveil.way.Way way, kindveil.way.Brief brief) {
        return kindveil.way.Trace.of(kindveil.way.Sequence.of(way, brief).expand()).moments().stream().filter(moment -> moment.act().key().startsWith("opaque-") && moment.act().step() instanceof kindveil.bench.Step.Apply).count();
    }
}
