package kindveil.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import kindveil.bench.Extent;
import kindveil.bench.Face;
import kindveil.bench.Layer;
import kindveil.bench.Mask;
import kindveil.catalogue.Catalogue;
import kindveil.catalogue.Samples;
import kindveil.way.Brief;
import kindveil.way.Sequence;
import kindveil.way.Trace;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;

class ReliefReadingTest {
    private static ReliefReading of(String key, String... chosen) {
        Way way = Catalogue.way(key);
        Brief brief = Samples.usual(way);
        for (int i = 0; i < chosen.length; i += 2) {
            brief = brief.with(chosen[i], chosen[i + 1]);
        }
        return ReliefReading.of(Trace.of(way.expand(brief)));
    }

    @Test
    void deepBed_standsUpByWhatIsLeftOfItDry_atTheEdgeOfThePicture() {
        ReliefReading.Edge bed = of("gel-lay", "school", "deep-bed").edges().getFirst();
        assertEquals(Extent.PICTURE, bed.extent());
        assertEquals("heavy gloss gel", bed.of().getFirst());
        // 1600 µm wet with 55 % water, a clearing coat of 60 with 60 %, and a little fibre
        assertEquals(1600 * 0.45 + 60 * 0.4, bed.micrometres(), 2);
    }

    @Test
    void tape_reachesBeyondThePicture_andBackingFollowsTheDrawing() {
        assertEquals(Extent.BEYOND, of("tape-lift").edges().stream().filter(edge -> edge.of().contains("tape")).findFirst().orElseThrow().extent());
        assertTrue(of("opaque-backed-lay").edges().stream().anyMatch(edge -> edge.mask() != null && edge.mask().part() == Mask.Part.BACKED && edge.micrometres() > 80));
    }

    /** Paste that spares the drawing stands up in its lights, paste on it in its darks. */
    @Test
    void paste_standsUpWhereItsStencilLetsIt() {
        Way gel = Catalogue.way("gel-lay");
        Way paste = Catalogue.way("stencil-paste");
        for (var place : java.util.Map.of("around", Mask.Part.LIGHTS, "on", Mask.Part.DARKS).entrySet()) {
            Trace whole = Trace.of(Sequence.on(Samples.usual(gel).base(), List.of(new Sequence.Part(gel, Samples.usual(gel)),
                    new Sequence.Part(paste, Samples.usual(paste).with("place", place.getKey())))).expand());
            ReliefReading.Edge edge = ReliefReading.of(whole).edges().getFirst();
            assertEquals(1, edge.part());
            assertEquals(place.getValue(), edge.mask().part());
            assertEquals(400, edge.micrometres(), 1);
            double[] dark = StackReading.of(whole.end()).covers().stream().mapToDouble(cover -> 1).toArray();
            double light = StackReading.of(whole.end()).at(kindveil.light.Colour.grey(0.3), dark).lab().lightness();
            assertEquals(place.getValue() == Mask.Part.DARKS, light > 75, place.getKey() + ": " + light);
        }
    }

    @Test
    void whatLiesOverTheWholeFace_hasNoEdge() {
        assertTrue(of("underpainting").edges().isEmpty());
    }

    /** Of every two ways each is told by itself, and together they are all that lies on the support. */
    @Test
    void twoWays_areToldApart() {
        for (Way below : Catalogue.transfers()) {
            for (Way above : Catalogue.transfers()) {
                Trace whole = Trace.of(Sequence.on(Samples.usual(below).base(), List.of(new Sequence.Part(below, Samples.usual(below)), new Sequence.Part(above, Samples.usual(above)))).expand());
                ReliefReading both = ReliefReading.of(whole);
                String pair = above.key() + " over " + below.key();
                double first = both.rises().stream().filter(rise -> rise.part() == 0).mapToDouble(ReliefReading.Rise::micrometres).sum();
                double alone = ReliefReading.of(Trace.of(Sequence.on(Samples.usual(below).base(), List.of(new Sequence.Part(below, Samples.usual(below)))).expand())).rises().stream()
                        .mapToDouble(ReliefReading.Rise::micrometres).sum();
                assertEquals(alone, first, 1e-6, pair);
                double coats = both.rises().stream().mapToDouble(ReliefReading.Rise::micrometres).sum();
                double there = whole.end().layers(Face.SUPPORT_FRONT, Layer.Coating.class).stream().filter(coat -> coat.extent() != Extent.WHOLE && coat.mask().part() != Mask.Part.EDGE)
                        .mapToDouble(Layer.Coating::dryMicrometres).sum();
                assertTrue(coats >= there - 1e-6, pair + ": " + coats + " of " + there);
            }
        }
    }
}
