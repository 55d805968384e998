package kindveil.studio.page.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import kindveil.bench.Bench;
import kindveil.bench.Face;
import kindveil.bench.Layer.Residue;
import kindveil.bench.Step;
import kindveil.measure.Figures;
import kindveil.studio.page.Pile;
import kindveil.studio.page.Pile.Slab;
import kindveil.studio.page.Say;
import org.jspecify.annotations.Nullable;

/**
 * An act drawn: what lies there now and, where the act changes it, what lies there then.
 *
 * @param after empty where nothing changes
 * @param now what lies uppermost; {@code then} what is new
 * @param hands whether fingers move over it
 */
record ActDrawing(List<Bar> before, List<Bar> after, String now, String then, boolean hands, double top) {
    private static final double FLOOR = 176;
    private static final double TALLEST = 128;
    private static final double MOST_EACH = 5.2;

    /** One layer. @param broken where it lies only under the darks */
    record Bar(double y, double height, String fill, boolean broken) {
        /** Where it lies only here and there. */
        public String parts() {
            return "M14 %1$sh90v%2$sh-90zM140 %1$sh104v%2$sh-104zM280 %1$sh38v%2$sh-38z".formatted(y, height);
        }
    }

    public String said() {
        return then.isEmpty() ? now : now + ", then " + then;
    }

    /** Null where an act is done at nothing that lies on the bench. */
    static @Nullable ActDrawing of(Bench bench, Step step, Say say) {
        Optional<Face> face = Pile.touched(step);
        if (face.isEmpty()) {
            return null;
        }
        List<Slab> before = Pile.of(bench, face.get());
        Bench then = bench.after(step);
        List<Slab> after = Pile.of(then, face.get());
        if (before.isEmpty() && after.isEmpty()) {
            return null;
        }
        double unit = Math.min(MOST_EACH, TALLEST / Math.max(1, Math.max(height(before), height(after))));
        boolean changes = !before.equals(after) && !before.isEmpty();
        List<Bar> now = bars(before.isEmpty() ? after : before, unit);
        return new ActDrawing(now, changes ? bars(after, unit) : List.of(), say.it(before.isEmpty() ? after.getLast().words() : before.getLast().words()), changes ? say.it(left(then, step).orElseGet(() -> fresh(before, after))) : "",
                step instanceof Step.RubAway || step instanceof Step.Press || step instanceof Step.Abrade || step instanceof Step.Blot, now.getLast().y());
    }

    private static double height(List<Slab> pile) {
        return pile.stream().mapToDouble(Slab::height).sum();
    }

    private static List<Bar> bars(List<Slab> pile, double unit) {
        List<Bar> bars = new ArrayList<>();
        double y = FLOOR;
        for (Slab slab : pile) {
            double height = Math.max(3, slab.height() * unit);
            y -= height;
            bars.add(new Bar(Math.round(y * 10) / 10.0, Math.round(height * 10) / 10.0, slab.fill(), slab.broken()));
        }
        return bars;
    }

    /** How much paper a round of rubbing leaves. */
    private static Optional<String> left(Bench then, Step step) {
        return step instanceof Step.RubAway rub ? then.layers(rub.keeps(), Residue.class).stream().findFirst().map(fibre -> "about %s g/m² of fibre left; it will dry white".formatted(Figures.rounded(fibre.gramsPerSquareMetre(), 1))) : Optional.empty();
    }

    private static String fresh(List<Slab> before, List<Slab> after) {
        List<String> were = before.stream().map(Slab::words).toList();
        String added = after.stream().map(Slab::words).filter(words -> !were.contains(words)).distinct().collect(Collectors.joining(", "));
        List<String> are = after.stream().map(Slab::words).toList();
        String gone = before.stream().map(Slab::words).filter(words -> !are.contains(words)).distinct().collect(Collectors.joining(", "));
        return !added.isEmpty() ? added : gone.isEmpty() ? "" : "without " + gone;
    }
}
