package kindveil.drying;

/**
 * Where the water of a bed is at one moment, and how warm its surface.
 *
 * @param inCoat g/m²; likewise {@code inOverlay} in the print on it and {@code inUnderlay} in what carries it
 */
record Water(double inCoat, double inOverlay, double inUnderlay, double surfaceCelsius) {
    static Water of(double[] y) {
        return new Water(Math.max(0, y[0]), Math.max(0, y[1]), Math.max(0, y[2]), y[3]);
    }

    double[] values() {
        return new double[] {inCoat, inOverlay, inUnderlay, surfaceCelsius};
    }

    Water plus(Water other) {
        return new Water(inCoat + other.inCoat, inOverlay + other.inOverlay, inUnderlay, surfaceCelsius);
    }
}
