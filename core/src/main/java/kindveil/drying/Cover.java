package kindveil.drying;

/**
 * What lies over a coat and the print on it; covers lie upon each other. Assumed, but for films that are known to be closed.
 *
 * @param resistance to vapour, s/m
 * @param thermalResistance to heat, m²K/W
 * @param words how it is said
 */
public record Cover(double resistance, double thermalResistance, String words) {
    public static final Cover NONE = new Cover(0, 0, "open to the air");
    public static final Cover ACRYLIC_SKIN = new Cover(1500, 0.001, "under an acrylic skin");
    public static final Cover CLOSED_FILM = new Cover(100_000, 0.002, "under a closed film");
    private static final Cover WEIGHT = new Cover(1500, 0.1, "under weight");
    private static final Cover WEIGHT_OVER_FILM = new Cover(2500, 0.1, "under film and weight");
    private static final double OWN_SKIN_PER_MICROMETRE = 8.5;

    /** Interleaf, board and weight; {@code film} where film lies under the board instead of paper. */
    public static Cover weight(boolean film) {
        return film ? WEIGHT_OVER_FILM : WEIGHT;
    }

    /** A coat over this one, which skins over and lets its water through slowly. */
    public static Cover coat(double wetMicrometres) {
        return new Cover(OWN_SKIN_PER_MICROMETRE * wetMicrometres, 0, "under another coat");
    }

    public Cover plus(Cover other) {
        return new Cover(resistance + other.resistance, thermalResistance + other.thermalResistance, other.resistance >= resistance ? other.words : words);
    }
}
