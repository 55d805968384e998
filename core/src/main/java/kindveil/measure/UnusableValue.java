package kindveil.measure;

/** A value that cannot be used, said so that a person can put it right: thing, value, range, remedy. */
public final class UnusableValue extends IllegalArgumentException {
    private static final int LONGEST = 160;
    private final String thing;

    public UnusableValue(String thing, String value, String expected, String remedy) {
        super("%s: “%s” cannot be used. Expected %s. %s".formatted(thing, Words.shown(value, LONGEST), expected, remedy));
        this.thing = thing;
    }

    /** What the value was meant for, as the person knows it. */
    public String thing() {
        return thing;
    }

    /** Refuses {@code value} unless {@code least <= value <= most}. */
    public static double requireWithin(String thing, double value, double least, double most, String unit, String remedy) {
        if (Double.isFinite(value) && value >= least && value <= most) {
            return value;
        }
        throw new UnusableValue(thing, Figures.plain(value) + " " + unit,
                "%s to %s %s".formatted(Figures.plain(least), Figures.plain(most), unit), remedy);
    }
}
