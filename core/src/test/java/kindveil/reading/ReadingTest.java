package kindveil.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import kindveil.light.Colour;
import kindveil.reading.StackReading.Kind;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.way.ActId;
import kindveil.way.Brief;
import kindveil.way.Briefs;
import kindveil.catalogue.Catalogue;
import kindveil.bench.Ground;
import kindveil.bench.Hand;
import kindveil.product.Products;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.way.Trace;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ReadingTest {
    private static final Colour MID_BLUE = Colour.parse("ground", "#5b7fa6");
    private final Way way = Catalogue.way("gel-lay");

    private Trace trace(Brief brief) {
        return Trace.of(way.expand(brief));
    }

    @ParameterizedTest
    @ValueSource(strings = {"even-coat", "damp", "deep-bed", "double-coat"})
    void hand_directLay_isOneContactAndMirrored(String school) {
        HandReading hand = HandReading.of(trace(Briefs.sound().with("school", school))).orElseThrow();
        assertEquals(1, hand.turns());
        assertEquals(Hand.MIRRORED, hand.finished());
        assertEquals(Hand.MIRRORED, hand.printFor(Hand.READS_RIGHT));
        assertEquals(Hand.READS_RIGHT, hand.printFor(Hand.MIRRORED));
    }

    @Test
    void hand_mirroredPrint_endsReadingRight() {
        assertEquals(Hand.READS_RIGHT, HandReading.of(trace(Briefs.sound().withHand(Hand.MIRRORED))).orElseThrow().finished());
    }

    @Test
    void stack_finished_isFinalCoatResidueTonerGelGround() {
        List<StackReading.Seen> layers = StackReading.of(trace(Briefs.sound()).end()).layers();
        assertEquals(List.of(Kind.COAT, Kind.FIBRE, Kind.TONER, Kind.COAT, Kind.GROUND), layers.stream().map(StackReading.Seen::kind).toList());
        assertEquals("0.5 g/m², filled with medium", layers.get(1).detail());
        assertEquals("40 µm dry", layers.get(3).detail());
        assertEquals("lets 20 % through", layers.get(2).detail());
    }

    @Test
    void stack_doubleCoat_putsThePrintsOwnCoatsBehindTheToner() {
        List<Kind> kinds = StackReading.of(trace(Briefs.sound().with("school", "double-coat").with("clearing", "leave")).end())
                .layers().stream().map(StackReading.Seen::kind).toList();
        assertEquals(List.of(Kind.FIBRE, Kind.TONER, Kind.COAT, Kind.COAT, Kind.COAT, Kind.COAT, Kind.GROUND), kinds);
    }

    private double lightness(Brief brief, LookState state, int pass, double coverage) {
        return StackReading.of(state.bench(trace(brief), pass)).at(MID_BLUE, coverage).lab().lightness();
    }

    @Test
    void look_solidToner_whitensAsItDriesAndComesBackWhenCleared() {
        double wet = lightness(Briefs.sound(), LookState.WET, 2, 1);
        double dried = lightness(Briefs.sound(), LookState.DRIED, 2, 1);
        assertTrue(dried >= wet + 20, dried + " dry, " + wet + " wet");
        assertEquals(wet, lightness(Briefs.sound(), LookState.CLEARED, 2, 1), 5);
        assertTrue(lightness(Briefs.sound().with("clearing", "matte-medium"), LookState.CLEARED, 2, 1) > wet + 10);
        assertEquals(dried, lightness(Briefs.sound().with("clearing", "leave"), LookState.CLEARED, 2, 1), 1e-9);
    }

    @Test
    void look_eachPass_isDarker() {
        double before = 100;
        for (int pass = 1; pass <= 4; pass++) {
            double now = lightness(Briefs.sound(), LookState.DRIED, pass, 1);
            assertTrue(now < before);
            before = now;
        }
    }

    @Test
    void look_sealedMatte_isLighterInTheDarksThanSealedGloss() {
        Brief gloss = Briefs.sound().with("sealing", "gloss-varnish");
        assertTrue(lightness(Briefs.sound().with("sealing", "matte-varnish"), LookState.SEALED, 3, 1) > lightness(gloss, LookState.SEALED, 3, 1) + 5);
        assertTrue(LookState.SEALED.planned(trace(gloss)));
        assertTrue(!LookState.SEALED.planned(trace(Briefs.sound())));
    }

    @Test
    void amounts_areaTimesThicknessTimesWaste() {
        Brief brief = Briefs.sound();
        AmountReading amounts = AmountReading.of(trace(brief), brief.width(), brief.height());
        double bed = 0.12 * 0.16 * 100 * 1.15;
        assertEquals(bed, amounts.forAct(ActId.first("coat")).orElseThrow().volume().millilitres(), 1e-9);
        assertEquals(bed + 0.12 * 0.16 * 60 * 1.15, amounts.byProduct().get(Products.GLOSS_MEDIUM).millilitres(), 1e-9);
    }

    @Test
    void amounts_tenByFifteenCentimetres_areWhatPracticeSays() {
        Brief brief = Brief.usual(Catalogue.way("gel-lay"), Length.ofMillimetres(100), Length.ofMillimetres(150), Briefs.sound().room());
        double thin = AmountReading.of(trace(brief), brief.width(), brief.height()).forAct(ActId.first("coat")).orElseThrow().volume().millilitres();
        double deep = AmountReading.of(trace(brief.with("school", "deep-bed")), brief.width(), brief.height()).forAct(ActId.first("coat")).orElseThrow().volume().millilitres();
        assertTrue(thin >= 1.5 && thin <= 5, "thin coat " + thin);
        assertTrue(deep >= 25 && deep <= 50, "deep bed " + deep);
    }

    @Test
    void times_evenCoat_fitsAnEveningOrSoAndSumsUp() {
        TimeReading times = TimeReading.of(trace(Briefs.sound()));
        Duration hands = times.entries().stream().map(e -> e.act().handsOn()).reduce(Duration.ZERO, Duration::plus);
        Duration waits = times.entries().stream().map(TimeReading.Entry::pause).reduce(Duration.ZERO, Duration::plus);
        assertEquals(times.handsOn(), hands);
        assertEquals(times.walked(), hands.plus(waits));
        assertTrue(times.elapsed().orElseThrow().compareTo(Duration.ofHours(6)) < 0, times.elapsed().toString());
    }

    @Test
    void cautions_everyHazardousStep_hasOne() {
        for (String school : List.of("even-coat", "damp", "deep-bed", "double-coat")) {
            for (Trace.Moment moment : trace(Briefs.sound().with("school", school).with("sealing", "gloss-varnish")).moments()) {
                boolean hazardous = moment.act().step() instanceof Step.Abrade || moment.act().step() instanceof Step.RubAway
                        || moment.act().step() instanceof Step.Apply || moment.act().step() instanceof Step.WashUp;
                assertTrue(!hazardous || !CautionReading.of(moment.act().step()).isEmpty(), moment.act().key());
            }
        }
        Map<String, List<String>> all = CautionReading.of(trace(Briefs.sound().with("clearing", "mineral-oil")));
        assertTrue(all.keySet().stream().anyMatch(c -> c.contains("Air oily cloths")));
        assertTrue(all.keySet().stream().anyMatch(c -> c.contains("bin, not down the drain")));
        assertEquals(all.size(), all.keySet().stream().distinct().count());
    }

    @Test
    void remedies_varnishOverOil_proposesTheNearestAllowedOrder() {
        Brief wrong = Briefs.sound().with("clearing", "mineral-oil").with("sealing", "gloss-varnish");
        List<String> words = Remedies.of(way, wrong).stream().map(Remedies::words).toList();
        assertTrue(words.contains("Sealing: none"), words.toString());
        assertTrue(words.contains("Last veil: clear with gloss medium"), words.toString());
        assertTrue(words.stream().noneMatch(w -> w.startsWith("Ground")), words.toString());
    }

    @Test
    void remedies_inkjetAndSolubleGround_nameThePrintOrTheGround() {
        assertEquals(List.of("Print: laser print, strong blacks", "Print: photocopy", "Print: laser print, weak single run", "Print: laser print in colours", "Print: page of an uncoated magazine or newspaper"),
                Remedies.of(way, Briefs.sound().with(PrintKind.DYE_INKJET)).stream().map(Remedies::words).toList());
        assertTrue(Remedies.of(way, Briefs.sound().with(Ground.WATER_SOLUBLE)).stream()
                .map(Remedies::words).toList().containsAll(List.of("Ground: acrylic paint, dry", "The ground: sealed with clear medium first")));
        assertEquals(List.of(), Remedies.of(way, Briefs.sound()));
    }

    private static java.util.Set<kindveil.product.Hazard> at(String way, java.util.function.UnaryOperator<kindveil.way.Brief> with, String act) {
        kindveil.way.Way one = kindveil.catalogue.Catalogue.way(way);
        Trace trace = Trace.of(one.expand(with.apply(kindveil.catalogue.Samples.usual(one))));
        return trace.moments().stream().filter(moment -> moment.act().key().equals(act)).findFirst().map(moment -> CautionReading.of(moment.act().step(), moment.before())).orElseThrow();
    }

    /** Where it can hurt, and nowhere else: vapour and gloves at laying, pressing and peeling too; dust where it is made; food and children where they come near. */
    @Test
    void cautions_standWhereTheyMatter() {
        for (String act : new String[] {"bed", "lay", "press", "peel"}) {
            assertTrue(at("film-release", b -> b, act).containsAll(List.of(kindveil.product.Hazard.FLAMMABLE, kindveil.product.Hazard.SOLVENT_SKIN)), act);
        }
        assertTrue(at("gel-lay", b -> b, "lay").isEmpty());
        assertTrue(at("gel-lay", b -> b, "clean").isEmpty(), "dusting a page makes no dust");
        assertTrue(at("film-release", b -> b.with(kindveil.bench.Support.METAL), "degrease").contains(kindveil.product.Hazard.DUST));
        assertTrue(at("block-guide", b -> b, "wet-sand").contains(kindveil.product.Hazard.DUST));
        assertTrue(at("film-release", b -> b.with(kindveil.bench.Support.FABRIC), "clean").contains(kindveil.product.Hazard.SMALL_CHILD));
        assertTrue(at("curved-skin", b -> b, "clean").contains(kindveil.product.Hazard.FOOD));
        assertTrue(at("free-skin", b -> b, "pass-1-wet").contains(kindveil.product.Hazard.MOULD));
        assertTrue(at("free-skin", b -> b, "mix").contains(kindveil.product.Hazard.SPOILED));
    }
}
