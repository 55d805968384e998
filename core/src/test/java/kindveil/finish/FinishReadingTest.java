package kindveil.finish;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kindveil.bench.Bench;
import kindveil.bench.Support;
import kindveil.catalogue.Catalogue;
import kindveil.catalogue.Samples;
import kindveil.finish.FinishReading.Offer;
import kindveil.way.Brief;
import kindveil.way.Sequence;
import kindveil.way.Trace;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What may come over finished work, against what is written down by hand of what lies on top and of what each coat is. */
class FinishReadingTest {
    private static final List<LastCoat> ALL = LastCoat.all(Catalogue.finishes());

    /** Finished work. @param top what lies on its face, in the words of the hand-written rules */
    private record Work(String name, List<String> ways, Map<String, String> choices, Support support, String top) {
        Brief brief(int i) {
            Brief brief = Samples.usual(Catalogue.way(ways.get(i))).with(support);
            for (Map.Entry<String, String> choice : choices.entrySet()) {
                brief = Catalogue.way(ways.get(i)).choices().stream().anyMatch(own -> own.key().equals(choice.getKey())) ? brief.with(choice.getKey(), choice.getValue()) : brief;
            }
            return brief;
        }

        Bench bench() {
            Sequence all = Sequence.on(brief(0).base(), java.util.stream.IntStream.range(0, ways.size()).mapToObj(i -> new Sequence.Part(Catalogue.way(ways.get(i)), brief(i))).toList());
            Trace trace = Trace.of(all.expand());
            assertEquals(List.of(), trace.refusals(), name);
            return trace.end();
        }

        FinishReading read() {
            return FinishReading.of(ALL, bench(), brief(0), ways.size());
        }

        @Override
        public String toString() {
            return name;
        }
    }

    static Stream<Work> works() {
        return Stream.of(
                new Work("tape page", List.of("tape-lift"), Map.of(), Support.JOURNAL_PAGE, "tape"),
                new Work("skin on a panel", List.of("free-skin"), Map.of(), Support.BIRCH_PANEL, "film"),
                new Work("oiled panel", List.of("oiled-panel"), Map.of(), Support.BIRCH_PANEL, "oil"),
                new Work("watercolour over a gel lay", List.of("gel-lay", "glazing"), Map.of("with", "watercolour"), Support.WATERCOLOUR_PAPER, "soluble"),
                new Work("pastel over a gel lay", List.of("gel-lay", "drawing-over"), Map.of("drawn", "pastel"), Support.WATERCOLOUR_PAPER, "dust"),
                new Work("waxed gel lay", List.of("gel-lay", "waxing"), Map.of(), Support.BIRCH_PANEL, "wax"));
    }

    /** What lies on the face after a coat. */
    private static String after(String top, LastCoat coat) {
        return switch (coat.way().key()) {
            case "spray-fixing", "clearing-over", "isolating" -> "film";
            case "varnishing" -> coat.choices().get("varnish").equals("lasting") ? "film" : "removable";
            case "waxing" -> "wax";
            case "oil-finish" -> "oil";
            case "resin-pour" -> "resin";
            default -> top;
        };
    }

    /** Whether a coat holds, by rules of its own: none of the bench's are asked. */
    private static boolean holds(String top, LastCoat coat, Support support) {
        if (coat.way().card().fit(support).verdict() == kindveil.way.Fit.Verdict.NO) {
            return false;
        }
        String way = coat.way().key();
        String kind = coat.choices().getOrDefault("varnish", "");
        boolean watery = Set.of("clearing-over", "isolating").contains(way) || kind.equals("lasting");
        boolean brushed = watery || kind.equals("removable");
        boolean varnish = way.equals("varnishing");
        return switch (top) {
            case "tape" -> !(way.equals("isolating") || brushed && varnish || way.equals("resin-pour") || way.equals("oil-finish"));
            case "oil" -> way.equals("waxing") || way.equals("oil-finish") || way.equals("putting-away");
            case "wax", "resin" -> way.equals("waxing") || way.equals("putting-away");
            case "removable" -> way.equals("waxing") || way.equals("putting-away") || varnish && !kind.equals("lasting");
            case "soluble" -> !watery;
            case "dust" -> way.equals("spray-fixing") || kind.equals("sprayed") || coat.choices().getOrDefault("put", "").equals("glass");
            default -> true;
        };
    }

    @ParameterizedTest
    @MethodSource("works")
    void orders_areThoseOfTheRulesWrittenByHand(Work work) {
        Set<String> found = FinishReading.orders(ALL, work.bench(), work.brief(0), work.ways.size(), 3).stream().map(FinishReadingTest::words).collect(Collectors.toSet());
        Set<String> expected = new java.util.TreeSet<>();
        byHand(work.top, List.of(), work.support, expected);
        assertTrue(!expected.isEmpty());
        Set<String> missing = new java.util.TreeSet<>(expected);
        missing.removeAll(found);
        Set<String> more = new java.util.TreeSet<>(found);
        more.removeAll(expected);
        assertEquals("", missing.stream().limit(6).collect(Collectors.joining("\n")) , "refused for no reason, of " + missing.size());
        assertEquals("", more.stream().limit(6).collect(Collectors.joining("\n")), "taken for no reason, of " + more.size());
    }

    /** All orders of up to three, no way twice. */
    private static void byHand(String top, List<LastCoat> before, Support support, Set<String> expected) {
        ALL.stream().filter(next -> before.stream().noneMatch(one -> one.way().equals(next.way())) && holds(top, next, support)).forEach(next -> {
            List<LastCoat> order = Stream.concat(before.stream(), Stream.of(next)).toList();
            expected.add(words(order));
            if (order.size() < 3) {
                byHand(after(top, next), order, support, expected);
            }
        });
    }

    private static String words(List<LastCoat> order) {
        return order.stream().map(LastCoat::key).collect(Collectors.joining(" then "));
    }

    /** “What may I seal this with?” never ends in nothing, and what is refused says what would do instead. */
    @ParameterizedTest
    @MethodSource("works")
    void somethingAlwaysHolds_andWhatIsRefusedEndsInAnOrderThatHolds(Work work) {
        FinishReading read = work.read();
        assertTrue(read.offers().stream().anyMatch(Offer::holds));
        List<String> orders = FinishReading.orders(ALL, work.bench(), work.brief(0), work.ways.size(), 3).stream().map(FinishReadingTest::words).toList();
        for (Offer offer : read.offers()) {
            assertTrue(offer.holds() == offer.against().isEmpty() && (offer.holds() || offer.against().stream().noneMatch(String::isBlank)));
            if (!offer.instead().isEmpty()) {
                assertTrue(orders.contains(words(offer.instead())), offer + "");
                assertEquals(offer.coat().way(), offer.instead().getLast().way());
            }
        }
    }

    private static Offer offer(FinishReading read, String key) {
        return read.offers().stream().filter(offer -> offer.coat().key().startsWith(key)).findFirst().orElseThrow();
    }

    @Test
    void tapePage_isSprayed_notBrushed() {
        FinishReading tape = works().findFirst().orElseThrow().read();
        Offer brushed = offer(tape, "varnishing.lasting.matte");
        assertFalse(brushed.holds());
        assertTrue(brushed.against().getFirst().contains("beads"), brushed.against().toString());
        assertTrue(brushed.instead().getLast().key().startsWith("varnishing.sprayed"), brushed.instead().toString());
        assertTrue(offer(tape, "varnishing.sprayed.matte").holds());
    }

    @Test
    void wax_closesEverythingButItself() {
        FinishReading skin = works().toList().get(1).read();
        assertTrue(offer(skin, "waxing").closes().containsAll(List.of("Varnish", "Clear coat", "Isolating coat", "Resin pour")), offer(skin, "waxing").closes().toString());
        assertEquals(List.of(), offer(skin, "clearing-over").closes());
        assertTrue(offer(skin, "varnishing.removable.gloss").doubts().stream().anyMatch(doubt -> doubt.words().contains("isolating coat first") || doubt.words().contains("isolating coat")), "an isolating coat is not asked for");
    }

    @Test
    void pastel_isFixedFirst() {
        FinishReading pastel = works().toList().get(4).read();
        assertEquals(List.of("Spray fixing"), offer(pastel, "clearing-over").instead().stream().limit(1).map(coat -> coat.way().name()).toList());
    }

    /** Cured when the thickest has, later under tape and in cold damp air. */
    @Test
    void ready_goesByCure() {
        Bench skin = works().toList().get(1).bench();
        Map<ReadyReading.Use, ReadyReading.Ready> ready = ReadyReading.of(skin).uses().stream().collect(Collectors.toMap(ReadyReading.Ready::use, each -> each));
        Duration varnished = ready.get(ReadyReading.Use.VARNISHED).from();
        assertTrue(varnished.minus(skin.now()).toDays() >= 3 && varnished.minus(skin.now()).toDays() <= 14, varnished.toString());
        assertTrue(ready.get(ReadyReading.Use.HUNG).from().compareTo(varnished) < 0);
        List<ReadyReading.Ready> oiled = new ArrayList<>(ReadyReading.of(works().toList().get(2).bench()).uses());
        assertTrue(oiled.stream().anyMatch(each -> each.use() == ReadyReading.Use.VARNISHED && each.from() == null && each.why().contains("oil")));
    }
}
