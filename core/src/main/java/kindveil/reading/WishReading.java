package kindveil.reading;

import java.util.Optional;
import kindveil.tone.Edge;
import kindveil.tone.Slip;
import kindveil.way.Wish;

/**
 * What a wish does to the picture itself, beside the rounds of rubbing it asks for.
 *
 * @param tear the outline its sheet is torn to
 * @param slip how it slid while it was laid
 */
public record WishReading(Optional<Edge> tear, Optional<Slip> slip) {
    /** Torn by hand a sheet gives way so far from its edge (assumed). */
    private static final double TORN_MILLIMETRES = 6;
    private static final int TEARS = 10_000;
    private static final double SLIPS_MILLIMETRES = 1.8;
    /** Where it is torn, fibre stands so far beyond the image (practice). */
    public static final double FIBRE_MILLIMETRES = 0.5;

    /** @param seed which tear and slide: the same for one picture every time */
    public static WishReading of(Wish wish, int seed) {
        return switch (wish) {
            case TORN -> new WishReading(Optional.of(new Edge(Edge.Kind.TORN, TORN_MILLIMETRES, Math.floorMod(seed, TEARS))), Optional.empty());
            case DISTORTED -> new WishReading(Optional.empty(), Optional.of(new Slip(SLIPS_MILLIMETRES, seed)));
            case CLEAN, SOFT, GHOSTED -> new WishReading(Optional.empty(), Optional.empty());
        };
    }
}
