package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import kindveil.bench.Face;
import kindveil.bench.Layer;
import kindveil.bench.PrintKind;
import kindveil.light.Colour;
import kindveil.reading.StackReading;
import kindveil.way.Trace;
import kindveil.way.Walk;
import kindveil.product.Hazard;
import kindveil.bench.Step;
import kindveil.bench.Tool;
import kindveil.reading.CautionReading;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FixedInkjetLayTest {
    private final WayFacts facts = WayFacts.of("fixed-inkjet-lay");

    @Test
    void soak_isThreeMinutes_neverPastFour() {
        facts.defaults("soak", 3, 2, 4, "min");
        assertEquals(Duration.ofMinutes(3), facts.wait("pass-1-wet", "pass-1-rub").times().earliest());
        assertEquals(Duration.ofMinutes(4), facts.wait("pass-1-wet", "pass-1-rub").times().latest());
    }

    private double kept(double soak) {
        return image(facts.with(facts.brief.coloured(0.6).dialled("soak", soak))).kept();
    }

    private static Layer.Image image(WayFacts facts) {
        return facts.trace.end().layers(Face.SUPPORT_FRONT, Layer.Image.class).getFirst();
    }

    /** Within its window only what the fixative did not hold is lost; past it, as much as it is longer; three tenths always stay. */
    @ParameterizedTest
    @CsvSource({"1.5, 1", "3, 1", "4, 1", "5, 0.75", "6, 0.5", "6.8, 0.3", "10, 0.3", "12, 0.3"})
    void soakPastItsWindow_fades(double soak, double share) {
        assertEquals(0.97 * share, kept(soak), 0.002);
        WayFacts soaked = facts.with(facts.brief.coloured(0.6).dialled("soak", soak));
        assertEquals(share < 0.9, soaked.trace.concerns().stream().anyMatch(concern -> concern.words().contains("in the water too long")));
    }

    /** Told late at the bench it fades as when it is planned so. */
    @Test
    void soak_toldLate_fadesToo() {
        Walk walk = Walk.of(facts.with(facts.brief.coloured(0.6)).trace.plan());
        for (Trace.Moment moment : facts.trace.moments()) {
            boolean rub = moment.act().key().equals("pass-1-rub");
            Duration start = rub ? moment.start().plusMinutes(3) : moment.start().compareTo(walk.bench().now()) < 0 ? walk.bench().now() : moment.start();
            walk.take(start, start.plus(moment.act().handsOn()), moment.act().usual());
        }
        assertEquals(0.97 * 0.5, walk.bench().layers(Face.SUPPORT_FRONT, Layer.Image.class).getFirst().kept(), 0.002);
    }

    /** What ran tints the clears around it; pigment does not run. */
    @Test
    void dyeThatRan_stainsTheClears() {
        StackReading dye = StackReading.of(facts.with(facts.brief.coloured(0.6).dialled("soak", 8)).trace.end());
        assertEquals(8, dye.covers().size(), "each ink, and what ran of it");
        double[] clearAmongMagenta = {0, 0, 0, 0, 0, 0.8, 0, 0};
        double[] clear = new double[8];
        Colour white = Colour.grey(0.8);
        assertTrue(dye.at(white, clearAmongMagenta).lab().a() > dye.at(white, clear).lab().a() + 4, dye.at(white, clearAmongMagenta) + " beside " + dye.at(white, clear));
        assertEquals(4, StackReading.of(facts.with(facts.brief.coloured(0.6).with(PrintKind.PIGMENT_INKJET)).trace.end()).covers().size());
    }

    @Test
    void fixative_isSprayedOutdoorsAndDryBeforeTheGel() {
        assertTrue(facts.act("fix").title().contains("outdoors"));
        assertTrue(CautionReading.of(facts.act("fix").step()).contains(Hazard.SPRAY));
        facts.neverBefore("fix", "bed", Duration.ofMinutes(20));
    }

    @Test
    void pressing_isWithACloth_andTheSheetIsCutOutForCollage() {
        assertTrue(facts.act("press").step() instanceof Step.Press p && p.tool() == Tool.SOFT_CLOTH);
        facts.order("pass-1-rub", "cut-out", "look");
        assertTrue(facts.trace.mostPasses() <= 2, "every bath fades it");
    }
}
