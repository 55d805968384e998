package kindveil.light;

/** The sRGB transfer curve, IEC 61966-2-1:1999, both ways; values outside [0, 1] are the caller's to judge. */
public final class Srgb {
    private static final float[] LINEAR_OF_BYTE = new float[256];
    private static final int STEPS = 4096;
    private static final byte[] BYTE_OF_LINEAR = new byte[STEPS + 1];
    private static final float[] ENCODED_BY_ROOT = new float[STEPS + 2];

    static {
        for (int i = 0; i < 256; i++) {
            LINEAR_OF_BYTE[i] = (float) decode(i / 255.0);
        }
        for (int i = 0; i <= STEPS; i++) {
            double root = i / (double) STEPS;
            BYTE_OF_LINEAR[i] = (byte) Math.round(255 * encode(root * root));
        }
        for (int i = 0; i < ENCODED_BY_ROOT.length; i++) {
            double root = i / (double) STEPS;
            ENCODED_BY_ROOT[i] = (float) encode(root * root);
        }
    }

    private Srgb() {
    }

    public static double decode(double encoded) {
        return encoded <= 0.04045 ? encoded / 12.92 : Math.pow((encoded + 0.055) / 1.055, 2.4);
    }

    public static double encode(double linear) {
        return linear <= 0.0031308 ? 12.92 * linear : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055;
    }

    /** {@link #encode} by a table over the square root, within 0.00001, for whole pictures; what lies outside [0, 1] is taken as its end. */
    public static float encodeNear(float linear) {
        float at = (float) Math.sqrt(Math.clamp(linear, 0f, 1f)) * STEPS;
        int step = (int) at;
        return ENCODED_BY_ROOT[step] + (ENCODED_BY_ROOT[step + 1] - ENCODED_BY_ROOT[step]) * (at - step);
    }

    public static float linear(int eightBit) {
        return LINEAR_OF_BYTE[eightBit & 255];
    }

    /** To 8 bits by a table over the square root of light, within one step of the exact curve. */
    public static int eightBit(double linear) {
        double bounded = Math.clamp(linear, 0, 1);
        return BYTE_OF_LINEAR[(int) Math.round(Math.sqrt(bounded) * STEPS)] & 255;
    }
}
