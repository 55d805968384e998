package kindveil.drying;

import kindveil.measure.UnusableValue;

/**
 * One wet coat as it was laid.
 *
 * @param thicknessMicrometres wet thickness when laid, 1 to 10 000 µm
 * @param volatileShare water over the whole, above 0 to 0.95
 * @param capacity what the matter on both sides can still take up, g/m² of water, 0 or more
 * @param cover what lies over it
 */
public record Coat(double thicknessMicrometres, double volatileShare, double capacity, Cover cover) {
    public Coat {
        UnusableValue.requireWithin("wet thickness", thicknessMicrometres, 1, 10_000, "µm",
                "A thin brushed coat is 60 to 80 µm, a deep bed 1600 to 3200 µm.");
        UnusableValue.requireWithin("volatile share", volatileShare, 0.05, 0.95, "", "Mediums hold about 0.6 water.");
        UnusableValue.requireWithin("absorbing capacity", capacity, 0, 1000, "g/m²", "Sealed supports take up 5 or less.");
    }

    public Coat under(Cover other) {
        return new Coat(thicknessMicrometres, volatileShare, capacity, other);
    }

    public Coat withCapacity(double other) {
        return new Coat(thicknessMicrometres, volatileShare, other, cover);
    }

    /** Water at first, g/m². */
    double water() {
        return thicknessMicrometres * volatileShare;
    }
}
