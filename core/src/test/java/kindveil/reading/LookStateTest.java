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
        assertEquals(List.of(LookState.DRIED, LookState.RAKED), LookState.of(film));
        assertEquals("dry", LookState.DRIED.words(film));
        assertEquals("dried white", LookState.DRIED.words(trace("gel-lay")));
        Way way = Catalogue.way("film-release");
        assertEquals(List.of(LookState.DRIED, LookState.SEALED, LookState.RAKED), LookState.of(Trace.of(way.expand(Samples.usual(way).with("sealing", "matte-varnish")))));
    }

    /** Laid in slurry a skin is milky, half clear when it is dry to the touch, and clear at last; over black that is lightness. */
    @Test
    void skin_isMilkyWhenItIsLaid_andClearsAsItDries() {
        Trace skin = trace("free-skin");
        assertEquals(List.of(LookState.WET, LookState.LAID, LookState.DRYING, LookState.DRIED, LookState.RAKED), LookState.of(skin).stream().filter(state -> state != LookState.CLEARED).toList());
        double laid = lightness(skin, LookState.LAID);
        double drying = lightness(skin, LookState.DRYING);
        double clear = StackReading.of(LookState.DRYING.bench(skin, 4)).at(kindveil.light.Colour.grey(0), 0).lab().lightness();
        assertTrue(laid > drying + 10, laid + " " + drying);
        assertTrue(drying >= clear && drying < clear + 12, drying + " " + clear);
        assertTrue(!LookState.of(trace("gel-lay")).contains(LookState.LAID), "a bed is through before its paper goes");
        assertTrue(!LookState.LAID.planned(trace("film-release")), "what releases film is spirit, and clear");
    }

    /** The side that faces the eye: ink down its fibre whitens the lights alone, ink up the darks too. */
    @Test
    void skin_isSeenFromTheSideThatWasChosen() {
        Way way = Catalogue.way("free-skin");
        double down = lightness(Trace.of(way.expand(Samples.usual(way).with("side", "ink-down").with("sandwich", "no").with("passes", "1"))), LookState.DRIED, 1);
        double up = lightness(Trace.of(way.expand(Samples.usual(way).with("side", "ink-up").with("sandwich", "no").with("passes", "1"))), LookState.DRIED, 1);
        assertTrue(up > down + 10, "%s over %s".formatted(up, down));
    }

    private static double lightness(Trace trace, LookState state) {
        return lightness(trace, state, 0);
    }

    private static double lightness(Trace trace, LookState state, double toner) {
        return state.stack(state.bench(trace, 1)).at(kindveil.light.Colour.grey(0), toner).lab().lightness();
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
