package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import kindveil.bench.Face;
import kindveil.bench.Hand;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.bench.Support;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.drying.Room;
import kindveil.making.Deed;
import kindveil.making.Making;
import kindveil.measure.Length;
import kindveil.product.Cleaning;
import kindveil.product.Family;
import kindveil.product.Hazard;
import kindveil.product.Law;
import kindveil.product.Optics;
import kindveil.product.Product;
import kindveil.product.Release;
import kindveil.product.Trait;
import kindveil.reading.CautionReading;
import kindveil.reading.HandReading;
import kindveil.reading.StackReading;
import kindveil.way.Brief;
import kindveil.way.Dial;
import kindveil.way.Script;
import kindveil.way.Sequence;
import kindveil.way.Trace;
import kindveil.way.Way;
import kindveil.way.WayCard;
import org.junit.jupiter.api.Test;

/**
 * A way that is not among those offered: a toner copy laid face down on bare paper, its back wetted with a solvent that lets toner
 * go, rubbed with a spoon and lifted. No rule knows it; products and steps are all it is made of.
 */
class SolventRubTest {
    private static final Product THINNER = new Product("orange-thinner", "orange thinner", Family.SOLUTION, Set.of(), new Law.LosesSolvent(Duration.ofMinutes(2), Duration.ofMinutes(15)),
            new Optics(true, new Optics.Body.Clear(), 20), null, Set.of(Hazard.FLAMMABLE, Hazard.SOLVENT_SKIN), new Cleaning("soap and water", null), List.of(),
            new Release(Set.of(Release.Lets.TONER), Duration.ofSeconds(40), Duration.ofSeconds(120), false));
    private static final Way RUB = new Way() {
        private final WayCard card = WayCard.transfer("solvent-rub", "Solvent rub").does("A toner copy face down, wetted from behind with a solvent and rubbed over.")
                .print(PrintKind.PHOTOCOPY).picture().on(Support.PRINTMAKING_PAPER, Support.WATERCOLOUR_PAPER).alsoCalled("solvent").build();

        @Override
        public WayCard card() {
            return card;
        }

        @Override
        public List<Dial> ownDials(Brief brief) {
            return List.of();
        }

        @Override
        public void write(Script script) {
            script.support();
            script.print();
            script.act("wet", Step.coat(Face.PRINT_BACK, THINNER, 20, Tool.SOFT_CLOTH), "Wet the back", "Damp, not running.", 0.3);
            script.act("lay", new Step.Join(Face.PRINT_FRONT, Face.SUPPORT_FRONT, false), "Lay it face down", "Held so that it cannot slip.", 0.3);
            script.act("rub", new Step.Press(Face.PRINT_FRONT, Tool.SPOON), "Rub it over", "Hard, all over.", 0.7);
            script.act("lift", new Step.Part(ThingKind.PRINT, Face.SUPPORT_FRONT, Step.Split.PEEL), "Lift a corner, then all", "While it is wet.", 0.3);
            script.act("look", new Step.Judge(Face.SUPPORT_FRONT), "Look at it", "In side light.", 1);
        }
    };

    private static Trace trace(PrintKind print) {
        return Trace.of(Sequence.of(RUB, RUB.checked(Brief.usual(RUB, Length.ofMillimetres(90), Length.ofMillimetres(120), Room.of(21, 50)).with(print))).expand());
    }

    @Test
    void isLedThrough_actByAct_withoutARefusal() {
        Trace trace = trace(PrintKind.PHOTOCOPY);
        assertEquals(List.of(), trace.refusals());
        Instant begun = Instant.parse("2026-03-05T19:00:00Z");
        List<Deed> deeds = new ArrayList<>();
        trace.moments().forEach(m -> deeds.add(new Deed(m.act().id(), 0, begun.plus(m.end()), false)));
        assertTrue(Making.of(trace.plan(), begun, deeds).finished());
    }

    @Test
    void isLookedAtSensibly_tonerOnBarePaper_mirrored() {
        Trace trace = trace(PrintKind.PHOTOCOPY);
        List<String> names = StackReading.of(trace.end()).layers().stream().map(layer -> layer.name().toLowerCase(java.util.Locale.ROOT)).toList();
        assertTrue(names.contains("toner") && names.stream().noneMatch(name -> name.contains("fibre")), names.toString());
        assertEquals(Hand.MIRRORED, HandReading.of(trace).orElseThrow().finished());
    }

    @Test
    void isRefusedWherePrintsDoNotLetGo_andWhenItHasDriedOff() {
        assertTrue(!trace(PrintKind.DYE_INKJET).refusals().isEmpty(), "dye on plain paper does not let go into it");
        Trace trace = trace(PrintKind.PHOTOCOPY);
        Instant begun = Instant.parse("2026-03-05T19:00:00Z");
        List<Deed> deeds = new ArrayList<>();
        trace.moments().stream().takeWhile(m -> !m.act().id().key().equals("lay")).forEach(m -> deeds.add(new Deed(m.act().id(), 0, begun.plus(m.end()), false)));
        Making late = Making.of(trace.plan(), begun, deeds);
        assertEquals(List.of(), late.refusals(late.lastDeed().plusSeconds(30)));
        assertTrue(!late.refusals(late.lastDeed().plus(Duration.ofMinutes(20))).isEmpty(), "the solvent is gone after twenty minutes");
    }

    @Test
    void cautionsStandAtTheStep() {
        Trace trace = trace(PrintKind.PHOTOCOPY);
        Step wet = trace.moments().stream().filter(m -> m.act().id().key().equals("wet")).findFirst().orElseThrow().act().step();
        assertTrue(CautionReading.of(wet).containsAll(Set.of(Hazard.FLAMMABLE, Hazard.SOLVENT_SKIN)), CautionReading.of(wet).toString());
        assertTrue(!trace.end().layers(Face.SUPPORT_FRONT).isEmpty() && THINNER.traits().stream().noneMatch(Trait.WATER_BORNE::equals));
    }
}
