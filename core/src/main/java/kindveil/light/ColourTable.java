package kindveil.light;

/**
 * Values of a colour by a table: {@value #NODES}³ nodes, spaced as encoded sRGB to the power of 1/{@value #DARKS}, closer among the darks
 * where the grey of inks turns into black; between them tetrahedral interpolation
 * (Kasson, Plouffe &amp; Nin, "A tetrahedral interpolation technique for color space conversion", SPIE 1909, 1993).
 */
final class ColourTable {
    private static final int NODES = 21;
    private static final double DARKS = 1.3;
    private static final int STEPS = 4096;
    private static final float[] POSITION = positions();
    private final int width;
    private final float[] values;

    private ColourTable(int width, float[] values) {
        this.width = width;
        this.values = values;
    }

    /** What a node's colour has. */
    interface Node {
        double[] values(Colour colour);
    }

    /** In one thread: others may wait for what is made of it. @param width values a colour has */
    static ColourTable of(int width, Node node) {
        float[] values = new float[NODES * NODES * NODES * width];
        for (int i = 0; i < NODES * NODES * NODES; i++) {
            double[] there = node.values(new Colour(level(i / (NODES * NODES)), level(i / NODES % NODES), level(i % NODES)));
            for (int k = 0; k < width; k++) {
                values[i * width + k] = (float) there[k];
            }
        }
        return new ColourTable(width, values);
    }

    private static float[] positions() {
        float[] positions = new float[STEPS + 1];
        for (int i = 0; i <= STEPS; i++) {
            double root = i / (double) STEPS;
            positions[i] = (float) (Math.pow(Srgb.encode(root * root), 1 / DARKS) * (NODES - 1));
        }
        return positions;
    }

    private static double level(int node) {
        return Srgb.decode(Math.pow(node / (NODES - 1.0), DARKS));
    }

    private static float position(float linear) {
        return POSITION[(int) (Math.sqrt(Math.clamp(linear, 0f, 1f)) * STEPS + 0.5)];
    }

    /** The values of a linear colour, each into its row of {@code into} at {@code at}. */
    void read(float red, float green, float blue, float[][] into, int at) {
        float r = position(red);
        float g = position(green);
        float b = position(blue);
        int ri = Math.min((int) r, NODES - 2);
        int gi = Math.min((int) g, NODES - 2);
        int bi = Math.min((int) b, NODES - 2);
        float rf = r - ri;
        float gf = g - gi;
        float bf = b - bi;
        int rStep = NODES * NODES * width;
        int gStep = NODES * width;
        int bStep = width;
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
        for (int k = 0; k < width; k++) {
            into[k][at] = w0 * values[base + k] + w1 * values[nearest + k] + w2 * values[second + k] + least * values[corner + k];
        }
    }
}
