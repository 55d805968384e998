package kindveil.bench;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import kindveil.drying.Underlay;
import kindveil.product.Ordered;

/**
 * Something lying on the bench.
 *
 * @param front layers on its front, from the thing outwards
 * @param back layers on its back, likewise
 * @param matter how it takes up water and holds warmth
 * @param prepared what was done to make it ready
 */
public record Thing(ThingKind kind, List<Layer> front, List<Layer> back, Underlay matter, Set<Preparation> prepared) {
    public Thing {
        front = List.copyOf(front);
        back = List.copyOf(back);
        prepared = Ordered.of(Preparation.class, prepared);
    }

    public static Thing of(ThingKind kind, List<Layer> front, List<Layer> back, Underlay matter) {
        return new Thing(kind, front, back, matter, Set.of());
    }

    public List<Layer> layers(Face.Side side) {
        return side == Face.Side.FRONT ? front : back;
    }

    Thing withLayers(Face.Side side, List<Layer> layers) {
        return side == Face.Side.FRONT ? new Thing(kind, layers, back, matter, prepared) : new Thing(kind, front, layers, matter, prepared);
    }

    Thing prepared(Preparation what) {
        Set<Preparation> all = EnumSet.of(what);
        all.addAll(prepared);
        return new Thing(kind, front, back, matter, all);
    }

    Thing plus(Face.Side side, Layer... layers) {
        return withLayers(side, Stream.concat(layers(side).stream(), Stream.of(layers)).toList());
    }

    /** Every layer on both faces put through {@code change}. */
    Thing mapped(UnaryOperator<Layer> change) {
        return new Thing(kind, front.stream().map(change).toList(), back.stream().map(change).toList(), matter, prepared);
    }

    /** The layers of one type on a face, outermost last. */
    public <T extends Layer> List<T> of(Face.Side side, Class<T> type) {
        List<T> found = new ArrayList<>();
        for (Layer layer : layers(side)) {
            if (type.isInstance(layer)) {
                found.add(type.cast(layer));
            }
        }
        return found;
    }
}
