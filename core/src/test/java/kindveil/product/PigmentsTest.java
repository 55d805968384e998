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
            assertTrue(apart < (pigment.masstone().lab().lightness() < 35 ? 14 : 5), pigment.called() + " " + apart);
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
}
