package kindveil.light;

import java.util.ArrayList;
import java.util.List;
import kindveil.measure.UnusableValue;

/**
 * What a machine prints with, and on which white.
 *
 * <p>A solid of each ink absorbs and does not scatter; inks over each other multiply (Bouguer 1729, Lambert 1760). One-way
 * density of a solid at λ nm (assumed, block-like absorptions of process inks, g(m, s) = e^(−((λ−m)/s)²/2)): cyan
 * 0.75·g(650, 60) + 0.10·g(450, 80); magenta 0.70·g(545, 38) + 0.12·g(440, 40); yellow 0.75/(1 + e^((λ−505)/12)) + 0.01; black the
 * same at each wavelength.
 *
 * @param coloured whether it has cyan, magenta and yellow; black alone otherwise
 * @param density of its colours against those above, 0.3 to 2
 * @param black one-way transmittance of its solid black, above 0 and below 1
 * @param paper L* of the white it prints on, judged from outside, 60 to 98
 */
public record Inks(boolean coloured, double density, double black, double paper) {
    private static final List<Spectrum> SOLIDS = List.of(
            density(nm -> 0.75 * lobe(nm, 650, 60) + 0.10 * lobe(nm, 450, 80)),
            density(nm -> 0.70 * lobe(nm, 545, 38) + 0.12 * lobe(nm, 440, 40)),
            density(nm -> 0.75 / (1 + Math.exp((nm - 505) / 12)) + 0.01));
    /** White copy paper. */
    public static final double WHITE = 95;

    public Inks {
        UnusableValue.requireWithin("ink density", density, 0.3, 2, "", "1 is a laser print.");
        UnusableValue.requireWithin("toner transmittance", black, 0.001, 0.999, "of the light", "A good copy lets about 0.2 through.");
        UnusableValue.requireWithin("paper", paper, 60, 98, "L*", "Copy paper is about 95.");
    }

    public static Inks black(double transmittance) {
        return new Inks(false, 1, transmittance, WHITE);
    }

    private interface Curve {
        double at(double nanometres);
    }

    private static Spectrum density(Curve curve) {
        return Spectrum.of(band -> curve.at(Spectrum.nanometres(band)));
    }

    private static double lobe(double nm, double peak, double width) {
        double t = (nm - peak) / width;
        return Math.exp(-0.5 * t * t);
    }

    /** One-way transmittance of a solid. */
    public Spectrum solid(ProcessInk ink) {
        return ink == ProcessInk.BLACK ? Spectrum.flat(black) : SOLIDS.get(ink.ordinal()).map(d -> Math.pow(10, -d * density));
    }

    /** Those it has. */
    public List<ProcessInk> all() {
        return coloured ? List.of(ProcessInk.values()) : List.of(ProcessInk.BLACK);
    }

    /** Inner reflectance of its paper. */
    double innerPaper() {
        return Surface.MATTE.inner(Lab.luminanceOf(paper));
    }

    /** Luminance seen of its paper where black lets so much of the light through and back, 0 to 1. */
    public double luminance(double left) {
        return Surface.MATTE.outer(innerPaper() * left);
    }

    /**
     * What is seen of it on its own paper where each ink covers so much, 0 to 1: dots lie independently of each other, so that the
     * mean over all their overlaps (Demichel 1924, Neugebauer 1937) is the product of each ink's mean; mixed under the surface.
     *
     * @param coverages in the order of {@link ProcessInk}
     */
    public Spectrum onPaper(double... coverages) {
        List<Spectrum> solids = new ArrayList<>();
        for (ProcessInk ink : ProcessInk.values()) {
            solids.add(solid(ink));
        }
        return Surface.MATTE.over(Spectrum.of(band -> {
            double r = innerPaper();
            for (int ink = 0; ink < coverages.length; ink++) {
                double t = solids.get(ink).at(band);
                r *= 1 - coverages[ink] * (1 - t * t);
            }
            return r;
        }));
    }

    /** The same as a colour. */
    public Colour colour(double... coverages) {
        return Observer.colour(onPaper(coverages));
    }
}
