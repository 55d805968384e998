package kindveil.way;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import kindveil.light.Fibre.Filling;
import kindveil.way.Layer.Image;
import kindveil.way.Layer.Residue;
import kindveil.way.Refusal.Kind;
import org.junit.jupiter.api.Test;

class BenchTest {
    private static final Step COAT = new Step.Apply(Face.SUPPORT_FRONT, Material.GLOSS_MEDIUM, 100, Tool.BRUSH);
    private static final Step LAY = new Step.Join(Face.PRINT_FRONT, Face.SUPPORT_FRONT);
    private static final Step WET = new Step.Wet(Face.PRINT_BACK, Tool.SPRAY_BOTTLE);
    private static final Step RUB = new Step.RubAway(Face.ThingKind.PRINT, Face.SUPPORT_FRONT, 1);
    private static final Step OIL = new Step.Infuse(Face.SUPPORT_FRONT, Material.MINERAL_OIL, Tool.SOFT_CLOTH);
    private static final Step CLEAR = new Step.Apply(Face.SUPPORT_FRONT, Material.GLOSS_MEDIUM, 60, Tool.BRUSH);
    private static final Step VARNISH = new Step.Apply(Face.SUPPORT_FRONT, Material.GLOSS_VARNISH, 80, Tool.BRUSH);

    private static Bench fresh(Brief brief) {
        return new GelLay().expand(brief, 100).bench();
    }

    private static Bench fresh() {
        return fresh(Briefs.sound());
    }

    private static Bench after(Bench bench, Object... stepsAndMinutes) {
        Bench now = bench;
        for (Object o : stepsAndMinutes) {
            now = o instanceof Step step ? now.take(step).bench() : now.at(now.now().plus(Duration.ofMinutes((Integer) o)));
        }
        return now;
    }

    private static Bench rubbed() {
        return after(fresh(), COAT, LAY, 240, WET, RUB);
    }

    private static Refusal only(Bench bench, Step step) {
        List<Refusal> refusals = bench.take(step).refusals();
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
        Refusal refusal = only(fresh(), new Step.Apply(Face.PRINT_BACK, Material.GLOSS_MEDIUM, 60, Tool.BRUSH));
        assertEquals(Kind.PAPER_SEALED_IN, refusal.kind());
        assertEquals("Gloss acrylic medium on the back of the print seals the paper in: no water will get to it again. "
                + "Wipe it off at once with a damp cloth; keep the back clean and dry.", refusal.words());
    }

    @Test
    void take_waterBorneCoatOverOil_isRefusedWithTheOrder() {
        Bench oiled = after(rubbed(), 20, OIL, 5000);
        Refusal refusal = only(oiled, VARNISH);
        assertEquals(Kind.WATER_OVER_OIL, refusal.kind());
        assertEquals("Gloss acrylic varnish over mineral oil does not hold: oil ends the water-borne sequence. "
                + "Lay water-borne coats before the oil, or leave the oil as the last coat.", refusal.words());
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
        assertEquals(List.of(), after(loaded, new Step.Unload(Face.PRINT_FRONT)).take(WET).refusals());
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
        assertTrue(refusal.remedy().contains("15 min"));
        assertEquals(List.of(), after(rubbed(), 15).take(CLEAR).refusals());
    }

    @Test
    void take_varnishBeforeCure_saysHowOldTheCoatIs() {
        Refusal refusal = only(after(rubbed(), 20, CLEAR, 24 * 60), VARNISH);
        assertEquals(Kind.NOT_CURED, refusal.kind());
        assertTrue(refusal.reason().contains("24 h old"), refusal.reason());
    }

    @Test
    void take_rubSealedFibre_isRefused() {
        Bench cleared = after(rubbed(), 20, CLEAR, 300, new Step.Wet(Face.SUPPORT_FRONT, Tool.SPRAY_BOTTLE));
        assertTrue(cleared.take(new Step.RubAway(Face.ThingKind.PRINT, Face.SUPPORT_FRONT, 2)).refusals().stream().anyMatch(r -> r.kind() == Kind.PAPER_SEALED_IN));
    }

    @Test
    void take_oilWithThePaperOn_isRefused() {
        assertTrue(after(fresh(), COAT, LAY, 300).take(OIL).refusals().stream().anyMatch(r -> r.kind() == Kind.PAPER_STILL_ON));
    }

    @Test
    void take_pressOrLoadOrUnloadOrLayTwice_isRefused() {
        assertEquals(Kind.NOT_JOINED, only(fresh(), new Step.Press(Face.PRINT_FRONT, Tool.FINGERS)).kind());
        assertEquals(Kind.NOT_JOINED, only(fresh(), new Step.Load(Face.PRINT_FRONT)).kind());
        assertEquals(Kind.NOTHING_LOADED, only(after(fresh(), COAT, LAY), new Step.Unload(Face.PRINT_FRONT)).kind());
        assertEquals(Kind.ALREADY_JOINED, only(after(fresh(), COAT, LAY), LAY).kind());
        assertEquals(Kind.NOT_THERE, only(rubbed(), new Step.Apply(Face.PRINT_FRONT, Material.GLOSS_MEDIUM, 50, Tool.BRUSH)).kind());
    }

    @Test
    void take_severalFaults_areAllFound() {
        Bench wrong = after(fresh(Briefs.sound().with(Ground.WATER_SOLUBLE)), COAT, LAY, new Step.Load(Face.PRINT_FRONT), 1);
        List<Kind> kinds = wrong.take(WET).refusals().stream().map(Refusal::kind).toList();
        assertEquals(List.of(Kind.STILL_LOADED, Kind.NOT_DRY, Kind.WATER_RUNS_GROUND), kinds);
    }

    @Test
    void rub_firstPass_partsThePaperAndTurnsTheHand() {
        Bench bench = rubbed();
        assertTrue(bench.thing(Face.ThingKind.PRINT).isEmpty());
        assertEquals(List.of(), bench.bonds());
        assertEquals(Hand.MIRRORED, bench.layers(Face.SUPPORT_FRONT, Image.class).getFirst().hand());
        assertEquals(12, bench.layers(Face.SUPPORT_FRONT, Residue.class).getFirst().gramsPerSquareMetre());
    }

    @Test
    void residue_wetThenLeft_turnsWhiteAgain() {
        assertEquals(Filling.WATER, residue(after(rubbed(), 14)).filling());
        assertEquals(Filling.AIR, residue(after(rubbed(), 15)).filling());
        assertEquals(Filling.ACRYLIC, residue(after(rubbed(), 15, CLEAR)).filling());
        assertEquals(Filling.OIL, residue(after(rubbed(), 15, OIL)).filling());
    }

    private static Residue residue(Bench bench) {
        return bench.layers(Face.SUPPORT_FRONT, Residue.class).getFirst();
    }

    @Test
    void load_slowsDrying() {
        Bench free = after(fresh(), COAT, LAY, 40);
        Bench loaded = after(fresh(), COAT, LAY, new Step.Load(Face.PRINT_FRONT), 40);
        assertTrue(loaded.wettest(Face.SUPPORT_FRONT).orElseThrow().wetness().waterShare(loaded.now())
                > free.wettest(Face.SUPPORT_FRONT).orElseThrow().wetness().waterShare(free.now()));
    }

    /** The numbered list of what a valid bench is: 1, 2, 3 and 5 are refused at once; 4 holds by type. */
    @Test
    void bench_invalid_cannotBeMade() {
        Bench bench = fresh();
        Thing support = bench.thing(Face.ThingKind.SUPPORT).orElseThrow();
        Bond bond = new Bond(Face.PRINT_FRONT, Face.SUPPORT_FRONT, false);
        assertThrows(IllegalStateException.class, () -> bench.with(List.of(support, support), List.of()));
        assertThrows(IllegalStateException.class, () -> bench.with(List.of(support), List.of(bond)));
        assertThrows(IllegalStateException.class, () -> bench.with(bench.things(), List.of(new Bond(Face.PRINT_FRONT, Face.PRINT_BACK, false))));
        assertThrows(IllegalStateException.class, () -> bench.with(bench.things(), List.of(bond, bond)));
        assertThrows(IllegalStateException.class, () -> after(bench, 5).at(Duration.ofMinutes(4)));
    }

    @Test
    void take_randomSteps_neverLeaveAnImpossibleBench() {
        List<Step> steps = List.of(COAT, LAY, WET, RUB, OIL, CLEAR, VARNISH, new Step.Load(Face.PRINT_FRONT), new Step.Unload(Face.PRINT_FRONT),
                new Step.Wet(Face.SUPPORT_FRONT, Tool.SPRAY_BOTTLE), new Step.RubAway(Face.ThingKind.PRINT, Face.SUPPORT_FRONT, 2),
                new Step.Abrade(Face.PRINT_BACK, Tool.FINE_PAPER), new Step.Apply(Face.PRINT_FRONT, Material.MATTE_GEL, 80, Tool.BRUSH));
        Random random = new Random(1);
        for (int run = 0; run < 60; run++) {
            Bench bench = fresh();
            List<Step> taken = new ArrayList<>();
            for (int i = 0; i < 15; i++) {
                Step step = steps.get(random.nextInt(steps.size()));
                taken.add(step);
                bench = bench.at(bench.now().plusMinutes(random.nextInt(60))).take(step).bench();
                assertTrue(bench.layers(Face.SUPPORT_FRONT, Image.class).size() + bench.layers(Face.PRINT_FRONT, Image.class).size() == 1, taken::toString);
            }
        }
    }

    @Test
    void plan_invalid_cannotBeMade() {
        Act act = Act.of("a", COAT, "Coat", "", 1);
        Bench bench = fresh();
        assertThrows(IllegalArgumentException.class, () -> new Plan(bench, List.of(), List.of()));
        assertThrows(IllegalArgumentException.class, () -> new Plan(bench, List.of(act, act), List.of()));
        assertThrows(IllegalArgumentException.class, () -> new Plan(bench, List.of(act),
                List.of(new Window.Soak("a", "a", Duration.ZERO, null, "", kindveil.measure.Provenance.PRACTICE))));
        assertThrows(IllegalArgumentException.class, () -> new Plan(bench,
                List.of(act.answered(Answer.goOn("ok", ""), Answer.skipTo("nowhere", "skip", ""))), List.of()));
        assertThrows(IllegalArgumentException.class, () -> act.answered(Answer.rescue("no", "")));
    }

    /** All four kinds of window, by what each says of too soon and too late. */
    @Test
    void times_fourKinds_areNotOneField() {
        Bench bench = after(fresh(), COAT);
        kindveil.measure.Provenance practice = kindveil.measure.Provenance.PRACTICE;
        Times open = Times.of(new Window.Open("a", "b", Face.SUPPORT_FRONT, Duration.ofMinutes(6), "", practice), bench);
        assertEquals(Duration.ZERO, open.earliest());
        assertTrue(open.closing().compareTo(open.latest()) < 0 && open.latest().compareTo(Duration.ofMinutes(6)) <= 0);
        Times dwell = Times.of(new Window.Dwell("a", "b", Duration.ofSeconds(110), Duration.ofSeconds(150), "", practice), bench);
        assertEquals(Duration.ofSeconds(110), dwell.earliest());
        assertEquals(Duration.ofSeconds(150), dwell.latest());
        Times dry = Times.of(new Window.Dry("a", "b", Face.SUPPORT_FRONT, kindveil.drying.Stage.RECOAT, Duration.ofMinutes(1), Duration.ofMinutes(1), "", practice), bench);
        assertTrue(dry.latest() == null && dry.earliest().equals(dry.spread().half()) && dry.advised().equals(dry.spread().nineTenths()));
        Times soak = Times.of(new Window.Soak("a", "b", Duration.ofMinutes(2), Duration.ofMinutes(4), "", practice), bench);
        assertEquals(Duration.ofMinutes(4), soak.latest());
    }
}
