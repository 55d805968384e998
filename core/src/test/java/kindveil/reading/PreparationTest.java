package kindveil.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import kindveil.bench.Support;
import kindveil.catalogue.Catalogue;
import kindveil.drying.Room;
import kindveil.measure.Length;
import kindveil.way.ActId;
import kindveil.way.Brief;
import kindveil.way.Trace;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;

/** Preparation is work too: measured out, waited for, and of no effect on what lies on the other side. */
class PreparationTest {
    private static final Length WIDE = Length.ofMillimetres(120);
    private static final Length TALL = Length.ofMillimetres(160);

    private static Brief brief(String way, Support support) {
        return Brief.usual(Catalogue.way(way), WIDE, TALL, Room.of(21, 50)).with(support);
    }

    /** Back and edges of wood sealed now: so many ml, a wait, and the bed on the front dries as it did. */
    @Test
    void woodSealedNow_isMeasuredOutAndWaitedFor_andTheFrontDriesAsBefore() {
        for (Way way : Catalogue.ways().stream().filter(way -> way.card().supports().keySet().stream().anyMatch(support -> support.is(Support.Trait.WOOD))).toList()) {
            Support wood = way.card().supports().keySet().stream().filter(support -> support.is(Support.Trait.WOOD)).findFirst().orElseThrow();
            Trace before = Trace.of(way.expand(brief(way.key(), wood)));
            Trace now = Trace.of(way.expand(brief(way.key(), wood).with("wood-back", "now")));
            if (now.moments().stream().noneMatch(moment -> moment.act().id().key().equals("seal-back"))) {
                assertEquals(TimeReading.of(before).elapsed(), TimeReading.of(now).elapsed(), way.key() + " prepares no support");
                continue;
            }
            double face = WIDE.plus(kindveil.bench.Extent.PAST).millimetres() * TALL.plus(kindveil.bench.Extent.PAST).millimetres();
            double edges = 2 * (120 + 160) * 18;
            assertEquals((face + edges) / 1e6 * 60 * 1.15, AmountReading.of(now, WIDE, TALL).forAct(ActId.first("seal-back")).orElseThrow().volume().millilitres(), 0.01, way.key());
            assertTrue(now.moments().stream().allMatch(moment -> moment.refusals().isEmpty()) || !before.refusals().isEmpty(), way.key());
            assertTrue(TimeReading.of(now).handsOn().compareTo(TimeReading.of(before).handsOn()) > 0, way.key());
            assertEquals(waits(before), waits(now), way.key() + ": the other side dries as it did");
        }
    }

    /** What is advised for what must be dry before it is rubbed. */
    private static List<String> waits(Trace trace) {
        return trace.moments().stream().flatMap(moment -> moment.waits().stream()).filter(wait -> wait.window().to().key().startsWith("pass-1"))
                .map(wait -> wait.window().from() + " " + wait.window().to() + " " + wait.times().advised().toMinutes()).toList();
    }

    /** Shellac goes on every face of a block: both, and its edges. */
    @Test
    void shellac_isMeasuredForEveryFaceOfABlock() {
        Way block = Catalogue.way("block-overprint");
        Trace trace = Trace.of(block.expand(Brief.usual(block, WIDE, TALL, Room.of(21, 50))));
        double face = WIDE.plus(kindveil.bench.Extent.PAST).millimetres() * TALL.plus(kindveil.bench.Extent.PAST).millimetres();
        assertEquals((2 * face + 2 * 280 * 18) / 1e6 * 60 * 1.15, AmountReading.of(trace, WIDE, TALL).forAct(ActId.first("shellac-1")).orElseThrow().volume().millilitres(), 0.01);
    }

    /** Holes closed first: a coat measured out and dried through before the solution. */
    @Test
    void meshClosedFirst_isACoatDriedThrough() {
        Trace closed = Trace.of(Catalogue.way("film-release").expand(brief("film-release", Support.MESH).with("holes", "closed")));
        assertTrue(AmountReading.of(closed, WIDE, TALL).forAct(ActId.first("close-holes")).orElseThrow().volume().millilitres() > 2);
        assertTrue(closed.moments().stream().allMatch(moment -> moment.refusals().isEmpty()), closed.refusals().toString());
        assertTrue(closed.plan().windows().stream().anyMatch(window -> window.from().key().equals("close-holes") && window.to().key().equals("bed")));
    }
}
