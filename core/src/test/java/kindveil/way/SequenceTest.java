package kindveil.way;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import kindveil.bench.ThingKind;
import kindveil.bench.Step;
import kindveil.bench.Preparation;
import java.util.Map;
import java.util.EnumMap;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import kindveil.bench.Face;
import kindveil.bench.Refusal;
import kindveil.bench.Support;
import kindveil.catalogue.Catalogue;
import kindveil.catalogue.Samples;
import kindveil.drying.Stage;
import kindveil.measure.Preset;
import kindveil.measure.UnusableValue;
import org.junit.jupiter.api.Test;

class SequenceTest {
    private static Sequence.Part part(String key) {
        Way way = Catalogue.way(key);
        return new Sequence.Part(way, Samples.usual(way).with(Support.WATERCOLOUR_PAPER));
    }

    private static final Sequence SEVERAL = Sequence.on(part("underpainting").brief().base(), List.of(part("underpainting"), part("gel-lay"), part("plate-pull"), part("glazing")));

    @Test
    void expand_several_runsOneBenchAcrossAll() {
        Trace trace = Trace.of(SEVERAL.expand());
        assertEquals(List.of(), trace.refusals().stream().map(r -> r.words()).toList());
        assertEquals(2, trace.end().pictures(Face.SUPPORT_FRONT).size());
        assertEquals(3, trace.moments().getLast().act().id().part());
    }

    @Test
    void expand_several_eachBeginsOnlyWhenWhatIsBelowIsThrough() {
        Trace trace = Trace.of(SEVERAL.expand());
        for (int i = 1; i < 4; i++) {
            Trace.Moment first = trace.part(i).moments().getFirst();
            assertTrue(first.before().wettest(Face.SUPPORT_FRONT).map(coat -> coat.waterShare(first.start()) <= Stage.THROUGH.waterShare() + 0.01).orElse(true), first.act().key());
        }
    }

    /** Whatever colours are laid for it, a ground is closed before them, once, and each coat waits for what is under it. */
    @Test
    void groundThatMustBeClosed_isClosedUnderTheColoursLaidForIt() {
        List<Way> first = Catalogue.ways().stream().filter(way -> !way.card().bringsPicture() && way.card().fit(Support.BIRCH_PANEL).verdict() != Fit.Verdict.NO
                && Samples.usual(way).support() != null && laysOnBare(way)).toList();
        assertTrue(first.stream().anyMatch(way -> way.key().equals("underpainting")), first.toString());
        Way oiled = Catalogue.way("oiled-panel");
        for (Way one : first) {
            for (Way other : first) {
                List<Sequence.Part> parts = java.util.stream.Stream.of(one, other, oiled).map(way -> new Sequence.Part(way, Samples.usual(way))).toList();
                Trace trace = Trace.of(Sequence.on(new Base(Support.BIRCH_PANEL, kindveil.bench.Ground.RAW), parts).expand());
                List<String> keys = trace.plan().acts().stream().map(act -> act.id().toString()).toList();
                String both = one.key() + ", " + other.key() + ": " + keys;
                assertEquals(List.of("3.undercoat-1", "3.undercoat-2"), keys.stream().filter(key -> key.contains("undercoat") && !key.endsWith("wash")).toList(), both);
                String next = trace.plan().acts().stream().filter(act -> act.id().part() < 2 && keys.indexOf(act.id().toString()) > keys.indexOf("3.undercoat-2")).findFirst().orElseThrow(() -> new AssertionError(both)).id().toString();
                assertTrue(trace.plan().acts().subList(0, keys.indexOf("3.undercoat-1")).stream().noneMatch(act -> act.step() instanceof Step.Apply coat && coat.onto().equals(Face.SUPPORT_FRONT) && coat.product().family().poured()), both);
                assertTrue(trace.plan().windows().stream().anyMatch(window -> window.from().toString().equals("3.undercoat-2") && window.to().toString().equals(next)), both);
                assertEquals(trace.moments().size(), java.util.stream.IntStream.range(0, 3).map(i -> trace.part(i).moments().size()).sum(), both);
            }
        }
    }

    private static boolean laysOnBare(Way way) {
        Trace alone = Trace.of(Sequence.on(new Base(Support.BIRCH_PANEL, kindveil.bench.Ground.RAW), List.of(new Sequence.Part(way, Samples.usual(way)))).expand());
        return alone.refusals().isEmpty() && alone.plan().acts().stream().anyMatch(act -> act.title().equals("Dust the support"));
    }

    @Test
    void actId_parse_isTheInverseOfItsText() {
        assertEquals(ActId.first("coat"), ActId.parse("coat"));
        assertEquals(new ActId(2, "coat"), ActId.parse("3.coat"));
        assertEquals("3.coat", ActId.parse("3.coat").toString());
        for (String wrong : List.of("0.coat", "x.coat", "1.", "1.a.b", "", "100.coat", "-1.coat")) {
            assertThrows(kindveil.measure.UnusableValue.class, () -> ActId.parse(wrong), wrong);
        }
    }

    @Test
    void work_ofNothingOrOnTwoBases_impossible() {
        assertThrows(IllegalArgumentException.class, () -> new Sequence(List.of()));
        Way way = Catalogue.way("gel-lay");
        assertThrows(IllegalArgumentException.class, () -> new Sequence(List.of(new Sequence.Part(way, Briefs.sound()), new Sequence.Part(way, Briefs.sound().with(kindveil.bench.Support.CANVAS)))));
    }

    @Test
    void part_ofAWorkOfOne_isTheWhole() {
        Trace trace = Trace.of(Sequence.of(Catalogue.way("gel-lay"), Briefs.sound()).expand());
        assertEquals(trace.moments().size(), trace.part(0).moments().size());
    }

    @Test
    void tracks_twoOfThem_goWhereSomethingIsReady() {
        Way way = Catalogue.way("opaque-backed-lay");
        List<String> keys = way.expand(Samples.usual(way)).acts().stream().map(Act::key).toList();
        assertTrue(keys.indexOf("clean") < keys.indexOf("opaque-2"), "the support is made ready while the first backing dries: " + keys);
        assertTrue(keys.indexOf("opaque-1") < keys.indexOf("opaque-2") && keys.indexOf("face") < keys.indexOf("bed-2"));
        List<Act> merged = Tracks.interleaved(List.of(act("a1", 1), act("a2", 1)), List.of(act("b1", 2), act("b2", 1)),
                List.of(new Window.Dry(ActId.first("a1"), ActId.first("a2"), new Window.Dries.Practice(), Duration.ofMinutes(10), Duration.ofMinutes(10), "", kindveil.measure.Provenance.PRACTICE)));
        assertEquals(List.of("a1", "b1", "b2", "a2"), merged.stream().map(Act::key).toList());
    }

    private static Act act(String key, double minutes) {
        return Act.of(ActId.first(key), new kindveil.bench.Step.Judge(Face.SUPPORT_FRONT), key, "", minutes);
    }

    @Test
    void dial_inside_isFree_outsideTheUsual_isAsked_outsideThePossible_isRefused() {
        Dial dial = new Dial("bed", "wet thickness of the bed", Preset.assumed(100, 60, 150, "µm"), 30, 250, "It lifts in stripes.", "The print slides.");
        assertEquals(Optional.empty(), dial.question(60));
        assertEquals("Wet thickness of the bed 40 µm is less than usual (100 µm [60 … 150]): It lifts in stripes. Did you mean it?", dial.question(40).orElseThrow());
        assertEquals("Wet thickness of the bed 200 µm is more than usual (100 µm [60 … 150]): The print slides. Did you mean it?", dial.question(200).orElseThrow());
        assertEquals(250, dial.require(250));
        String message = assertThrows(UnusableValue.class, () -> dial.require(251)).getMessage();
        assertTrue(message.contains("251 µm") && message.contains("30 to 250 µm") && message.contains("The print slides."), message);
        assertThrows(IllegalArgumentException.class, () -> new Dial("x", "x", Preset.assumed(1, 0, 2, ""), 1, 2, "", ""));
    }

    @Test
    void checked_whatTheWayDoesNotKnow_isRefusedByName() {
        Way way = Catalogue.way("film-release");
        assertTrue(assertThrows(UnusableValue.class, () -> way.checked(Samples.usual(way).with("school", "deep-bed"))).getMessage().contains("[ink, sealing, reaches, holes, spread, film, opening, wood-back]"));
        assertTrue(assertThrows(UnusableValue.class, () -> way.checked(Samples.usual(way).dialled("soak", 3))).getMessage().contains("[bed, bottle, dwell]"));
        assertTrue(assertThrows(UnusableValue.class, () -> way.checked(Samples.usual(way).dialled("dwell", 300))).getMessage().contains("holds to the film again"));
    }

    @Test
    void questions_ofAPairOfPaints_sayWhetherItDrowns() {
        Way plate = Catalogue.way("plate-pull");
        Brief usual = Samples.usual(plate);
        assertEquals(List.of(), plate.questions(usual));
        List<String> light = plate.questions(usual.coloured("image", kindveil.light.Colour.parse("i", "#f4eedd")).coloured("pull", kindveil.light.Colour.parse("p", "#333333")));
        assertTrue(light.getFirst().startsWith("Light image paint over a darker pull gives a tonal negative"));
        List<String> alike = plate.questions(usual.coloured("image", kindveil.light.Colour.parse("i", "#777777")).coloured("pull", kindveil.light.Colour.parse("p", "#8a8a8a")));
        assertTrue(alike.getFirst().contains("under 25 the image drowns"));
    }

    /** No option of a layer is refused as too wet over or under some transfer where it is not by itself and the usual one is not there; what water or oil undo is another matter. */
    @Test
    void optionsOfLayers_overAndUnderEveryTransfer_areAsSoundAsTheUsualOne() {
        List<String> wrong = new ArrayList<>();
        for (Way transfer : Catalogue.transfers()) {
            for (Way layer : Catalogue.overAndUnder()) {
                Brief under = Samples.usual(transfer);
                Brief usual = Samples.usual(layer).with(under.base().support());
                for (boolean over : new boolean[] {true, false}) {
                    Set<String> known = refusals(transfer, under, layer, usual, over);
                    for (Choice choice : layer.choices()) {
                        for (Choice.Option option : choice.options()) {
                            Brief asked = usual.with(choice.key(), option.key());
                            Set<String> found = refusals(transfer, under, layer, asked, over);
                            found.removeAll(known);
                            found.removeAll(Trace.of(Sequence.of(layer, asked).expand()).refusals().stream().map(Refusal::reason).toList());
                            if (!found.isEmpty()) {
                                wrong.add("%s %s %s, %s: %s".formatted(layer.key(), over ? "over" : "under", transfer.key(), option.words(), found));
                            }
                        }
                    }
                }
            }
        }
        assertEquals(List.of(), wrong);
    }

    private static final Set<Refusal.Kind> TOO_WET = Set.of(Refusal.Kind.NOT_DRY, Refusal.Kind.STILL_WET, Refusal.Kind.NOT_CURED, Refusal.Kind.GROUND_NOT_DRY, Refusal.Kind.BED_CLOSED, Refusal.Kind.NO_WET_BED, Refusal.Kind.PAINT_DRIED);

    private static Set<String> refusals(Way transfer, Brief under, Way layer, Brief brief, boolean over) {
        Sequence.Part picture = new Sequence.Part(transfer, under);
        Sequence.Part other = new Sequence.Part(layer, brief);
        return Trace.of(Sequence.on(under.base(), over ? List.of(picture, other) : List.of(other, picture)).expand()).refusals().stream().filter(refusal -> TOO_WET.contains(refusal.kind())).map(Refusal::reason).collect(Collectors.toCollection(HashSet::new));
    }

    /** Of every two ways, and three areas of colour under each: the surface is prepared once, and dusted again only after what leaves crumbs. */
    @Test
    void preparation_isDoneOnce() {
        Way under = Catalogue.way("underpainting");
        for (Way way : Catalogue.ways()) {
            Brief over = Samples.usual(way);
            Brief colour = Samples.usual(under).on(over.base());
            Trace trace = Trace.of(Sequence.on(over.base(), List.of(new Sequence.Part(under, colour), new Sequence.Part(under, colour), new Sequence.Part(under, colour), new Sequence.Part(way, over))).expand());
            Map<Preparation, Integer> prepared = new EnumMap<>(Preparation.class);
            trace.plan().acts().forEach(act -> {
                // what is felt over before it is drawn on, or dusted before a spray, is part of that way
                if (act.step() instanceof Step.Prepare prepare && prepare.thing() == ThingKind.SUPPORT && (prepare.what() != Preparation.CLEAN_SUPPORT || act.title().equals("Dust the support"))) {
                    prepared.merge(prepare.what(), 1, Integer::sum);
                }
            });
            List.of(Preparation.CLEAN_SUPPORT, Preparation.SEAL_EDGES, Preparation.DEGREASE, Preparation.TAPE_DOWN).forEach(what -> assertTrue(prepared.getOrDefault(what, 0) <= 1, way.key() + ": " + prepared));
        }
    }
}
