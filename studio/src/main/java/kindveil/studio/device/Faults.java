package kindveil.studio.device;

import kindveil.measure.UnusableValue;

/**
 * What is set wrong or worn on the simulated machine.
 *
 * @param percent the size it prints at, 80 to 120: 97 is what a fit-to-page setting often does
 * @param mirror whether mirror is on in its dialogue
 * @param uneven how far its toner swings over the sheet, per cent, 0 to 60
 */
public record Faults(double percent, boolean mirror, double uneven) {
    public static final double LEAST_PERCENT = 80;
    public static final double MOST_PERCENT = 120;
    public static final double MOST_UNEVEN = 60;
    public static final Faults NONE = new Faults(100, false, 0);

    public Faults {
        UnusableValue.requireWithin("size it prints at", percent, LEAST_PERCENT, MOST_PERCENT, "%", "100 is right; fit-to-page gives about 97.");
        UnusableValue.requireWithin("unevenness", uneven, 0, MOST_UNEVEN, "%", "0 is a new drum, 40 a worn one.");
    }
}
