package kindveil.finish;

import kindveil.bench.Bench;
import kindveil.bench.Support;
import kindveil.measure.Length;
import kindveil.reading.StackReading;

/**
 * What hangs on its hardware.
 *
 * @param grams of the whole, dry
 * @param rated grams each fixing and the wire should be rated for at least
 * @param wire pull in the wire on each side, in grams, where it is slung at thirty degrees
 * @param framed whether it is hung in a frame, being too soft to bear hardware itself: then the frame and its glass come on top
 */
public record HangingReading(double grams, double rated, double wire, boolean framed) {
    /** Of dry films and papers, g/cm³ (assumed). */
    private static final double DENSITY = 1.15;
    /** Hardware is taken for twice what hangs on it (practice). */
    private static final double TIMES = 2;
    private static final double SLUNG_DEGREES = 30;
    private static final double SQUARE_MILLIMETRES = 1e6;

    /** @param width of all of it; {@code height} likewise */
    public static HangingReading of(Bench end, Length width, Length height) {
        double area = width.millimetres() * height.millimetres() / SQUARE_MILLIMETRES;
        double support = end.support().map(under -> under.support().weight()).orElse(0.0);
        double layers = StackReading.of(end).layers().stream().filter(seen -> seen.kind() != StackReading.Kind.GROUND).mapToDouble(seen -> seen.micrometres() * DENSITY).sum();
        double grams = area * (support + layers);
        boolean rigid = end.support().map(under -> under.support().is(Support.Trait.RIGID)).orElse(false);
        return new HangingReading(grams, TIMES * grams, grams / (2 * Math.sin(Math.toRadians(SLUNG_DEGREES))), !rigid);
    }
}
