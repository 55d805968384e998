package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import kindveil.product.Hazard;
import kindveil.bench.Mask.Part;
import kindveil.bench.Step;
import kindveil.drying.Stage;
import kindveil.light.Colour;
import kindveil.reading.CautionReading;
import kindveil.reading.StackReading;
import kindveil.way.Brief;
import kindveil.way.Trace;
import kindveil.way.Way;
import kindveil.way.Window;
import kindveil.way.Sequence;
import org.junit.jupiter.api.Test;

/** What goes over and under a transfer. */
class OverAndUnderTest {
    @Test
    void underpainting_isThroughBeforeItIsCalledDone() {
        WayFacts facts = WayFacts.of("underpainting");
        assertTrue(facts.wait("under", "look").window() instanceof Window.Dry dry && dry.what().equals(new Window.Dries.Coats(kindveil.bench.Face.SUPPORT_FRONT, Stage.THROUGH)));
        facts.with("kind", "spatter").order("under", "spatter", "look");
    }

    @Test
    void leafAndPapers_areSealedPastTheirEdges() {
        WayFacts facts = WayFacts.of("leaf-and-papers");
        facts.order("glue", "lay", "press", "seal", "look");
        assertTrue(facts.act("seal").step() instanceof Step.Apply a && a.extent() == kindveil.bench.Extent.WHOLE);
        facts.with("kind", "leaf").neverBefore("glue", "lay", Duration.ofMinutes(15));
    }

    /** Printed papers hide what they lie on, dull; leaf too, bright; neither is measured in millilitres. */
    @Test
    void leafAndPapers_haveTheirOwnColour() {
        WayFacts facts = WayFacts.of("leaf-and-papers");
        kindveil.light.Colour blue = kindveil.light.Colour.parse("blue", "#3355aa");
        kindveil.light.Colour told = kindveil.light.Colour.parse("papers", "#c8503c");
        kindveil.reading.StackReading papers = kindveil.reading.StackReading.of(facts.with(facts.brief.with(facts.brief.settings().coloured("sheet", told))).trace.end());
        assertTrue(kindveil.light.ColourDifference.between(papers.at(blue).lab(), papers.at(kindveil.light.Colour.grey(0.8)).lab()) < 3, "hides the ground");
        assertTrue(papers.at(blue).lab().a() > 20, papers.at(blue).toString());
        assertTrue(kindveil.reading.AmountReading.of(facts.trace, kindveil.measure.Length.ofMillimetres(100), kindveil.measure.Length.ofMillimetres(100)).byProduct().keySet().stream().allMatch(product -> product.family().poured()));
    }

    @Test
    void blockOverprint_isShellackedTwice_andFlipsOnce() {
        WayFacts facts = WayFacts.of("block-overprint");
        facts.order("mount", "shellac-1", "sand", "shellac-2", "ink", "lay", "lift");
        facts.neverBefore("mount", "shellac-1", Duration.ofHours(10));
        assertTrue(CautionReading.of(facts.act("cut-shellac").step()).contains(Hazard.FLAMMABLE));
        assertTrue(!facts.with("grain", "grain").keys().contains("sand"));
        facts.with("ink", "oil").neverBefore("lift", "look", Duration.ofDays(3));
    }

    @Test
    void crackle_isHeatedWet_overDryPaste() {
        WayFacts facts = WayFacts.of("heat-crackle");
        facts.order("paste", "pour", "ink", "heat", "sponge");
        facts.kind("pour", "heat", Window.Open.class);
        facts.neverBefore("paste", "pour", Duration.ofHours(4));
    }

    @Test
    void stencilPaste_thickerDriesSlower() {
        WayFacts usual = WayFacts.of("stencil-paste");
        WayFacts thick = usual.with(usual.brief.dialled("paste", 1500));
        assertTrue(thick.trace.end().now().compareTo(usual.trace.end().now()) > 0);
    }

    @Test
    void edges_areNotSeenInThePicture() {
        WayFacts facts = WayFacts.of("edges-and-hardware");
        assertTrue(facts.act("edge").step() instanceof Step.Apply a && a.part() == Part.EDGE);
        assertEquals(List.of("Ground"), StackReading.of(facts.trace.end()).layers().stream().map(StackReading.Seen::name).toList());
        facts.with("hardware", "hanger").order("edge", "hang", "look");
    }

    @Test
    void glazes_deepenWithoutHiding_moreWithEachCoat() {
        Way glaze = Catalogue.way("glazing");
        Colour ground = Colour.parse("g", "#d8cdb4");
        double last = ground.lab().lightness() + 5;
        for (int coats : new int[] {1, 3, 6}) {
            Brief brief = Samples.usual(glaze).dialled("coats", coats);
            double seen = StackReading.of(Trace.of(Sequence.of(glaze, brief).expand()).end()).at(ground).lab().lightness();
            assertTrue(seen < last && seen > 35, coats + " coats: " + seen);
            last = seen;
        }
    }
}
