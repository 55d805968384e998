package kindveil.light;

/**
 * CIE 1976 L*a*b* under D65, 2° observer (CIE 15:2004, 8.2.1).
 *
 * @param lightness L*, 0 = black, 100 = the white of paper
 */
public record Lab(double lightness, double a, double b) {
    private static final double EPSILON = Math.pow(6.0 / 29, 3);
    private static final int STEPS = 4096;
    private static final float[] BY_ROOT = new float[STEPS + 2];

    static {
        for (int i = 0; i < BY_ROOT.length; i++) {
            double root = i / (double) STEPS;
            BY_ROOT[i] = (float) lightnessOf(root * root);
        }
    }

    static Lab ofXyz(double x, double y, double z) {
        double fx = cubeRoot(x / Observer.WHITE_X);
        double fy = cubeRoot(y);
        double fz = cubeRoot(z / Observer.WHITE_Z);
        return new Lab(116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz));
    }

    /** L* of a relative luminance, 0 to 1. */
    public static double lightnessOf(double luminance) {
        return 116 * cubeRoot(luminance) - 16;
    }

    /** The same by a table over the square root, within 0.0002 L*, for whole pictures; what lies outside [0, 1] is taken as its end. */
    public static float lightnessNear(float luminance) {
        float at = (float) Math.sqrt(Math.clamp(luminance, 0f, 1f)) * STEPS;
        int step = (int) at;
        return BY_ROOT[step] + (BY_ROOT[step + 1] - BY_ROOT[step]) * (at - step);
    }

    /** Relative luminance of an L*. */
    public static double luminanceOf(double lightness) {
        double f = (lightness + 16) / 116;
        return f > 6.0 / 29 ? f * f * f : 3 * (6.0 / 29) * (6.0 / 29) * (f - 4.0 / 29);
    }

    private static double cubeRoot(double t) {
        return t > EPSILON ? Math.cbrt(t) : t / (3 * (6.0 / 29) * (6.0 / 29)) + 4.0 / 29;
    }

    public double chroma() {
        return Math.hypot(a, b);
    }
}
