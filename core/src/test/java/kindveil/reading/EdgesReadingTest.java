package kindveil.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.Stream;
import kindveil.bench.PrintKind;
import kindveil.catalogue.Catalogue;
import kindveil.catalogue.Samples;
import kindveil.measure.Area;
import kindveil.measure.Length;
import kindveil.way.Brief;
import kindveil.way.Sequence;
import kindveil.way.Trace;
import kindveil.way.Way;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.api.Test;

class EdgesReadingTest {
    private static Trace trace(Way way) {
        return Trace.of(Sequence.of(way, Samples.usual(way)).expand());
    }

    static Stream<Way> transfers() {
        return Catalogue.transfers().stream();
    }

    @ParameterizedTest
    @MethodSource("transfers")
    void everyWay_hasItsPicturesEdge_andItsSheets_andNoneTwice(Way way) {
        List<EdgesReading.Edge> edges = EdgesReading.of(trace(way), Samples.usual(way).print());
        assertEquals(EdgesReading.Kind.PICTURE, edges.getFirst().kind());
        assertTrue(edges.stream().anyMatch(edge -> edge.kind() == EdgesReading.Kind.PRINT || edge.kind() == EdgesReading.Kind.FILM), way.key());
        assertTrue(edges.stream().anyMatch(edge -> edge.kind() == EdgesReading.Kind.TRIM), way.key());
        assertTrue(edges.stream().map(EdgesReading.Edge::kind).distinct().count() >= edges.size() - 1, edges.toString());
        edges.forEach(edge -> assertTrue(edge.past() >= 0 && edge.past() <= 30, edge.toString()));
    }

    @Test
    void tape_standsPastThePicture_andOnFilmTheSheetIsTheFilm() {
        assertTrue(EdgesReading.of(trace(Catalogue.way("tape-lift")), PrintKind.PHOTOCOPY).stream().anyMatch(edge -> edge.kind() == EdgesReading.Kind.FILM && edge.past() == 10));
        assertTrue(EdgesReading.of(trace(Catalogue.way("film-release")), PrintKind.FILM_PIGMENT).stream().noneMatch(edge -> edge.kind() == EdgesReading.Kind.PRINT));
    }

    /** What lies in a place of its own takes by the area of that; the same all over takes by the page and a little past it. */
    @Test
    void inItsPlace_colourTakesNoMoreThanItsArea_andClearGoesALittlePast() {
        for (Way way : Catalogue.overAndUnder()) {
            Brief brief = Samples.usual(way);
            double whole = takes(way, brief);
            double own = takes(way, brief.inItsPlace());
            assertTrue(own <= whole, way.key());
        }
        Way under = Catalogue.way("underpainting");
        Brief brief = Samples.usual(under);
        double ratio = Area.of(brief.width(), brief.height()).squareMetres() / Area.of(brief.width().plus(Length.ofMillimetres(20)), brief.height().plus(Length.ofMillimetres(20))).squareMetres();
        assertEquals(ratio, takes(under, brief.inItsPlace()) / takes(under, brief), 1e-9);
    }

    private static double takes(Way way, Brief brief) {
        Trace trace = Trace.of(Sequence.of(way, brief).expand());
        return AmountReading.of(trace, brief.width(), brief.height()).byProduct().values().stream().mapToDouble(volume -> volume.millilitres()).sum();
    }
}
