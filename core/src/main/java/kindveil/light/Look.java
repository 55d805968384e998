package kindveil.light;

import java.util.stream.IntStream;
import kindveil.image.Picture;
import kindveil.image.Plane;

/**
 * One look of the finished thing: the stack where there is toner and the stack where there is none, mixed by
 * coverage at each pixel (Neugebauer 1937 with two states).
 */
public final class Look {
    private final Baked withToner;
    private final Baked without;

    public Look(Stack withToner, Stack without) {
        this.withToner = Baked.of(withToner);
        this.without = Baked.of(without);
    }

    /** The colour at one place. */
    public Colour at(Colour ground, double coverage) {
        return without.over(ground).mixed(withToner.over(ground), coverage);
    }

    /** The whole picture: {@code coverage} 0 to 1 a pixel over {@code ground}, both of one size. */
    public Picture over(Picture ground, Plane coverage) {
        int width = coverage.width();
        int height = coverage.height();
        float[][] planes = new float[3][width * height];
        IntStream.range(0, height).parallel().forEach(y -> row(ground, coverage, y, planes));
        return new Picture(Plane.of(width, height, planes[0]), Plane.of(width, height, planes[1]),
                Plane.of(width, height, planes[2]));
    }

    private void row(Picture ground, Plane coverage, int y, float[][] planes) {
        float[] clear = new float[3];
        float[] dark = new float[3];
        int width = coverage.width();
        for (int x = 0; x < width; x++) {
            float r = position(ground.red().at(x, y));
            float g = position(ground.green().at(x, y));
            float b = position(ground.blue().at(x, y));
            without.look(r, g, b, clear);
            withToner.look(r, g, b, dark);
            float c = coverage.at(x, y);
            for (int k = 0; k < 3; k++) {
                float lit = linear(clear[k]);
                planes[k][y * width + x] = lit + c * (linear(dark[k]) - lit);
            }
        }
    }

    private static final int TABLE = 4096;
    private static final float[] POSITION = new float[TABLE + 1];
    private static final float[] LINEAR = new float[TABLE + 1];

    static {
        for (int i = 0; i <= TABLE; i++) {
            double root = i / (double) TABLE;
            POSITION[i] = Baked.position(root * root);
            LINEAR[i] = (float) Srgb.decode(root);
        }
    }

    private static float position(float linear) {
        return POSITION[(int) (Math.sqrt(Math.clamp(linear, 0, 1)) * TABLE + 0.5)];
    }

    private static float linear(float encoded) {
        return LINEAR[(int) (Math.clamp(encoded, 0, 1) * TABLE + 0.5)];
    }
}
