package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kindveil.bench.Face;
import kindveil.bench.Layer.Residue;
import kindveil.bench.Refusal;
import kindveil.bench.Refusal.Kind;
import kindveil.bench.ThingKind;
import kindveil.way.Base;
import kindveil.way.Brief;
import kindveil.way.Sequence;
import kindveil.way.Trace;
import kindveil.way.Trace.Moment;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every way over every other, by verdicts written down by hand: what lies uppermost below, what comes first onto it. */
class PairsTest {
    /** What lies uppermost when a way has ended as usual. */
    private static final Map<String, String> UPPERMOST = Map.ofEntries(
            Map.entry("gel-lay", "clear film"), Map.entry("gesso-bed", "dry fibre"), Map.entry("plate-pull", "paint"), Map.entry("plate-to-tissue", "paint"),
            Map.entry("film-release", "dry solution"), Map.entry("viscous-film-lay", "dry solution"), Map.entry("oiled-panel", "oil"), Map.entry("free-skin", "clear film"),
            Map.entry("curved-skin", "clear film"), Map.entry("tape-lift", "tape"), Map.entry("opaque-backed-lay", "dry fibre"), Map.entry("fixed-inkjet-lay", "dry fibre"),
            Map.entry("gum-print", "oil ink"), Map.entry("tissue-lay", "tissue under medium"), Map.entry("block-guide", "dry fibre"), Map.entry("skin-float", "clear film"),
            Map.entry("underpainting", "paint"), Map.entry("leaf-and-papers", "clear film"), Map.entry("glued-print", "clear film"), Map.entry("block-overprint", "oil ink"), Map.entry("stencil-paste", "paint"),
            Map.entry("heat-crackle", "soluble ink"), Map.entry("glazing", "paint"), Map.entry("edges-and-hardware", "paint"),
            Map.entry("drawing-over", "pencil"), Map.entry("spray-fixing", "fixed"), Map.entry("clearing-over", "clear film"), Map.entry("isolating", "clear film"), Map.entry("varnishing", "varnish"),
            Map.entry("waxing", "wax"), Map.entry("oil-finish", "oil"), Map.entry("resin-pour", "resin"), Map.entry("putting-away", "bare ground"));
    /** What a way brings onto it first. */
    private static final Map<String, String> FIRST = Map.ofEntries(
            Map.entry("gel-lay", "wet bed"), Map.entry("gesso-bed", "wet bed"), Map.entry("plate-pull", "plate paint"), Map.entry("plate-to-tissue", "plate paint"),
            Map.entry("film-release", "solution"), Map.entry("viscous-film-lay", "solution"), Map.entry("oiled-panel", "wet bed"), Map.entry("free-skin", "wet bed"),
            Map.entry("curved-skin", "wet bed"), Map.entry("tape-lift", "tape"), Map.entry("opaque-backed-lay", "wet bed"), Map.entry("fixed-inkjet-lay", "wet bed"),
            Map.entry("gum-print", "gummed print"), Map.entry("tissue-lay", "wet bed"), Map.entry("block-guide", "wet bed"), Map.entry("skin-float", "wet bed"),
            Map.entry("underpainting", "brushed coat"), Map.entry("leaf-and-papers", "brushed coat"), Map.entry("glued-print", "brushed coat"), Map.entry("block-overprint", "brushed coat"), Map.entry("stencil-paste", "brushed coat"),
            Map.entry("heat-crackle", "heated pour"), Map.entry("glazing", "brushed coat"), Map.entry("edges-and-hardware", "brushed coat"),
            Map.entry("drawing-over", "pencil"), Map.entry("spray-fixing", "spray"), Map.entry("clearing-over", "brushed coat"), Map.entry("isolating", "last coat"), Map.entry("varnishing", "last coat"),
            Map.entry("waxing", "wax"), Map.entry("oil-finish", "oil"), Map.entry("resin-pour", "resin"), Map.entry("putting-away", "release paper"));
    private static final String ACTS = "wet bed | plate paint | solution | tape | gummed print | brushed coat | heated pour | pencil | spray | last coat | wax | oil | resin | release paper";
    /** A dot where it holds. Oil ends the water-borne sequence, adhesives too; what water lifts runs into anything wet; tape and tissue do not bear heat. */
    private static final String VERDICTS = """
            clear film          | . | . | . | . | . | . | . | . | . | . | . | . | . | .
            paint               | . | . | . | . | . | . | . | . | . | . | . | . | . | .
            dry fibre           | . | . | . | . | . | . | . | . | . | . | . | . | . | .
            dry solution        | . | . | . | . | . | . | . | . | . | . | . | . | . | .
            oil ink             | . | . | . | . | . | . | . | . | . | . | . | . | . | .
            oil                 | NOT_OVER | NOT_OVER | NOT_OVER | NOT_OVER | NOT_OVER | NOT_OVER | NOT_OVER | . | NOTHING_HOLDS | NOT_OVER | . | . | NOTHING_HOLDS | .
            tape                | . | . | . | . | . | . | MELTS | . | . | NOTHING_HOLDS | . | NOTHING_HOLDS | NOTHING_HOLDS | .
            tissue under medium | . | . | . | . | . | . | MELTS | . | . | . | . | . | . | .
            soluble ink         | SOLUBLE_BELOW | SOLUBLE_BELOW | SOLUBLE_BELOW | . | SOLUBLE_BELOW | SOLUBLE_BELOW | SOLUBLE_BELOW | . | . | SOLUBLE_BELOW | . | . | . | .
            pencil              | . | . | . | . | . | . | . | . | . | . | . | . | . | .
            fixed               | . | . | . | . | . | . | . | . | . | . | . | . | . | .
            varnish             | . | . | . | . | . | . | . | . | . | . | . | . | . | .
            bare ground         | . | . | . | . | . | . | . | . | . | . | . | . | . | .
            wax                 | NOTHING_HOLDS | NOTHING_HOLDS | NOTHING_HOLDS | NOTHING_HOLDS | NOTHING_HOLDS | NOTHING_HOLDS | NOTHING_HOLDS | NOTHING_HOLDS | NOTHING_HOLDS | NOTHING_HOLDS | . | NOTHING_HOLDS | NOTHING_HOLDS | .
            resin               | NOTHING_HOLDS | NOTHING_HOLDS | NOTHING_HOLDS | NOTHING_HOLDS | NOTHING_HOLDS | NOTHING_HOLDS | NOTHING_HOLDS | NOTHING_HOLDS | NOTHING_HOLDS | NOTHING_HOLDS | . | NOTHING_HOLDS | NOTHING_HOLDS | .
            """;

    private static Map<List<String>, Set<Kind>> verdicts() {
        List<String> acts = Stream.of(ACTS.split("\\|")).map(String::strip).toList();
        Map<List<String>, Set<Kind>> verdicts = new HashMap<>();
        for (String line : VERDICTS.lines().toList()) {
            List<String> cells = Stream.of(line.split("\\|")).map(String::strip).toList();
            for (int i = 0; i < acts.size(); i++) {
                verdicts.put(List.of(cells.getFirst(), acts.get(i)), cells.get(i + 1).equals(".") ? Set.of() : EnumSet.of(Kind.valueOf(cells.get(i + 1))));
            }
        }
        return verdicts;
    }

    /** A way without its own difficulties on the base of another: what it refuses alone is not put down to what lies below. */
    private static Set<Kind> kinds(Trace trace) {
        return trace.refusals().stream().map(Refusal::kind).collect(Collectors.toCollection(() -> EnumSet.noneOf(Kind.class)));
    }

    private static Trace over(Base base, List<Way> ways) {
        return Trace.of(Sequence.on(base, ways.stream().map(way -> new Sequence.Part(way, Samples.usual(way))).toList()).expand());
    }

    private static Base base(Way lowest) {
        Brief brief = Samples.usual(lowest);
        return brief.base();
    }

    static List<Way> lower() {
        return Catalogue.ways();
    }

    @ParameterizedTest
    @MethodSource("lower")
    void pair_holdsOrIsRefused_asWrittenByHand(Way below) {
        Map<List<String>, Set<Kind>> verdicts = verdicts();
        for (Way above : Catalogue.ways()) {
            Set<Kind> expected = verdicts.get(List.of(UPPERMOST.get(below.key()), FIRST.get(above.key())));
            assertNotNull(expected, () -> "no verdict on %s over %s".formatted(FIRST.get(above.key()), UPPERMOST.get(below.key())));
            Set<Kind> found = kinds(over(base(below), List.of(below, above)));
            Set<Kind> own = own(below, above);
            Set<Kind> more = EnumSet.copyOf(Stream.concat(expected.stream(), Stream.of(Kind.NOT_THERE)).toList());
            more.remove(Kind.NOT_THERE);
            more.removeAll(own);
            found.removeAll(own);
            assertEquals(more, found, () -> "%s over %s".formatted(above.key(), below.key()));
        }
    }

    /** What a way refuses on that base by itself, or what the lower one already ran into: told of there. */
    private static Set<Kind> own(Way below, Way above) {
        Set<Kind> own = kinds(over(base(below), List.of(above)));
        own.addAll(kinds(over(base(below), List.of(below))));
        return own;
    }

    /** Three deep, of the six most used: nothing is refused that neither pair refuses, and nothing a pair refuses gets by. */
    @Test
    void triples_areRefusedExactlyWhereOneOfTheirPairsIs() {
        List<Way> used = Stream.of("gel-lay", "gesso-bed", "tape-lift", "plate-pull", "film-release", "tissue-lay").map(Catalogue::way).toList();
        int tried = 0;
        for (Way a : used) {
            Base base = base(a);
            for (Way b : used) {
                Set<Kind> lower = kinds(over(base, List.of(a, b)));
                for (Way c : used) {
                    Set<Kind> pairs = EnumSet.copyOf(lower.isEmpty() ? EnumSet.noneOf(Kind.class) : lower);
                    pairs.addAll(kinds(over(base, List.of(b, c))));
                    assertEquals(pairs, kinds(over(base, List.of(a, b, c))), () -> "%s, %s, %s".formatted(a.key(), b.key(), c.key()));
                    tried++;
                }
            }
        }
        assertEquals(216, tried);
    }

    /** Rounds of rubbing leave the same fibre whether the way stands alone or over another. */
    @ParameterizedTest
    @MethodSource("lower")
    void rubbing_leavesTheSameFibre_aloneAndOverAnother(Way below) {
        for (Way above : List.of(Catalogue.way("gel-lay"), Catalogue.way("gesso-bed"), Catalogue.way("opaque-backed-lay"), Catalogue.way("block-guide"))) {
            List<Double> alone = fibre(over(base(below), List.of(above)), 0);
            assertTrue(!alone.isEmpty(), above.key());
            assertEquals(alone, fibre(over(base(below), List.of(below, above)), 1), () -> "%s over %s".formatted(above.key(), below.key()));
        }
    }

    /** Grams left after each round of the {@code part}th way, on the face that keeps the image. */
    private static List<Double> fibre(Trace trace, int part) {
        return trace.moments().stream().filter(moment -> moment.act().id().part() == part && moment.act().step() instanceof kindveil.bench.Step.RubAway)
                .map(moment -> last(moment)).toList();
    }

    private static double last(Moment moment) {
        int picture = ((kindveil.bench.Step.RubAway) moment.act().step()).picture();
        return Stream.of(Face.SUPPORT_FRONT, new Face(ThingKind.SKIN, Face.Side.FRONT), new Face(ThingKind.SKIN, Face.Side.BACK), Face.PRINT_FRONT)
                .flatMap(face -> moment.after().layers(face, Residue.class).stream()).filter(residue -> residue.picture() == picture)
                .mapToDouble(Residue::gramsPerSquareMetre).max().orElse(-1);
    }
}
