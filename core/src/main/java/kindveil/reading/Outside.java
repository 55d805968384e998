package kindveil.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import kindveil.bench.Bench;
import kindveil.bench.Extent;
import kindveil.bench.Face;
import kindveil.bench.Layer;
import kindveil.way.Trace;

/**
 * What of a work lies where a picture of it does not: a little past its edge the coats that reach beyond it, further out only those
 * laid over the whole face.
 */
public final class Outside {
    private Outside() {
    }

    /** How far the furthest of what one way of a work lays on the support reaches. */
    public static Extent furthest(Trace whole, int part) {
        List<Layer> all = layers(whole.end());
        Range own = Range.of(whole, part);
        return all.subList(Math.min(own.from(), all.size()), Math.min(own.to(), all.size())).stream().map(Outside::reach).reduce(Extent.PICTURE, (a, b) -> a.compareTo(b) > 0 ? a : b);
    }

    /**
     * A bench as it is at a place outside some pictures.
     *
     * @param least for ways whose picture is not there, how far a layer must reach to be
     */
    public static Bench at(Bench bench, Trace whole, Map<Integer, Extent> least) {
        if (least.isEmpty()) {
            return bench;
        }
        List<Layer> kept = new ArrayList<>();
        List<Layer> all = layers(bench);
        for (int i = 0; i < all.size(); i++) {
            int at = i;
            Layer layer = all.get(i);
            boolean ends = least.entrySet().stream().anyMatch(other -> Range.of(whole, other.getKey()).holds(at) && reach(layer).compareTo(other.getValue()) < 0);
            if (!ends) {
                kept.add(layer);
            }
        }
        return bench.having(Face.SUPPORT_FRONT, kept);
    }

    private static List<Layer> layers(Bench bench) {
        return bench.layers(Face.SUPPORT_FRONT);
    }

    private static Extent reach(Layer layer) {
        return switch (layer) {
            case Layer.Coating coat -> coat.extent();
            case Layer.Foil foil -> Extent.BEYOND;
            case Layer.Undercolour ground -> Extent.WHOLE;
            case Layer.Image image -> Extent.PICTURE;
            case Layer.Residue residue -> Extent.PICTURE;
            case Layer.Carrier sheet -> Extent.PICTURE;
            case Layer.Receiver receiver -> Extent.PICTURE;
            case Layer.Relief relief -> Extent.PICTURE;
        };
    }

    /** Which layers on the support one way of a work laid, counted outwards. */
    record Range(int from, int to) {
        static Range of(Trace whole, int part) {
            List<Trace.Moment> own = whole.part(part).moments();
            return new Range(layers(own.getFirst().before()).size(), layers(own.getLast().after()).size());
        }

        boolean holds(int layer) {
            return layer >= from && layer < to;
        }
    }
}
