package kindveil.measure;

/**
 * A starting value with its usual range, its unit and where it stands.
 *
 * @param value the default, inside the range
 * @param least the lower end of the usual range
 * @param most the upper end of the usual range
 */
public record Preset(double value, double least, double most, String unit, Provenance provenance) {
    public Preset {
        if (!(least <= value && value <= most)) {
            throw new IllegalArgumentException("Impossible state: default %s lies outside %s to %s %s."
                    .formatted(value, least, most, unit));
        }
    }

    public static Preset practice(double value, double least, double most, String unit) {
        return new Preset(value, least, most, unit, Provenance.PRACTICE);
    }

    public static Preset assumed(double value, double least, double most, String unit) {
        return new Preset(value, least, most, unit, Provenance.ASSUMED);
    }

    /** For example {@code "100 µm [60 … 150]"}. */
    @Override
    public String toString() {
        return "%s %s [%s … %s]".formatted(Figures.plain(value), unit, Figures.plain(least), Figures.plain(most));
    }
}
