package kindveil.reading;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kindveil.bench.Extent;
import kindveil.bench.Face;
import kindveil.bench.Layer;
import kindveil.bench.Mask;
import kindveil.measure.Words;
import kindveil.way.Act;
import kindveil.way.Trace;
import org.jspecify.annotations.Nullable;

/**
 * What stands up on the support when a work is done: how high, and how far it reaches. Coats that lie over the whole face have
 * no edge and are left out.
 */
public record ReliefReading(List<Rise> rises) {
    /** Paper takes up so many µm for each g/m² (assumed: 1.25 cm³/g). */
    private static final double PAPER = 1.25;
    private static final double TONER_MICROMETRES = 5;
    private static final double FOIL_MICROMETRES = 30;

    /**
     * One thing that stands up.
     *
     * @param part which way of the work laid it, from 0
     * @param words of what
     * @param mask the part of a picture it covers, or null where it lies all over its place
     */
    public record Rise(int part, String words, double micrometres, @Nullable Mask mask, Extent extent) {
    }

    /** What ends at one line: everything of one way that reaches equally far. @param of the thickest first */
    public record Edge(int part, @Nullable Mask mask, Extent extent, double micrometres, List<String> of) {
    }

    public ReliefReading {
        rises = List.copyOf(rises);
    }

    public static ReliefReading of(Trace whole) {
        List<Rise> rises = new ArrayList<>();
        whole.plan().acts().stream().map(Act::id).mapToInt(id -> id.part()).distinct().forEach(part -> {
            Outside.Range own = Outside.Range.of(whole, part);
            whole.part(part).end().layers(Face.SUPPORT_FRONT).subList(Math.min(own.from(), own.to()), own.to()).forEach(layer -> rise(part, layer).ifPresent(rises::add));
        });
        return new ReliefReading(rises);
    }

    private static Optional<Rise> rise(int part, Layer layer) {
        @Nullable Mask mask = layer.mask().part() == Mask.Part.ALL ? null : layer.mask();
        return switch (layer) {
            case Layer.Coating coat when coat.extent() == Extent.WHOLE || layer.mask().part() == Mask.Part.EDGE -> Optional.empty();
            case Layer.Coating coat -> some(part, coat.product().words(), coat.dryMicrometres(), mask, coat.extent());
            case Layer.Image image -> image.inColours() || image.print().ink() != kindveil.bench.PrintKind.Ink.TONER ? Optional.empty() : some(part, "toner", TONER_MICROMETRES, mask, Extent.PICTURE);
            case Layer.Carrier sheet -> some(part, sheet.sheet().words(), sheet.gramsPerSquareMetre() * PAPER, null, Extent.PICTURE);
            case Layer.Residue residue -> some(part, "paper fibre", residue.gramsPerSquareMetre() * PAPER, null, Extent.PICTURE);
            case Layer.Foil foil -> some(part, "tape", FOIL_MICROMETRES, null, Extent.BEYOND);
            case Layer.Undercolour ground -> Optional.empty();
            case Layer.Receiver receiver -> Optional.empty();
            case Layer.Relief relief -> Optional.empty();
        };
    }

    private static Optional<Rise> some(int part, String words, double micrometres, @Nullable Mask mask, Extent extent) {
        return micrometres > 0 ? Optional.of(new Rise(part, words, micrometres, mask, extent)) : Optional.empty();
    }

    /** The edges, the highest first. */
    public List<Edge> edges() {
        Map<List<Object>, List<Rise>> together = new LinkedHashMap<>();
        for (Rise rise : rises) {
            together.computeIfAbsent(List.of(rise.part(), rise.mask() == null ? "" : rise.mask(), rise.extent()), key -> new ArrayList<>()).add(rise);
        }
        return together.values().stream().map(ReliefReading::edge).sorted((a, b) -> Double.compare(b.micrometres(), a.micrometres())).toList();
    }

    private static Edge edge(List<Rise> rises) {
        Rise first = rises.getFirst();
        List<String> words = rises.stream().sorted((a, b) -> Double.compare(b.micrometres(), a.micrometres())).map(Rise::words).distinct().toList();
        return new Edge(first.part(), first.mask(), first.extent(), rises.stream().mapToDouble(Rise::micrometres).sum(), words);
    }

    /** All of what ends there, said. */
    public static String words(Edge edge) {
        return Words.capital(String.join(", ", edge.of()));
    }
}
