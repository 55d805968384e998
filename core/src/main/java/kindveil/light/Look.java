package kindveil.light;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import kindveil.image.Picture;
import kindveil.image.Plane;

/**
 * One look of the finished thing: a stack for each combination of masks (state {@code s} has mask {@code i} where bit
 * {@code i} of it is set), mixed by coverage at each pixel (Neugebauer 1937). Each stack is baked once, so the cost of a
 * pixel does not depend on its layers.
 */
public final class Look {
    private static final int MOST_MASKS = 6;
    private final List<Stack> states;
    private final Baked[] baked;
    private final int masks;

    /** @param states 2^k of them for k masks, k at most 6 */
    public Look(List<Stack> states) {
        masks = Integer.numberOfTrailingZeros(states.size());
        if (states.isEmpty() || states.size() != 1 << masks || masks > MOST_MASKS) {
            throw new IllegalArgumentException("Impossible state: %d stacks are not two to the power of their masks.".formatted(states.size()));
        }
        this.states = List.copyOf(states);
        baked = new Baked[states.size()];
    }

    private synchronized Baked baked(int state) {
        if (baked[state] == null) {
            baked[state] = Baked.of(states.get(state));
        }
        return baked[state];
    }

    /** The share of a state where mask {@code i} covers {@code coverages[i]}. */
    static float share(int state, float[] coverages) {
        float share = 1;
        for (int i = 0; i < coverages.length; i++) {
            share *= (state >> i & 1) == 1 ? coverages[i] : 1 - coverages[i];
        }
        return share;
    }

    /** The colour at one place. */
    public Colour at(Colour ground, float... coverages) {
        Colour seen = new Colour(0, 0, 0);
        for (int state = 0; state < states.size(); state++) {
            float share = share(state, coverages);
            if (share > 0) {
                Colour c = baked(state).over(ground);
                seen = new Colour(seen.red() + share * c.red(), seen.green() + share * c.green(), seen.blue() + share * c.blue());
            }
        }
        return seen;
    }

    /** The whole picture: {@code coverages} 0 to 1 a pixel, one plane a mask, over {@code ground}, all of one size. */
    public Picture over(Picture ground, List<Plane> coverages) {
        if (coverages.size() != masks) {
            throw new IllegalArgumentException("Impossible state: %d coverages for %d masks.".formatted(coverages.size(), masks));
        }
        int width = ground.red().width();
        int height = ground.red().height();
        float[][] planes = new float[3][width * height];
        List<Integer> used = used(coverages);
        used.forEach(this::baked);
        IntStream.range(0, height).parallel().forEach(y -> row(ground, coverages, used, y, planes));
        return new Picture(Plane.of(width, height, planes[0]), Plane.of(width, height, planes[1]), Plane.of(width, height, planes[2]));
    }

    /** States that some pixel may be in: a mask that is nowhere leaves half of them out. */
    private List<Integer> used(List<Plane> coverages) {
        int possible = 0;
        for (int i = 0; i < coverages.size(); i++) {
            possible |= coverages.get(i).anyAbove(0) ? 1 << i : 0;
        }
        List<Integer> used = new ArrayList<>();
        for (int state = 0; state < states.size(); state++) {
            if ((state & ~possible) == 0) {
                used.add(state);
            }
        }
        return used;
    }

    private void row(Picture ground, List<Plane> coverages, List<Integer> used, int y, float[][] planes) {
        float[] seen = new float[3];
        float[] cover = new float[masks];
        int width = ground.red().width();
        for (int x = 0; x < width; x++) {
            float r = position(ground.red().at(x, y));
            float g = position(ground.green().at(x, y));
            float b = position(ground.blue().at(x, y));
            for (int i = 0; i < masks; i++) {
                cover[i] = coverages.get(i).at(x, y);
            }
            int at = y * width + x;
            for (int state : used) {
                float share = share(state, cover);
                if (share > 0) {
                    baked[state].look(r, g, b, seen);
                    for (int k = 0; k < 3; k++) {
                        planes[k][at] += share * linear(seen[k]);
                    }
                }
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
