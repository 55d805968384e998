package kindveil.way;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import kindveil.bench.Bench;
import kindveil.bench.Face;
import kindveil.product.Products;
import kindveil.bench.Step;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import org.junit.jupiter.api.Test;

class PlanTest {
    private static final Step COAT = Step.coat(Face.SUPPORT_FRONT, Products.GLOSS_MEDIUM, 100, Tool.BRUSH);

    private static final ActId A = ActId.first("a");
    private static final ActId B = ActId.first("b");

    private static Bench fresh() {
        Brief brief = Briefs.sound();
        return Bench.with(brief.support(), brief.ground(), brief.room());
    }

    @Test
    void plan_invalid_cannotBeMade() {
        Act act = Act.of(ActId.first("a"), COAT, "Coat", "", 1);
        Bench bench = fresh();
        assertThrows(IllegalArgumentException.class, () -> new Plan(bench, List.of(), List.of()));
        assertThrows(IllegalArgumentException.class, () -> new Plan(bench, List.of(act, act), List.of()));
        assertThrows(IllegalArgumentException.class, () -> new Plan(bench, List.of(act),
                List.of(new Window.Soak(A, A, Duration.ZERO, null, "", kindveil.measure.Provenance.PRACTICE))));
        assertThrows(IllegalArgumentException.class, () -> new Plan(bench,
                List.of(act.answered(Answer.goOn("ok", ""), Answer.skipTo(ActId.first("nowhere"), "skip", ""))), List.of()));
        assertThrows(IllegalArgumentException.class, () -> act.answered(Answer.rescue("no", "")));
    }

    /** All four kinds of window, by what each says of too soon and too late. */
    @Test
    void times_fourKinds_areNotOneField() {
        Bench bench = fresh().after(COAT);
        kindveil.measure.Provenance practice = kindveil.measure.Provenance.PRACTICE;
        Times open = Times.of(new Window.Open(A, B, Face.SUPPORT_FRONT, Stage.OPEN, Duration.ofMinutes(6), "", practice), bench);
        assertEquals(Duration.ZERO, open.earliest());
        assertTrue(open.closing().compareTo(open.latest()) < 0 && open.latest().compareTo(Duration.ofMinutes(6)) <= 0);
        Times dwell = Times.of(new Window.Dwell(A, B, Duration.ofSeconds(110), Duration.ofSeconds(150), "", practice), bench);
        assertEquals(Duration.ofSeconds(110), dwell.earliest());
        assertEquals(Duration.ofSeconds(150), dwell.latest());
        Times dry = Times.of(new Window.Dry(A, B, new Window.Dries.Coats(Face.SUPPORT_FRONT, Stage.RECOAT), Duration.ofMinutes(1), Duration.ofMinutes(1), "", practice), bench);
        assertTrue(dry.latest() == null && dry.earliest().equals(dry.spread().half()) && dry.advised().equals(dry.spread().nineTenths()));
        Times soak = Times.of(new Window.Soak(A, B, Duration.ofMinutes(2), Duration.ofMinutes(4), "", practice), bench);
        assertEquals(Duration.ofMinutes(4), soak.latest());
    }
}
