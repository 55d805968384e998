package kindveil.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import kindveil.bench.Layer.Image;
import kindveil.bench.Layer.Residue;
import kindveil.bench.Refusal.Kind;
import kindveil.catalogue.Catalogue;
import kindveil.light.Fibre.Filling;
import kindveil.product.Products;
import kindveil.way.Brief;
import kindveil.way.Briefs;
import org.junit.jupiter.api.Test;

class BenchTest {
    private static final Step COAT = Step.coat(Face.SUPPORT_FRONT, Products.GLOSS_MEDIUM, 100, Tool.BRUSH);
    private static final Step LAY = new Step.Join(Face.PRINT_FRONT, Face.SUPPORT_FRONT, false);
    private static final Step WET = new Step.Wet(Face.PRINT_BACK, Tool.SPRAY_BOTTLE, Step.Bath.SURFACE);
    private static final Step RUB = new Step.RubAway(ThingKind.PRINT, Face.SUPPORT_FRONT, 1, 0);
    private static final Step OIL = new Step.Infuse(Face.SUPPORT_FRONT, Products.MINERAL_OIL, Tool.SOFT_CLOTH);
    private static final Step CLEAR = Step.coat(Face.SUPPORT_FRONT, Products.GLOSS_MEDIUM, 60, Tool.BRUSH);
    private static final Step VARNISH = Step.coat(Face.SUPPORT_FRONT, Products.GLOSS_VARNISH, 80, Tool.BRUSH);

    private static Bench fresh(Brief brief) {
        return Bench.with(brief.support(), brief.ground(), brief.room()).after(Catalogue.way("gel-lay").expand(brief).acts().getFirst().step());
    }

    private static Bench fresh() {
        return fresh(Briefs.sound());
    }

    private static Bench after(Bench bench, Object... stepsAndMinutes) {
        Bench now = bench;
        for (Object o : stepsAndMinutes) {
            now = o instanceof Step step ? now.after(step) : now.at(now.now().plus(Duration.ofMinutes((Integer) o)));
        }
        return now;
    }

    private static Bench rubbed() {
        return after(fresh(), COAT, LAY, 240, WET, RUB);
    }

    private static Refusal only(Bench bench, Step step) {
        List<Refusal> refusals = bench.refusals(step);
        assertEquals(1, refusals.size(), () -> refusals.toString());
        return refusals.getFirst();
    }

    @Test
    void take_rubBeforeTheBedIsThrough_saysHowFarAndHowLong() {
        Refusal refusal = only(after(fresh(), COAT, LAY, 5, WET), RUB);
        assertEquals(Kind.NOT_DRY, refusal.kind());
        assertTrue(refusal.reason().matches("The bed under the print is \\d+ % of the way to through; rubbing now lifts the image\\."), refusal.reason());
        assertTrue(refusal.remedy().matches("Wait about \\d+ min more\\."), refusal.remedy());
    }

    @Test
    void take_waterBeforeTheBedIsThrough_isRefusedToo() {
        assertTrue(only(after(fresh(), COAT, LAY, 5), WET).reason().endsWith("water now lifts the image."));
    }

    @Test
    void take_mediumOnTheBackOfThePrint_sealsThePaperIn() {
        Refusal refusal = only(fresh(), Step.coat(Face.PRINT_BACK, Products.GLOSS_MEDIUM, 60, Tool.BRUSH));
        assertEquals(Kind.PAPER_SEALED_IN, refusal.kind());
        assertEquals("Gloss acrylic medium on the back of the print seals the paper in: no water will get to it again. "
                + "Wipe it off at once with a damp cloth; keep the back clean and dry.", refusal.words());
    }

    @Test
    void take_waterBorneCoatOverOil_isRefusedWithTheOrder() {
        Bench oiled = after(rubbed(), 20, OIL, 5000);
        Refusal refusal = only(oiled, VARNISH);
        assertEquals(Kind.NOT_OVER, refusal.kind());
        assertEquals("Gloss acrylic varnish over mineral oil does not hold: oil ends the water-borne sequence. "
                + "Whatever holds by water or by sticking comes before the oil; leave the oil as the last coat.", refusal.words());
    }

    @Test
    void take_printOnNoBed_isRefused() {
        assertEquals(Kind.NO_WET_BED, only(fresh(), LAY).kind());
    }

    @Test
    void take_printOnAClosedBed_saysHowMuchWaterIsGone() {
        Refusal refusal = only(after(fresh(), COAT, 20), LAY);
        assertEquals(Kind.BED_CLOSED, refusal.kind());
        assertTrue(refusal.reason().matches("The bed has lost \\d+ % of its water.*"), refusal.reason());
    }

    @Test
    void take_rubDryPaper_isRefused() {
        assertEquals(Kind.DRY_PAPER, only(after(fresh(), COAT, LAY, 240), RUB).kind());
    }

    @Test
    void take_rubUnderTheWeight_isRefused() {
        Bench loaded = after(fresh(), COAT, LAY, new Step.Load(Face.PRINT_FRONT), 3000);
        assertEquals(Kind.STILL_LOADED, only(loaded, WET).kind());
        assertEquals(List.of(), after(loaded, new Step.Unload(Face.PRINT_FRONT)).refusals(WET));
    }

    @Test
    void take_dyeInk_bleedsFromTheBed() {
        Refusal refusal = only(after(fresh(Briefs.sound().with(PrintKind.DYE_INKJET)), COAT), LAY);
        assertEquals(Kind.WATER_RUNS_INK, refusal.kind());
        assertTrue(refusal.words().startsWith("Inkjet, dye ink on plain paper dissolves in water and bleeds from a wet bed. Take a laser"), refusal.words());
    }

    @Test
    void take_waterOverSolubleGround_saysSealItFirst() {
        Refusal refusal = only(after(fresh(Briefs.sound().with(Ground.WATER_SOLUBLE)), COAT, LAY, 300), WET);
        assertEquals(Kind.WATER_RUNS_GROUND, refusal.kind());
        assertTrue(refusal.remedy().startsWith("Seal it with a coat of clear medium"));
    }

    @Test
    void take_coatOverDampFibre_isRefused() {
        Refusal refusal = only(rubbed(), CLEAR);
        assertEquals(Kind.STILL_WET, refusal.kind());
        assertTrue(refusal.remedy().contains("16 min"));
        assertEquals(List.of(), after(rubbed(), 17).refusals(CLEAR));
    }

    @Test
    void take_varnishBeforeCure_saysHowOldTheCoatIs() {
        Refusal refusal = only(after(rubbed(), 20, CLEAR, 24 * 60), VARNISH);
        assertEquals(Kind.NOT_CURED, refusal.kind());
        assertTrue(refusal.reason().contains("laid 100 µm thick 28 h 20 ago, has not cured"), refusal.reason());
    }

    @Test
    void take_rubSealedFibre_isRefused() {
        Bench cleared = after(rubbed(), 20, CLEAR, 300, new Step.Wet(Face.SUPPORT_FRONT, Tool.SPRAY_BOTTLE, Step.Bath.SURFACE));
        assertTrue(cleared.refusals(new Step.RubAway(ThingKind.PRINT, Face.SUPPORT_FRONT, 2, 0)).stream().anyMatch(r -> r.kind() == Kind.PAPER_SEALED_IN));
    }

    @Test
    void take_oilWithThePaperOn_isRefused() {
        assertTrue(after(fresh(), COAT, LAY, 300).refusals(OIL).stream().anyMatch(r -> r.kind() == Kind.PAPER_STILL_ON));
    }

    @Test
    void take_pressOrLoadOrUnloadOrLayTwice_isRefused() {
        assertEquals(Kind.NOT_JOINED, only(fresh(), new Step.Press(Face.PRINT_FRONT, Tool.FINGERS)).kind());
        assertEquals(Kind.NOT_JOINED, only(fresh(), new Step.Load(Face.PRINT_FRONT)).kind());
        assertEquals(Kind.NOTHING_LOADED, only(after(fresh(), COAT, LAY), new Step.Unload(Face.PRINT_FRONT)).kind());
        assertEquals(Kind.ALREADY_JOINED, only(after(fresh(), COAT, LAY), LAY).kind());
        assertEquals(Kind.NOT_THERE, only(rubbed(), Step.coat(Face.PRINT_FRONT, Products.GLOSS_MEDIUM, 50, Tool.BRUSH)).kind());
    }

    @Test
    void take_severalFaults_areAllFound() {
        Bench wrong = after(fresh(Briefs.sound().with(Ground.WATER_SOLUBLE)), COAT, LAY, new Step.Load(Face.PRINT_FRONT), 1);
        List<Kind> kinds = wrong.refusals(WET).stream().map(Refusal::kind).toList();
        assertEquals(List.of(Kind.STILL_LOADED, Kind.NOT_DRY, Kind.WATER_RUNS_GROUND), kinds);
    }

    @Test
    void rub_firstPass_partsThePaperAndTurnsTheHand() {
        Bench bench = rubbed();
        assertTrue(bench.thing(ThingKind.PRINT).isEmpty());
        assertEquals(List.of(), bench.bonds());
        assertEquals(Hand.MIRRORED, bench.layers(Face.SUPPORT_FRONT, Image.class).getFirst().hand());
        assertEquals(12, bench.layers(Face.SUPPORT_FRONT, Residue.class).getFirst().gramsPerSquareMetre());
    }

    @Test
    void residue_wetThenLeft_turnsWhiteAgain() {
        assertEquals(Filling.WATER, residue(after(rubbed(), 14)).filling());
        assertEquals(Filling.AIR, residue(after(rubbed(), 17)).filling());
        assertEquals(Filling.ACRYLIC, residue(after(rubbed(), 17, CLEAR)).filling());
        assertEquals(Filling.OIL, residue(after(rubbed(), 17, OIL)).filling());
    }

    private static Residue residue(Bench bench) {
        return bench.layers(Face.SUPPORT_FRONT, Residue.class).getFirst();
    }

    @Test
    void load_slowsDrying() {
        Bench free = after(fresh(), COAT, LAY, 40);
        Bench loaded = after(fresh(), COAT, LAY, new Step.Load(Face.PRINT_FRONT), 40);
        assertTrue(loaded.wettest(Face.SUPPORT_FRONT).orElseThrow().waterShare(loaded.now())
                > free.wettest(Face.SUPPORT_FRONT).orElseThrow().waterShare(free.now()));
    }

    /** The numbered list of what a valid bench is: 1, 2, 3 and 5 are refused at once; 4 holds by type. */
    @Test
    void bench_invalid_cannotBeMade() {
        Bench bench = fresh();
        Thing support = bench.thing(ThingKind.SUPPORT).orElseThrow();
        Bond bond = new Bond(Face.PRINT_FRONT, Face.SUPPORT_FRONT, false, Duration.ZERO);
        assertThrows(IllegalStateException.class, () -> bench.with(List.of(support, support), List.of()));
        assertThrows(IllegalStateException.class, () -> bench.with(List.of(support), List.of(bond)));
        assertThrows(IllegalStateException.class, () -> bench.with(bench.things(), List.of(new Bond(Face.PRINT_FRONT, Face.PRINT_BACK, false, Duration.ZERO))));
        assertThrows(IllegalStateException.class, () -> bench.with(bench.things(), List.of(bond, bond)));
        assertThrows(IllegalStateException.class, () -> after(bench, 5).at(Duration.ofMinutes(4)));
    }

    @Test
    void take_randomSteps_neverLeaveAnImpossibleBench() {
        List<Step> steps = List.of(COAT, LAY, WET, RUB, OIL, CLEAR, VARNISH, new Step.Load(Face.PRINT_FRONT), new Step.Unload(Face.PRINT_FRONT),
                new Step.Wet(Face.SUPPORT_FRONT, Tool.SPRAY_BOTTLE, Step.Bath.SURFACE), new Step.RubAway(ThingKind.PRINT, Face.SUPPORT_FRONT, 2, 0),
                new Step.Abrade(Face.PRINT_BACK, Tool.FINE_PAPER), Step.coat(Face.PRINT_FRONT, Products.MATTE_GEL, 80, Tool.BRUSH));
        Random random = new Random(1);
        for (int run = 0; run < 60; run++) {
            Bench bench = fresh();
            List<Step> taken = new ArrayList<>();
            for (int i = 0; i < 15; i++) {
                Step step = steps.get(random.nextInt(steps.size()));
                taken.add(step);
                bench = bench.at(bench.now().plusMinutes(random.nextInt(60))).after(step);
                assertTrue(bench.layers(Face.SUPPORT_FRONT, Image.class).size() + bench.layers(Face.PRINT_FRONT, Image.class).size() == 1, taken::toString);
            }
        }
    }
}
