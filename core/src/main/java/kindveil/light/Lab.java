package kindveil.light;

/**
 * CIE 1976 L*a*b* under D65, 2° observer (CIE 15:2004, 8.2.1).
 *
 * @param lightness L*, 0 = black, 100 = the white of paper
 */
public record Lab(double lightness, double a, double b) {
    private static final double EPSILON = Math.pow(6.0 / 29, 3);

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
