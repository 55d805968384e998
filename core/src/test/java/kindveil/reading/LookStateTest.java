package kindveil.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import kindveil.bench.Bench;
import kindveil.bench.Face;
import kindveil.bench.Layer;
import kindveil.catalogue.Catalogue;
import kindveil.catalogue.Samples;
import kindveil.way.Trace;
import kindveil.way.Way;
import kindveil.way.Sequence;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LookStateTest {
    private static Trace trace(String key) {
        Way way = Catalogue.way(key);
        return Trace.of(way.expand(Samples.usual(way)));
    }

    /** Rubbed on tape or as a skin, it is looked at as it will lie: on the support. */
    @ParameterizedTest
    @ValueSource(strings = {"tape-lift", "free-skin", "curved-skin"})
    void bench_rubbedElsewhere_isFollowedToTheSupport(String key) {
        Trace trace = trace(key);
        for (int pass = 1; pass <= trace.mostPasses(); pass++) {
            Bench bench = LookState.DRIED.bench(trace, pass);
            assertTrue(bench.shows(0), key + " after pass " + pass);
            assertEquals(pass, bench.layers(Face.SUPPORT_FRONT, Layer.Residue.class).getFirst().passes());
        }
    }

    @Test
    void states_withoutPaperToRub_areDryAndSealed() {
        Trace film = trace("film-release");
        assertEquals(List.of(LookState.DRIED), LookState.of(film));
        assertEquals("dry", LookState.DRIED.words(film));
        assertEquals("dried white", LookState.DRIED.words(trace("gel-lay")));
        Way way = Catalogue.way("film-release");
        assertEquals(List.of(LookState.DRIED, LookState.SEALED), LookState.of(Trace.of(way.expand(Samples.usual(way).with("sealing", "matte-varnish")))));
    }

    @Test
    void bench_ofALaterVeil_holdsTheEarlierOnesToo() {
        Way gel = Catalogue.way("gel-lay");
        Way gesso = Catalogue.way("gesso-bed");
        Trace whole = Trace.of(new Sequence(List.of(new Sequence.Part(gel, Samples.usual(gel)), new Sequence.Part(gesso, Samples.usual(gesso).with(Samples.usual(gel).support())))).expand());
        Bench second = LookState.WET.bench(whole.part(1), 1);
        assertEquals(List.of(1, 0), second.pictures(Face.SUPPORT_FRONT).stream().map(kindveil.bench.Mask::picture).toList());
        assertEquals(2, StackReading.of(second).look().veils().size(), "each picture is a veil of its own");
        assertEquals(1, StackReading.of(LookState.WET.bench(whole.part(0), 1)).look().veils().size());
    }

    @Test
    void moreRounds_leaveLessWhite_untilTheyEnd() {
        Trace trace = trace("gel-lay");
        double last = 101;
        for (int pass = 1; pass <= 4; pass++) {
            double dark = StackReading.of(LookState.DRIED.bench(trace, pass)).at(kindveil.light.Colour.grey(0.3), 1).lab().lightness();
            assertTrue(dark < last, pass + " " + dark);
            last = dark;
        }
    }
}
