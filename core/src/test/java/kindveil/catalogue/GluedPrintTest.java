package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import kindveil.bench.Hand;
import kindveil.bench.PrintKind;
import kindveil.light.Colour;
import kindveil.reading.HandReading;
import kindveil.reading.LookState;
import kindveil.reading.StackReading;
import kindveil.way.Brief;
import kindveil.way.Sequence;
import kindveil.way.Trace;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;

/** Paper that stays, with its own white and its own print. */
class GluedPrintTest {
    private static final Way WAY = Catalogue.way("glued-print");
    private static final Colour DARK = Colour.parse("g", "#20262c");

    private static Trace trace(PrintKind print) {
        return Trace.of(Sequence.of(WAY, Samples.usual(WAY).with(print)).expand());
    }

    private static double lightness(Trace trace, double covered) {
        StackReading stack = LookState.finished(trace).stack(trace.end());
        return stack.at(DARK, stack.covers().stream().mapToDouble(cover -> covered).toArray()).lab().lightness();
    }

    @Test
    void itsPaper_hidesADarkGround_andItsPrintIsSeenOnIt() {
        Trace trace = trace(PrintKind.GOOD_TONER);
        assertEquals(List.of(), trace.refusals());
        assertTrue(lightness(trace, 0) > 65, "paper over a dark ground: " + lightness(trace, 0));
        assertTrue(lightness(trace, 0) - lightness(trace, 1) > 30, "and its print on that");
    }

    @Test
    void itReadsAsItIsPrinted() {
        assertEquals(Hand.READS_RIGHT, HandReading.of(trace(PrintKind.GOOD_TONER)).orElseThrow().printFor(Hand.READS_RIGHT));
    }

    /** Under a veil: what is laid over it holds, and is seen on paper and print. */
    @Test
    void aVeilOverIt_isSound() {
        Way gel = Catalogue.ways().getFirst();
        Brief brief = Samples.usual(WAY);
        Trace both = Trace.of(Sequence.on(brief.base(), List.of(new Sequence.Part(WAY, brief), new Sequence.Part(gel, Samples.usual(gel)))).expand());
        assertEquals(List.of(), both.refusals());
        assertEquals(2, both.end().layers(kindveil.bench.Face.SUPPORT_FRONT, kindveil.bench.Layer.Image.class).size());
    }

    /** Only glue makes it meant: in a bed of medium a sheet of copy paper still hides what is under it. */
    @Test
    void inMedium_copyPaperStillHides() {
        Way tissue = Catalogue.way("tissue-lay");
        assertTrue(Trace.of(Sequence.of(tissue, Samples.usual(tissue).with(PrintKind.PHOTOCOPY)).expand()).refusals().stream().anyMatch(refusal -> refusal.reason().contains("hides what is under it")));
    }
}
