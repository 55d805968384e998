package kindveil.drying;

import kindveil.measure.UnusableValue;

/**
 * A wet coat as it was laid.
 *
 * @param thicknessMicrometres wet thickness when laid, 1 to 10 000 µm
 * @param volatileShare water over the whole, 0.05 to 0.95
 */
public record Coat(double thicknessMicrometres, double volatileShare) {
    public Coat {
        UnusableValue.requireWithin("wet thickness", thicknessMicrometres, 1, 10_000, "µm",
                "A thin brushed coat is 60 to 80 µm, a deep bed 1600 to 3200 µm.");
        UnusableValue.requireWithin("volatile share", volatileShare, 0.05, 0.95, "", "Mediums hold about 0.6 water.");
    }

    /** Water at first, g/m². */
    double water() {
        return thicknessMicrometres * volatileShare;
    }

    /** Two wet faces laid on each other: one coat as thick as both, with the water of both. */
    Coat joined(Coat other) {
        double thickness = Math.min(10_000, thicknessMicrometres + other.thicknessMicrometres);
        return new Coat(thickness, (water() + other.water()) / (thicknessMicrometres + other.thicknessMicrometres));
    }
}
