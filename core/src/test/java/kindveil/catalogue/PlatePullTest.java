package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import kindveil.bench.Face;
import kindveil.bench.Mask.Part;
import kindveil.product.Products;
import kindveil.bench.ThingKind;
import kindveil.light.Colour;
import kindveil.reading.StackReading;
import kindveil.way.Window;
import org.junit.jupiter.api.Test;

class PlatePullTest {
    private final WayFacts facts = WayFacts.of("plate-pull");

    @Test
    void defaults_areThoseOfPractice() {
        facts.defaults("image-film", 7, 5, 10, "µm");
        facts.defaults("rub-seconds", 30, 15, 45, "s");
        facts.order("image-paint", "lay-print", "press-print", "lift", "pull-paint", "lay-paper", "press-paper", "pull");
    }

    @Test
    void imagePaint_isTouchDryBeforeTheSecondColour_inAMinuteOrThree() {
        facts.kind("lift", "pull-paint", Window.Dry.class);
        Duration advised = facts.wait("lift", "pull-paint").times().advised();
        assertTrue(advised.compareTo(Duration.ofMinutes(1)) >= 0 && advised.compareTo(Duration.ofMinutes(3)) <= 0, advised.toString());
    }

    @Test
    void lift_leavesPaintWhereTonerWas_andTheUsedPrintIsGone() {
        var after = facts.trace.moment("lift").orElseThrow().after();
        assertEquals(Part.DARKS, after.pictures(Face.PLATE).getFirst().part());
        assertTrue(!after.has(ThingKind.PRINT));
    }

    @Test
    void pull_leavesThePlateClean() {
        var after = facts.trace.moment("pull").orElseThrow().after();
        assertTrue(after.layers(Face.PLATE).isEmpty());
        assertTrue(after.bonds().isEmpty());
    }

    @Test
    void darks_takeTheImagePaint_lightsThePullPaint() {
        var stack = StackReading.of(facts.trace.end());
        double dark = stack.at(Colour.grey(0.8), 1).lab().lightness();
        double clear = stack.at(Colour.grey(0.8), 0).lab().lightness();
        assertTrue(clear - dark >= 40, "the usual pair differs by " + (clear - dark));
    }

    @Test
    void lightOnDark_isATonalNegative() {
        var negative = facts.with(facts.brief.coloured("image", Colour.parse("i", "#f2e3b8")).coloured("pull", Colour.parse("p", "#1f3a63")));
        var stack = StackReading.of(negative.trace.end());
        assertTrue(stack.at(Colour.grey(0.8), 1).lab().lightness() > stack.at(Colour.grey(0.8), 0).lab().lightness() + 25);
    }

    @Test
    void paint_isAFilm_notASpoonful() {
        assertTrue(facts.millilitres(Products.PLATE_PAINT) < 0.5);
    }
}
