package kindveil.drying;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The check values of "will it hold", at 21 °C and 50 %, before anything is learned. */
class HoldsTest {
    private static final Overlay PRINT = Overlay.dry(15, 0);
    private static final Cover WEIGHT = Cover.weight(false);
    private static final Map<String, Bed> BEDS = Map.of(
            "weight 100", bed(100, 0.6, Underlay.panel(20)).loaded(WEIGHT), "weight 150", bed(150, 0.6, Underlay.panel(20)).loaded(WEIGHT), "open 150", bed(150, 0.6, Underlay.panel(20)),
            "inkjet 150", bed(150, 0.6, Underlay.paper(60)), "deep 1600", bed(1600, 0.6, Underlay.paper(150)), "deep 3200", bed(3200, 0.6, Underlay.paper(150)),
            "two wet faces", bed(280, 0.6, Underlay.panel(5)).loaded(WEIGHT));

    private static Bed bed(double micrometres, double water, Underlay underlay) {
        return Bed.open(new Coat(micrometres, water), underlay).under(PRINT);
    }

    private static double holds(String bed, double hours) {
        return Drying.fresh(BEDS.get(bed), RoomCourse.of(Room.of(21, 50)), Duration.ZERO).holds(Duration.ofMinutes(Math.round(60 * hours)), Belief.UNLEARNED);
    }

    @ParameterizedTest
    @CsvSource({"weight 100, 1, 0.44", "weight 100, 2, 0.92", "weight 100, 3, 0.99", "weight 150, 1, 0", "weight 150, 3, 0.64", "weight 150, 8, 1", "open 150, 1, 0.88", "inkjet 150, 1, 1.0",
        "deep 1600, 24, 0.99", "deep 3200, 24, 0.19", "deep 3200, 48, 0.83", "two wet faces, 8, 0.56", "two wet faces, 12, 0.92"})
    void chance_isThatOfTheTable(String bed, double hours, double chance) {
        assertEquals(chance, holds(bed, hours), 0.05);
    }

    /** Between nought and one, and never less for waiting. */
    @Test
    void chance_neverFalls_forWaiting() {
        for (String bed : BEDS.keySet()) {
            double last = 0;
            for (double hours = 0; hours <= 72; hours += 0.5) {
                double now = holds(bed, hours);
                assertTrue(now >= last - 1e-9 && now <= 1, bed + " after " + hours);
                last = now;
            }
        }
    }
}
