package kindveil.reading;

import java.util.Map;
import java.util.Optional;
import kindveil.measure.Length;
import kindveil.tone.Edge;
import kindveil.tone.Opening;
import kindveil.tone.Slip;
import kindveil.tone.Strokes;
import kindveil.way.Edges;
import kindveil.way.Wish;

/**
 * What a wish does to the picture itself, beside the rounds of rubbing it asks for.
 *
 * @param tear the outline its sheet is torn to
 * @param slip how it slid while it was laid
 * @param strokes of the brush it lies under, where ground is left bare between them
 * @param opening cut into it on purpose
 */
public record WishReading(Optional<Edge> tear, Optional<Slip> slip, Optional<Strokes> strokes, Optional<Opening> opening) {
    /** Torn by hand a sheet gives way so far from its edge (assumed). */
    private static final double TORN_MILLIMETRES = 6;
    private static final int TEARS = 10_000;
    private static final double SLIPS_MILLIMETRES = 1.8;
    /** Where it is torn, fibre stands so far beyond the image (practice). */
    public static final double FIBRE_MILLIMETRES = 0.5;

    /**
     * @param choices of the way, among them how its edge is made
     * @param dials of it, among them how much of a broken cover is covered
     * @param width of the picture; likewise {@code height}
     * @param seed which tear, slide and strokes: the same for one picture every time
     */
    public static WishReading of(Wish wish, Map<String, String> choices, Map<String, Double> dials, Length width, Length height, int seed) {
        double deep = Math.max(wish == Wish.TORN ? TORN_MILLIMETRES : 0, Edges.tear(choices.getOrDefault(Edges.OF_PAPER.key(), "")));
        return new WishReading(deep == 0 ? Optional.empty() : Optional.of(new Edge(Edge.Kind.TORN, deep, Math.floorMod(seed, TEARS))),
                wish == Wish.DISTORTED ? Optional.of(new Slip(SLIPS_MILLIMETRES, seed)) : Optional.empty(),
                wish == Wish.BROKEN ? Optional.of(new Strokes(Edges.covered(dials), seed)) : Optional.empty(), Edges.opening(choices, dials, width, height));
    }

    /** The same, were no opening cut. */
    public WishReading closed() {
        return new WishReading(tear, slip, strokes, Optional.empty());
    }

    /** Whether it is whole within its rectangle. */
    public boolean whole() {
        return tear.isEmpty() && strokes.isEmpty() && opening.isEmpty();
    }
}
