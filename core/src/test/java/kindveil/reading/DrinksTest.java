package kindveil.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.Map;
import kindveil.bench.Ground;
import kindveil.bench.Support;
import kindveil.catalogue.Catalogue;
import kindveil.drying.Room;
import kindveil.measure.Length;
import kindveil.way.ActId;
import kindveil.way.Brief;
import kindveil.way.Trace;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What the support drinks is measured out too: area × (film + uptake) × waste. */
class DrinksTest {
    private static final double PAST = 10;

    private static Brief film(Support support, Ground ground) {
        return Brief.usual(Catalogue.way("film-release"), Length.ofMillimetres(100), Length.ofMillimetres(150), Room.of(21, 50)).with(support).with(ground);
    }

    private static double solution(Support support, Ground ground) {
        Trace trace = Trace.of(Catalogue.way("film-release").expand(film(support, ground)));
        return AmountReading.of(trace, Length.ofMillimetres(100), Length.ofMillimetres(150)).forAct(ActId.first("bed")).orElseThrow().volume().millilitres();
    }

    @ParameterizedTest
    @MethodSource("kindveil.bench.Support#values")
    void releaseSolution_onARawSupport_isTheFilmAndWhatItDrinks(Support support) {
        double beyond = (100 + 2 * PAST) * (150 + 2 * PAST) / 1e6;
        assertEquals(beyond * (70 + support.drinks(Ground.RAW)) * 1.15, solution(support, Ground.RAW), 1e-9, support.words());
        assertTrue(solution(support, Ground.GESSO) <= solution(support, Ground.RAW));
        assertEquals(0, support.drinks(Ground.GESSO), "a ground that seals leaves nothing to drink");
    }

    /** Cotton and mesh 60 to 120 g/m², leather 40, paper 10 to 20, metal nothing; a hard-sized paper hardly any. */
    @Test
    void supports_drinkWhatPracticeSays() {
        Map<Support, double[]> ranges = new HashMap<>();
        ranges.put(Support.FABRIC, new double[] {60, 120});
        ranges.put(Support.MESH, new double[] {60, 120});
        ranges.put(Support.LEATHER, new double[] {40, 40});
        ranges.put(Support.WATERCOLOUR_PAPER, new double[] {10, 20});
        ranges.put(Support.DRAWING_PAPER, new double[] {10, 20});
        ranges.put(Support.JOURNAL_PAGE, new double[] {10, 20});
        ranges.put(Support.PRINTMAKING_PAPER, new double[] {0, 10});
        ranges.put(Support.METAL, new double[] {0, 0});
        ranges.forEach((support, range) -> assertTrue(support.drinks(Ground.RAW) >= range[0] && support.drinks(Ground.RAW) <= range[1], support.words()));
    }

    /** The second coat finds the first: only that one is drunk of. */
    @Test
    void secondCoat_isNotDrunk() {
        Brief brief = Brief.usual(Catalogue.way("oiled-panel"), Length.ofMillimetres(100), Length.ofMillimetres(150), Room.of(21, 50)).with(Ground.RAW);
        AmountReading amounts = AmountReading.of(Trace.of(Catalogue.way("oiled-panel").expand(brief)), brief.width(), brief.height());
        double first = amounts.forAct(ActId.first("undercoat-1")).orElseThrow().volume().millilitres();
        double second = amounts.forAct(ActId.first("undercoat-2")).orElseThrow().volume().millilitres();
        assertEquals((65 + Support.BIRCH_PANEL.drinks(Ground.RAW)) / 65, first / second, 1e-9);
    }
}
