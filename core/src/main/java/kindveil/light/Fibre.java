package kindveil.light;

import kindveil.measure.Preset;

/**
 * Paper fibre left on the image after rubbing, and what fills it.
 *
 * <p>Scattering of fibre in air 45 m²/kg, absorption 0.3 m²/kg (assumed, of the order
 * found for bleached pulp). Filled by a liquid of index n the scattering falls by
 * [((nf/n)²−1)/(nf²−1)]², nf = 1.53, the Rayleigh–Gans dependence on relative index; an unfilled share of
 * the pores keeps the dry value.
 */
public final class Fibre {
    private static final double SCATTERING = 45;
    private static final double ABSORPTION = 0.3;
    private static final double INDEX = 1.53;
    /** Residue after passes 1 to 5 and more on 80 g/m² copy paper, g/m² (assumed). */
    private static final double[] AFTER_PASS = {12, 5, 2, 0.5, 0.25};

    private Fibre() {
    }

    /** What the pores of the fibre hold. */
    public enum Filling {
        AIR(1, 0), WATER(1.333, 0.03), OIL(1.47, 0.05), ACRYLIC(1.49, 0.08);

        private final double index;
        private final double unfilled;

        Filling(double index, double unfilled) {
            this.index = index;
            this.unfilled = unfilled;
        }

        double scatteringShare() {
            if (this == AIR) {
                return 1;
            }
            double filled = Math.pow((Math.pow(INDEX / index, 2) - 1) / (INDEX * INDEX - 1), 2);
            return filled + unfilled * (1 - filled);
        }
    }

    /** A layer of fibre of {@code gramsPerSquareMetre}, at least 0. */
    public static Film film(double gramsPerSquareMetre, Filling filling) {
        return Film.of(Spectrum.flat(ABSORPTION), Spectrum.flat(SCATTERING * filling.scatteringShare()),
                gramsPerSquareMetre / 1000);
    }

    /** Fibre left after {@code passes} rounds of wetting and rubbing, 1 or more, on ordinary copy paper. */
    public static Preset residue(int passes) {
        if (passes < 1) {
            throw new IllegalArgumentException("Impossible state: residue after %d passes.".formatted(passes));
        }
        double usual = AFTER_PASS[Math.min(passes, AFTER_PASS.length) - 1];
        return Preset.assumed(usual, usual * 2 / 3, usual * 4 / 3, "g/m²");
    }
}
