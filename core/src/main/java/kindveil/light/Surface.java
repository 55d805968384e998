package kindveil.light;

/**
 * Where the index of refraction changes from binder to air. J. L. Saunderson, "Calculation of the color of
 * pigmented plastics", JOSA 32 (1942): outer R = k + (1−K1)(1−K2)Ri/(1−K2·Ri), with K1 = 0.04
 * for light entering and K2 = 0.5 for diffuse light leaving. A gloss face sends the 4 % away from the eye
 * (k = 0); a matte face returns it as a veil (k = K1).
 */
public enum Surface {
    GLOSS(0), MATTE(Surface.ENTERING);

    private static final double ENTERING = 0.04;
    static final double LEAVING = 0.5;
    static final double THROUGH = (1 - Surface.ENTERING) * (1 - Surface.LEAVING);
    private static final double DARK_GROUND = 0.008;
    private final double veil;

    Surface(double veil) {
        this.veil = veil;
    }

    /** What is seen from outside of an inner reflectance. */
    public double outer(double inner) {
        return veil + THROUGH * inner / (1 - LEAVING * inner);
    }

    public Spectrum over(Spectrum inner) {
        return inner.map(this::outer);
    }

    /** The inverse, for an outer reflectance of at least this surface's veil: the inner reflectance, 0 to 1. */
    public double inner(double outer) {
        double through = Math.max(0, outer - veil) / THROUGH;
        return Math.min(1, through / (1 + LEAVING * through));
    }

    /**
     * The inner reflectance of a ground whose colour was picked or photographed from outside. Grounds darker than
     * the veil of a dull face were photographed out of the glare: towards black the veil taken off goes
     * smoothly to nought, over about 0.016 of reflectance, so that no ground is a perfect hole.
     */
    static Spectrum beneathGround(Spectrum outer) {
        return outer.map(r -> {
            double above = r - MATTE.veil;
            double soft = (above + Math.sqrt(above * above + 4 * DARK_GROUND * DARK_GROUND)) / 2;
            return MATTE.inner(MATTE.veil + soft);
        });
    }
}
