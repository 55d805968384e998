package kindveil.reading;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import kindveil.bench.Bench;
import kindveil.bench.Extent;
import kindveil.bench.Face;
import kindveil.bench.Layer;
import kindveil.way.Trace;

/**
 * What of a work lies where a picture of it does not: in an opening cut into it the coats brushed on the support itself, a little past
 * its edge those that reach beyond it, further out only those laid over the whole face.
 */
public final class Outside {
    /** Where a place is, seen from one picture. */
    public enum Place {
        WITHIN(Extent.PICTURE), OPENING(Extent.PICTURE), PAST(Extent.BEYOND), FURTHER(Extent.WHOLE);

        private final Extent least;

        Place(Extent least) {
            this.least = least;
        }

        /** Whether what reaches so far may lie there. */
        public boolean within(Extent reach) {
            return reach.compareTo(least) >= 0;
        }
    }

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
     * @param places of each way whose picture is not there, by its number in the work: where the place is, seen from it
     */
    public static Bench at(Bench bench, Trace whole, Map<Integer, Place> places) {
        List<Layer> all = layers(bench);
        List<Layer> kept = IntStream.range(0, all.size()).filter(i -> places.entrySet().stream().noneMatch(at -> Range.of(whole, at.getKey()).holds(i) && !lies(all.get(i), at.getValue(), whole.part(at.getKey()))))
                .mapToObj(all::get).toList();
        return kept.size() == all.size() ? bench : bench.having(Face.SUPPORT_FRONT, kept);
    }

    private static boolean lies(Layer layer, Place place, Trace own) {
        return place.within(reach(layer)) && (place != Place.OPENING || layer instanceof Layer.Coating coat && brushed(coat, own));
    }

    /** Whether a coat was brushed on the support, and did not come with what carries the picture. */
    private static boolean brushed(Layer.Coating coat, Trace own) {
        return own.moments().stream().filter(moment -> layers(moment.after()).stream().anyMatch(layer -> same(layer, coat))).findFirst()
                .filter(moment -> pictures(moment.after()) > pictures(moment.before())).isEmpty();
    }

    private static boolean same(Layer layer, Layer.Coating coat) {
        return layer instanceof Layer.Coating other && other.product().equals(coat.product()) && other.laid().equals(coat.laid());
    }

    private static long pictures(Bench bench) {
        return layers(bench).stream().filter(Layer.Image.class::isInstance).count();
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
