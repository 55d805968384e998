package kindveil.mixing;

import kindveil.measure.Volume;
import kindveil.product.Mixture;

/** What parts are measured with: the least it measures, and its steps. */
public enum Measure {
    DROPPER("a dropper", Volume.DROP_MILLILITRES), SYRINGE("a small syringe", 0.1), SPOONS("measuring spoons", 0), CUP("a measuring cup", 5);

    private static final double SLACK = 1e-9;
    private final String words;
    private final double step;

    Measure(String words, double step) {
        this.words = words;
        this.step = step;
    }

    public String words() {
        return words;
    }

    /** What the recipe is told in by itself: whole drops of what is let in by the drop, spoons of everything else. */
    public static Measure usual(Mixture mixture) {
        return mixture.parts() > 0 && mixture.smallest().dropped() ? DROPPER : SPOONS;
    }

    /** The least it measures that is not less than some ml. */
    public double atLeast(double millilitres) {
        return this == SPOONS ? new Volume(millilitres).spooned().millilitres() : Math.max(step, step * Math.ceil(millilitres / step - SLACK));
    }

    /** Whether it measures so many ml to the step. */
    public boolean exactly(double millilitres) {
        return Math.abs(atLeast(millilitres) - millilitres) < 1e-6;
    }

    /** How many of its steps that is. */
    public double steps(double millilitres) {
        return millilitres / (this == SPOONS ? new Volume(0.01).spooned().millilitres() : step);
    }
}
