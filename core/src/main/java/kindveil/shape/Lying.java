package kindveil.shape;

import java.util.List;
import java.util.stream.DoubleStream;

/**
 * Something lying on a page: a box turned about its middle, all of it in millimetres from the page's upper left corner.
 *
 * @param x of the left edge of its box as it stands unturned; likewise {@code y} of its top
 * @param turn degrees to the right
 * @param shape within the box, in widths of it; empty where it is all of the box
 */
public record Lying(double x, double y, double width, double height, double turn, Region shape) {
    public static Lying box(double x, double y, double width, double height, double turn) {
        return new Lying(x, y, width, height, turn, Region.EMPTY);
    }

    /** From the box, in millimetres of it, to the page. */
    public double[] onPage(double right, double down) {
        double angle = Math.toRadians(turn);
        double across = right - width / 2;
        double along = down - height / 2;
        return new double[] {x + width / 2 + across * Math.cos(angle) - along * Math.sin(angle), y + height / 2 + across * Math.sin(angle) + along * Math.cos(angle)};
    }

    /** The corners of its box, from the upper left on to the right. */
    public List<double[]> corners() {
        return List.of(onPage(0, 0), onPage(width, 0), onPage(width, height), onPage(0, height));
    }

    /** What it covers of the page. */
    public Region region() {
        return shape.isEmpty() ? Region.ring(corners()) : shape.mapped(point -> onPage(point[0] * width, point[1] * width));
    }

    /** Wider and higher on every side by as much. */
    public Lying wider(double by) {
        return new Lying(x - by, y - by, width + 2 * by, height + 2 * by, turn, Region.EMPTY);
    }

    /** Left, top, right and foot of what it reaches over. */
    public double[] bounds() {
        double[] across = corners().stream().mapToDouble(corner -> corner[0]).toArray();
        double[] along = corners().stream().mapToDouble(corner -> corner[1]).toArray();
        return new double[] {DoubleStream.of(across).min().orElse(x), DoubleStream.of(along).min().orElse(y), DoubleStream.of(across).max().orElse(x), DoubleStream.of(along).max().orElse(y)};
    }

    /** What both cover, mm². */
    public double over(Lying other) {
        return region().and(other.region()).area();
    }
}
