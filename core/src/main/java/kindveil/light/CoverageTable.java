package kindveil.light;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import kindveil.image.Picture;
import kindveil.image.Plane;

/**
 * A look over a flat ground depends on the coverages alone: worked out once on a grid of them and looked up between its points,
 * linearly along each. What is mixed by coverage is exact so; the surface above bends a little, by less than a fifth of ΔE00 at
 * this grid.
 */
final class CoverageTable {
    /** Points along each coverage, by how many there are; for none and for more than these nothing is looked up. */
    private static final int[] POINTS = {0, 257, 65, 33, 13};
    /** A table pays where what is looked up has so many times its points. */
    private static final int PAYS = 3;
    private final int[] masks;
    private final int points;
    private final Picture values;
    private final int[] steps;
    private final int[] corners;

    private CoverageTable(int[] masks, int points, Picture values) {
        this.masks = masks;
        this.points = points;
        this.values = values;
        this.steps = new int[masks.length];
        this.corners = new int[1 << masks.length];
        for (int m = 0, step = 1; m < masks.length; m++, step *= points) {
            steps[m] = step;
            for (int c = 0; c < 1 << m; c++) {
                corners[c + (1 << m)] = corners[c] + step;
            }
        }
    }

    /** Where the ground is flat, the masks that are somewhere are few, and the picture is large enough for it to pay. */
    static Optional<CoverageTable> of(Look look, Picture ground, List<Plane> coverages, Look.Part part) {
        int[] masks = IntStream.range(0, coverages.size()).filter(i -> coverages.get(i).anyAbove(0)).toArray();
        if (masks.length == 0 || masks.length >= POINTS.length) {
            return Optional.empty();
        }
        int points = POINTS[masks.length];
        int all = (int) Math.round(Math.pow(points, masks.length));
        long pixels = (long) (part.right() - part.left()) * (part.bottom() - part.top());
        if (pixels < (long) PAYS * all || !flat(ground, part)) {
            return Optional.empty();
        }
        return Optional.of(new CoverageTable(masks, points, look.each(on(ground, part, all), grid(masks, points, all, coverages.size()))));
    }

    private static boolean flat(Picture ground, Look.Part part) {
        return flat(ground.red(), part) && flat(ground.green(), part) && flat(ground.blue(), part);
    }

    private static boolean flat(Plane plane, Look.Part part) {
        float first = plane.at(part.left(), part.top());
        for (int y = part.top(); y < part.bottom(); y++) {
            for (int x = part.left(); x < part.right(); x++) {
                if (plane.at(x, y) != first) {
                    return false;
                }
            }
        }
        return true;
    }

    private static Picture on(Picture ground, Look.Part part, int all) {
        return ground.each(plane -> Plane.filled(all, 1, plane.at(part.left(), part.top())));
    }

    /** A row of pixels, one for each point of the grid. */
    private static List<Plane> grid(int[] masks, int points, int all, int count) {
        List<Plane> planes = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            planes.add(Plane.filled(all, 1, 0));
        }
        for (int m = 0, step = 1; m < masks.length; m++, step *= points) {
            float[] row = new float[all];
            for (int at = 0; at < all; at++) {
                row[at] = at / step % points / (float) (points - 1);
            }
            planes.set(masks[m], Plane.of(all, 1, row));
        }
        return planes;
    }

    /** One row of a picture. @param at of its first pixel in {@code planes} */
    void row(List<Plane> coverages, int y, int left, int right, float[][] planes, int at) {
        int last = points - 2;
        float[] weight = new float[corners.length];
        for (int x = left; x < right; x++) {
            int base = 0;
            weight[0] = 1;
            for (int m = 0; m < masks.length; m++) {
                float place = coverages.get(masks[m]).at(x, y) * (points - 1);
                int cell = Math.min(last, (int) place);
                float share = place - cell;
                base += cell * steps[m];
                int half = 1 << m;
                for (int c = 0; c < half; c++) {
                    weight[c + half] = weight[c] * share;
                    weight[c] -= weight[c + half];
                }
            }
            float red = 0;
            float green = 0;
            float blue = 0;
            for (int c = 0; c < corners.length; c++) {
                int from = base + corners[c];
                red += weight[c] * values.red().at(from, 0);
                green += weight[c] * values.green().at(from, 0);
                blue += weight[c] * values.blue().at(from, 0);
            }
            planes[0][at + x - left] = red;
            planes[1][at + x - left] = green;
            planes[2][at + x - left] = blue;
        }
    }
}
