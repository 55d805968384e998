package kindveil.shape;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import kindveil.image.Plane;

/**
 * Lines of one level, by marching squares (the plane case of W. E. Lorensen &amp; H. E. Cline, "Marching cubes", SIGGRAPH
 * 1987) with linear interpolation between the middles of pixels; a saddle is parted by the mean of its four corners. The
 * picture ends at its border: what is inside there is closed along it.
 */
final class Contours {
    private final Plane plane;
    private final float level;
    private final int across;
    private final int down;
    private final int[] next;

    private Contours(Plane plane, float level) {
        this.plane = plane;
        this.level = level;
        this.across = plane.width() + 4;
        this.down = plane.height() + 4;
        this.next = new int[2 * across * down];
        Arrays.fill(next, -1);
    }

    /** Closed lines around everything below {@code level}, as points (x, y) in widths of the plane. */
    static List<double[][]> below(Plane plane, float level) {
        Contours contours = new Contours(plane, level);
        for (int j = 0; j + 1 < contours.down; j++) {
            for (int i = 0; i + 1 < contours.across; i++) {
                contours.cell(i, j);
            }
        }
        return contours.rings();
    }

    /** The value at a node; the outermost nodes lie outside, those next to them on the border itself. */
    private float value(int i, int j) {
        return i == 0 || j == 0 || i == across - 1 || j == down - 1 ? level + 1 : plane.atClamped(i - 2, j - 2);
    }

    private static double coordinate(int i, int pixels) {
        return Math.clamp(i - 1.5, 0, pixels);
    }

    private boolean inside(int i, int j) {
        return value(i, j) < level;
    }

    /** Edge to the right of a node, or below it. */
    private int edge(int i, int j, boolean below) {
        return 2 * (j * across + i) + (below ? 1 : 0);
    }

    /** Joins the crossed edges of one cell so that the inside lies to the left. */
    private void cell(int i, int j) {
        boolean a = inside(i, j);
        boolean b = inside(i + 1, j);
        boolean c = inside(i + 1, j + 1);
        boolean d = inside(i, j + 1);
        if (a == b && b == c && c == d) {
            return;
        }
        int top = edge(i, j, false);
        int right = edge(i + 1, j, true);
        int foot = edge(i, j + 1, false);
        int left = edge(i, j, true);
        if (a == c && b == d) {
            boolean middle = (value(i, j) + value(i + 1, j) + value(i + 1, j + 1) + value(i, j + 1)) / 4 < level;
            saddle(a, middle, top, right, foot, left);
            return;
        }
        int[] edges = {top, right, foot, left};
        boolean[] corners = {a, b, c, d};
        int from = -1;
        int to = -1;
        for (int k = 0; k < 4; k++) {
            if (corners[k] != corners[(k + 1) % 4]) {
                // walking round the cell, an edge from inside to outside is where the line comes in
                if (corners[k]) {
                    from = edges[k];
                } else {
                    to = edges[k];
                }
            }
        }
        next[from] = to;
    }

    private void saddle(boolean firstInside, boolean middleInside, int top, int right, int foot, int left) {
        if (firstInside) {
            next[top] = middleInside ? right : left;
            next[foot] = middleInside ? left : right;
        } else {
            next[right] = middleInside ? foot : top;
            next[left] = middleInside ? top : foot;
        }
    }

    private List<double[][]> rings() {
        List<double[][]> rings = new ArrayList<>();
        for (int start = 0; start < next.length; start++) {
            if (next[start] >= 0) {
                rings.add(ring(start));
            }
        }
        return rings;
    }

    private double[][] ring(int start) {
        List<double[]> points = new ArrayList<>();
        int edge = start;
        do {
            points.add(crossing(edge));
            int then = next[edge];
            next[edge] = -1;
            edge = then;
        } while (edge != start);
        return points.toArray(double[][]::new);
    }

    private double[] crossing(int edge) {
        int i = edge / 2 % across;
        int j = edge / 2 / across;
        int i2 = edge % 2 == 0 ? i + 1 : i;
        int j2 = edge % 2 == 0 ? j : j + 1;
        double t = (level - value(i, j)) / (value(i2, j2) - value(i, j));
        double w = plane.width();
        double x = coordinate(i, plane.width()) * (1 - t) + coordinate(i2, plane.width()) * t;
        double y = coordinate(j, plane.height()) * (1 - t) + coordinate(j2, plane.height()) * t;
        return new double[] {x / w, y / w};
    }
}
