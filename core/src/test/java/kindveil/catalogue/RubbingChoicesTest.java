package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import kindveil.bench.Concern;
import kindveil.bench.Face;
import kindveil.bench.Layer;
import kindveil.bench.Layer.Residue;
import kindveil.bench.PrintKind;
import kindveil.bench.Refusal;
import kindveil.bench.Step;
import kindveil.bench.Support;
import kindveil.drying.Belief;
import kindveil.drying.Room;
import kindveil.measure.Length;
import kindveil.measure.Span;
import kindveil.product.Products;
import kindveil.reading.AmountReading;
import kindveil.reading.HoldReading;
import kindveil.reading.TimeReading;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Schools;
import kindveil.way.Sequence;
import kindveil.way.Trace;
import kindveil.way.Way;
import kindveil.way.Window;
import kindveil.way.Wish;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What water, sanding, blotting and pressing change, in every way that asks about them; and what blocks and veils of other paints do. */
class RubbingChoicesTest {
    private static final Way GEL = Catalogue.way("gel-lay");
    private static final Way BLOCK = Catalogue.way("block-overprint");
    private static final Way GUIDE = Catalogue.way("block-guide");

    private static Stream<Way> asking(Choice choice) {
        return Catalogue.ways().stream().filter(way -> way.choices().contains(choice));
    }

    static Stream<Way> warmed() {
        return asking(Schools.WARMTH);
    }

    static Stream<Way> sanded() {
        return asking(Schools.PAPER_BACK);
    }

    static Stream<Way> blotted() {
        return asking(Schools.BETWEEN);
    }

    private static Trace of(Way way, Brief brief) {
        return Trace.of(way.expand(way.checked(brief)));
    }

    private static Duration soak(Trace trace) {
        return trace.moments().stream().flatMap(moment -> moment.waits().stream()).filter(wait -> wait.window() instanceof Window.Soak).map(wait -> wait.times().earliest()).findFirst().orElseThrow();
    }

    private static Duration rubbed(Trace trace) {
        return trace.moments().stream().filter(moment -> moment.act().step() instanceof Step.RubAway).map(moment -> moment.act().handsOn()).reduce(Duration.ZERO, Duration::plus);
    }

    private static Optional<Double> holds(Trace trace) {
        Trace.Moment rub = trace.moments().stream().filter(moment -> moment.act().step() instanceof Step.RubAway).findFirst().orElseThrow();
        return HoldReading.of(trace.plan(), rub.before(), rub.act(), rub.waits(), Belief.UNLEARNED, java.util.Map.of()).map(HoldReading::chance);
    }

    @ParameterizedTest
    @MethodSource("warmed")
    void warmerWater_isSoonerThrough_quickerToRub_andHoldsLess(Way way) {
        Duration soaks = null;
        Duration rubs = null;
        double held = 2;
        for (String warmth : List.of("cool", Schools.LUKEWARM, Schools.WARM)) {
            Trace trace = of(way, Samples.usual(way).with(Schools.WARMTH.key(), warmth));
            assertTrue(soaks == null || soak(trace).compareTo(soaks) < 0, way.key() + " " + warmth);
            assertTrue(rubs == null || rubbed(trace).compareTo(rubs) < 0, way.key() + " " + warmth);
            assertTrue(holds(trace).isEmpty() || holds(trace).get() < held, way.key() + " " + warmth);
            soaks = soak(trace);
            rubs = rubbed(trace);
            held = holds(trace).orElse(held);
        }
    }

    /** Four hours in a tray: only its first half hour is warm. */
    @Test
    void longSoak_gainsOnlyWhileTheBathIsWarm() {
        Way skin = Catalogue.way("free-skin");
        Duration cool = soak(of(skin, Samples.usual(skin)));
        assertEquals(30 * 0.4, Span.inMinutes(cool.minus(soak(of(skin, Samples.usual(skin).with("warmth", Schools.WARM))))), 1e-6);
        Way tape = Catalogue.way("tape-lift");
        assertEquals(0.6, Span.inMinutes(soak(of(tape, Samples.usual(tape).with("warmth", Schools.WARM)))) / Span.inMinutes(soak(of(tape, Samples.usual(tape)))), 1e-6);
    }

    @ParameterizedTest
    @MethodSource("sanded")
    void sandedBack_isSoonerThrough_leavesLessFibre_andHoldsALittleLess(Way way) {
        Trace left = of(way, Samples.usual(way));
        Trace sanded = of(way, Samples.usual(way).with(Schools.PAPER_BACK.key(), Schools.SANDED));
        assertTrue(soak(sanded).compareTo(soak(left)) < 0);
        assertTrue(rubbed(sanded).compareTo(rubbed(left)) < 0);
        assertEquals(0.98, holds(sanded).orElseThrow() / holds(left).orElseThrow(), 0.002, way.key());
        double before = fibre(left);
        assertTrue(before == 0 || Math.abs(fibre(sanded) / before - 72.0 / 80) < 1e-9, before + " → " + fibre(sanded));
        assertEquals(1, sanded.moments().stream().filter(moment -> moment.act().step() instanceof Step.Abrade).count());
        assertTrue(sanded.refusals().isEmpty());
    }

    /** Its back is sanded in that school anyway: once, whatever is chosen. */
    @Test
    void dampSchool_isSandedOnce() {
        for (String back : List.of("left", Schools.SANDED)) {
            assertEquals(1, of(GEL, Samples.usual(GEL).with("school", "damp").with(Schools.PAPER_BACK.key(), back)).moments().stream().filter(moment -> moment.act().step() instanceof Step.Abrade).count(), back);
        }
    }

    private static double fibre(Trace trace) {
        return trace.rubbed(1).things().stream().flatMap(thing -> Stream.of(Face.Side.values()).flatMap(side -> thing.of(side, Residue.class).stream())).mapToDouble(Residue::gramsPerSquareMetre).findFirst().orElse(0);
    }

    private static Duration white(Trace trace) {
        return trace.moments().stream().flatMap(moment -> moment.waits().stream()).filter(wait -> wait.window() instanceof Window.Dry dry && dry.what() instanceof Window.Dries.Fibre).map(wait -> wait.times().advised())
                .findFirst().orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("blotted")
    void blottedFibre_showsItsWhiteSooner_inEveryRoom(Way way) {
        for (double humidity : new double[] {30, 50, 70, 85}) {
            Brief usual = Samples.usual(way);
            Brief here = new Brief(usual.base(), Room.of(21, humidity), usual.width(), usual.height(), usual.printed(), usual.wish(), usual.settings());
            Duration left = white(of(way, here));
            Duration blotted = white(of(way, here.with(Schools.BETWEEN.key(), Schools.BLOTTED)));
            assertTrue(blotted.multipliedBy(4).compareTo(left.multipliedBy(3)) <= 0, way.key() + " at " + humidity + ": " + left + " → " + blotted);
        }
    }

    /** A baren is doubted, and a brayer refused, from the thickness on at which beds come up in ridges; what is gentle never. */
    @ParameterizedTest
    @ValueSource(doubles = {40, 100, 159, 160, 200, 250})
    void strongPressing_isDoubtedOnThickBedsAlone(double bed) {
        for (String tool : List.of("fingers", "card", "baren", "brayer")) {
            Trace trace = of(GEL, Samples.usual(GEL).dialled("bed", bed).with("pressed", tool));
            boolean refused = trace.refusals().stream().anyMatch(refusal -> refusal.kind() == Refusal.Kind.WRONG_TOOL);
            boolean doubted = trace.concerns().stream().map(Concern::reason).anyMatch(reason -> reason.contains("baren pushes"));
            assertEquals(tool.equals("brayer") && bed >= 160, refused, tool + " on " + bed);
            assertEquals(tool.equals("baren") && bed >= 160, doubted, tool + " on " + bed);
        }
    }

    @Test
    void block_onFilm_isPrintedTheSameDay_andTakesNoGlue() {
        Trace glued = of(BLOCK, Samples.usual(BLOCK));
        Trace film = of(BLOCK, Samples.usual(BLOCK).with("adhesive", "film"));
        assertTrue(TimeReading.of(glued).walked().minus(TimeReading.of(film).walked()).compareTo(Duration.ofHours(10)) >= 0);
        double millilitres = AmountReading.of(glued, Samples.WIDTH, Samples.HEIGHT).of(Products.WOOD_GLUE).millilitres();
        assertTrue(millilitres > 0.015 * 150 && millilitres < 0.04 * 150, "a coat of 150 µm on 150 cm²: " + millilitres);
        assertEquals(0, AmountReading.of(film, Samples.WIDTH, Samples.HEIGHT).of(Products.WOOD_GLUE).millilitres());
        assertTrue(glued.refusals().isEmpty() && film.refusals().isEmpty());
    }

    @Test
    void blockGuide_carvedThroughItsPaper_isCarvedBeforeAnyWater() {
        Trace usual = of(GUIDE, Samples.usual(GUIDE));
        Trace through = of(GUIDE, Samples.usual(GUIDE).with("guide-paper", "through"));
        assertTrue(index(usual, Step.RubAway.class) < index(usual, Step.Cut.class));
        assertTrue(index(through, Step.Cut.class) < index(through, Step.Wet.class));
        assertTrue(TimeReading.of(through).walked().compareTo(TimeReading.of(usual).walked()) < 0, "the block need not dry again before it is carved");
        assertTrue(through.refusals().isEmpty());
        assertTrue(GUIDE.questions(Samples.usual(GUIDE).with("guide-paper", "through")).stream().anyMatch(question -> question.contains("frays")));
        assertFalse(GUIDE.questions(Samples.usual(GUIDE).with("guide-paper", "through").dialled("paper", 60)).stream().anyMatch(question -> question.contains("frays")));
        assertFalse(GUIDE.questions(Samples.usual(GUIDE)).stream().anyMatch(question -> question.contains("frays")));
    }

    private static int index(Trace trace, Class<? extends Step> kind) {
        for (int i = 0; i < trace.moments().size(); i++) {
            if (kind.isInstance(trace.moments().get(i).act().step())) {
                return i;
            }
        }
        throw new AssertionError(kind);
    }

    /** A cover broken to a share takes that share of the medium, and no more time than a whole one. */
    @ParameterizedTest
    @ValueSource(doubles = {40, 70, 90})
    void brokenCover_takesItsShareOfTheMedium(double share) {
        Trace whole = of(GEL, Samples.usual(GEL).with("clearing", "leave"));
        Trace broken = of(GEL, Samples.usual(GEL).with("clearing", "leave").with(Wish.BROKEN).dialled("cover", share));
        double all = AmountReading.of(whole, Samples.WIDTH, Samples.HEIGHT).forAct(whole.moment("coat").orElseThrow().act().id()).orElseThrow().volume().millilitres();
        double some = AmountReading.of(broken, Samples.WIDTH, Samples.HEIGHT).forAct(broken.moment("coat").orElseThrow().act().id()).orElseThrow().volume().millilitres();
        assertEquals(share / 100, some / all, 0.001);
        assertTrue(broken.moment("coat").orElseThrow().act().handsOn().compareTo(whole.moment("coat").orElseThrow().act().handsOn()) <= 0);
    }

    /** Toner run over itself multiplies: the look, the chance and the concern follow. */
    @Test
    void weakPrint_runOverItself_isStrongerByEachRun() {
        double before = 1;
        for (int runs = 1; runs <= 3; runs++) {
            Trace trace = of(GEL, Samples.usual(GEL).with(PrintKind.WEAK_TONER).dialled("runs", runs));
            Layer.Image image = trace.end().layers(Face.SUPPORT_FRONT, Layer.Image.class).getFirst();
            assertEquals(Math.pow(0.45, runs), image.toner().transmittance(), 1e-9);
            assertTrue(image.toner().transmittance() < before);
            assertEquals(runs == 1, trace.concerns().stream().anyMatch(concern -> concern.reason().contains("weak single run")));
            before = image.toner().transmittance();
        }
        assertTrue(GEL.dials(Samples.usual(GEL)).stream().noneMatch(dial -> dial.key().equals("runs")), "a strong print is not asked");
        Brief left = Samples.usual(GEL).dialled("runs", 2);
        assertEquals(java.util.Map.of(), GEL.checked(GEL.without(left)).settings().dials(), "what a weak print was asked is no fault once it is a strong one");
        assertEquals(java.util.Map.of("runs", 2.0), GEL.without(left.with(PrintKind.WEAK_TONER)).settings().dials());
    }

    /** Dipped where the sheet is loose; on a panel or a bound page the choice is not even asked, and changes nothing. */
    @Test
    void dipping_isForLooseSheets() {
        for (Support support : List.of(Support.WATERCOLOUR_PAPER, Support.BIRCH_PANEL, Support.JOURNAL_PAGE, Support.CANVAS)) {
            Trace there = of(GEL, Samples.usual(GEL).with(support));
            Trace dipped = of(GEL, Samples.usual(GEL).with(support).with(Schools.WETTED.key(), Schools.DIPPED));
            boolean loose = support == Support.WATERCOLOUR_PAPER;
            assertEquals(loose, Schools.WETTED.actsOn(support));
            assertEquals(loose, rubbed(dipped).compareTo(rubbed(there)) < 0, support.words());
            assertEquals(List.of(), dipped.refusals());
        }
    }

    /** Oil-type ink is doubted on whatever drinks nothing, and on nothing else. */
    @Test
    void oilInk_isDoubtedOnWhatResistsIt() {
        for (Support support : List.of(Support.PRINTMAKING_PAPER, Support.DRAWING_PAPER, Support.METALLIC_PAPER)) {
            for (String ink : List.of("water", "oil")) {
                boolean doubted = of(BLOCK, Samples.usual(BLOCK).with(support).with("ink", ink)).concerns().stream().anyMatch(concern -> concern.reason().contains("may never dry"));
                assertEquals(ink.equals("oil") && support == Support.METALLIC_PAPER, doubted, ink + " on " + support.words());
            }
        }
        List<Sequence.Part> overGel = List.of(part(GEL, Samples.usual(GEL).with(Support.WATERCOLOUR_PAPER)), part(BLOCK, Samples.usual(BLOCK).with("ink", "oil")));
        assertTrue(Trace.of(Sequence.on(overGel.getFirst().brief().base(), overGel).expand()).concerns().stream().anyMatch(concern -> concern.reason().contains("may never dry")), "a cleared picture drinks no more");
    }

    /** What is thin settles with water; what is stout, or large, is told to take glue. */
    @Test
    void curvedSkin_settlesWithWater_whileItIsSmall() {
        Way curved = Catalogue.way("curved-skin");
        Brief water = Samples.usual(curved).with("glue", "water");
        assertEquals(List.of(), of(curved, water).refusals());
        assertTrue(TimeReading.of(of(curved, water)).walked().compareTo(TimeReading.of(of(curved, Samples.usual(curved))).walked()) < 0);
        assertTrue(curved.questions(water).stream().anyMatch(question -> question.contains("too large to settle")));
        Brief small = new Brief(water.base(), water.room(), Length.ofMillimetres(40), Length.ofMillimetres(50), water.printed(), water.wish(), water.settings());
        assertFalse(curved.questions(small).stream().anyMatch(question -> question.contains("too large to settle")));
        assertTrue(of(curved, water.dialled("coat", 150)).refusals().stream().anyMatch(refusal -> refusal.kind() == Refusal.Kind.NO_WET_BED), "a stout skin stands off");
    }

    /** Froth and clinging are said where they are met. */
    @Test
    void frothAndLeather_areDoubtedWhereTheyAreMet() {
        Way skin = Catalogue.way("free-skin");
        for (String spread : List.of("brush", "roller")) {
            assertEquals(spread.equals("roller"), of(skin, Samples.usual(skin).with("spread", spread)).concerns().stream().anyMatch(concern -> concern.reason().contains("froth")), spread);
        }
        Way film = Catalogue.way("film-release");
        for (Support support : List.of(Support.LEATHER, Support.LEATHER_FLESH, Support.CANVAS)) {
            assertEquals(support != Support.CANVAS, of(film, Samples.usual(film).with(support)).concerns().stream().anyMatch(concern -> concern.reason().contains("clings")), support.words());
        }
        double grain = AmountReading.of(of(film, Samples.usual(film).with(Support.LEATHER)), Samples.WIDTH, Samples.HEIGHT).of(Products.RELEASE_SOLUTION).millilitres();
        double flesh = AmountReading.of(of(film, Samples.usual(film).with(Support.LEATHER_FLESH)), Samples.WIDTH, Samples.HEIGHT).of(Products.RELEASE_SOLUTION).millilitres();
        assertEquals((70 + 90.0) / (70 + 40), flesh / grain, 0.01);
    }

    /** Over a picture that was cleared with gloss or with matte, each paint, and acrylic once more over that. */
    @Test
    void veilsOfEveryPaint_overGlossAndMatte() {
        Way glazing = Catalogue.way("glazing");
        List<String> seen = new ArrayList<>();
        for (String last : List.of("gloss", "matte")) {
            for (String with : List.of("acrylic", "watercolour", "oil")) {
                List<Sequence.Part> parts = List.of(part(GEL, Samples.usual(GEL).with("clearing", last + "-medium")), part(glazing, Samples.usual(glazing).with("with", with)), part(glazing, Samples.usual(glazing)));
                Trace trace = Trace.of(Sequence.on(parts.getFirst().brief().base(), parts).expand());
                boolean beads = trace.concerns().stream().anyMatch(concern -> concern.reason().contains("beads on a gloss face"));
                boolean runs = trace.refusals().stream().anyMatch(refusal -> refusal.kind() == Refusal.Kind.SOLUBLE_BELOW);
                boolean ends = trace.refusals().stream().anyMatch(refusal -> refusal.kind() == Refusal.Kind.NOT_OVER);
                seen.add("%s over %s:%s%s%s".formatted(with, last, beads ? " beads" : "", runs ? " runs" : "", ends ? " ends it" : ""));
            }
        }
        assertEquals(List.of("acrylic over gloss:", "watercolour over gloss: beads runs", "oil over gloss: ends it", "acrylic over matte:", "watercolour over matte: runs", "oil over matte: ends it"), seen);
    }

    private static Sequence.Part part(Way way, Brief brief) {
        return new Sequence.Part(way, way.checked(brief));
    }
}
