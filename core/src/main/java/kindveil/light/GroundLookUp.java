package kindveil.light;

import java.util.stream.IntStream;

/**
 * Colours of grounds to their inner reflectance in all bands, by a table: 17³ nodes evenly spaced in encoded sRGB, the square
 * root of reflectance in each band, between them tetrahedral interpolation (Kasson, Plouffe &amp; Nin, "A tetrahedral
 * interpolation technique for color space conversion", SPIE 1909, 1993). Looks through it stay within 0.5 ΔE00 of the
 * spectrum itself at the 99th percentile.
 */
final class GroundLookUp {
    private static final int NODES = 17;
    private static final int STEPS = 4096;
    private static final float[] ROOTS = roots();
    private static final float[] POSITION = positions();

    private GroundLookUp() {
    }

    /** In one thread: others would wait for this class to be initialised. */
    private static float[] roots() {
        float[] roots = new float[NODES * NODES * NODES * Spectrum.BANDS];
        IntStream.range(0, NODES * NODES * NODES).forEach(i -> {
            Spectrum inner = Surface.beneathGround(Upsampling.spectrum(new Colour(level(i / (NODES * NODES)), level(i / NODES % NODES), level(i % NODES))));
            for (int band = 0; band < Spectrum.BANDS; band++) {
                roots[i * Spectrum.BANDS + band] = (float) Math.sqrt(inner.at(band));
            }
        });
        return roots;
    }

    private static float[] positions() {
        float[] positions = new float[STEPS + 1];
        for (int i = 0; i <= STEPS; i++) {
            double root = i / (double) STEPS;
            positions[i] = (float) (Srgb.encode(root * root) * (NODES - 1));
        }
        return positions;
    }

    private static double level(int node) {
        return Srgb.decode(node / (NODES - 1.0));
    }

    private static float position(float linear) {
        return POSITION[(int) (Math.sqrt(Math.clamp(linear, 0f, 1f)) * STEPS + 0.5)];
    }

    /** Inner reflectance of a linear colour into {@code bands}, each band's row at {@code at}. */
    static void inner(float red, float green, float blue, float[][] bands, int at) {
        float r = position(red);
        float g = position(green);
        float b = position(blue);
        int ri = Math.min((int) r, NODES - 2);
        int gi = Math.min((int) g, NODES - 2);
        int bi = Math.min((int) b, NODES - 2);
        float rf = r - ri;
        float gf = g - gi;
        float bf = b - bi;
        int rStep = NODES * NODES * Spectrum.BANDS;
        int gStep = NODES * Spectrum.BANDS;
        int bStep = Spectrum.BANDS;
        float most = Math.max(rf, Math.max(gf, bf));
        float least = Math.min(rf, Math.min(gf, bf));
        float middle = rf + gf + bf - most - least;
        int first = most == rf ? rStep : most == gf ? gStep : bStep;
        int last = least == bf && first != bStep ? bStep : least == gf && first != gStep ? gStep : rStep;
        int base = ri * rStep + gi * gStep + bi * bStep;
        int corner = base + rStep + gStep + bStep;
        int second = corner - last;
        int nearest = base + first;
        float w0 = 1 - most;
        float w1 = most - middle;
        float w2 = middle - least;
        for (int band = 0; band < Spectrum.BANDS; band++) {
            float root = w0 * ROOTS[base + band] + w1 * ROOTS[nearest + band] + w2 * ROOTS[second + band] + least * ROOTS[corner + band];
            bands[band][at] = root * root;
        }
    }
}
