package kindveil.shape;

import java.util.ArrayList;
import java.util.List;

/**
 * Lines of a page that something may be laid against: its edges, its middle, its thirds, and edges and middles of what else
 * lies there.
 *
 * @param across places of upright lines, mm from the left edge
 * @param along places of level lines, mm from the top
 */
public record Guides(List<Line> across, List<Line> along) {
    private static final double SAME = 0.05;

    /** One line. @param words what it is a line of */
    public record Line(double at, String words) {
    }

    /** Something else there, by its name. */
    public record Other(String name, Lying lies) {
    }

    public static Guides of(double width, double height, List<Other> others) {
        List<Line> across = page(width, "left edge", "right edge");
        List<Line> along = page(height, "top", "foot");
        for (Other other : others) {
            double[] bounds = other.lies().bounds();
            edges(across, bounds[0], bounds[2], other.name());
            edges(along, bounds[1], bounds[3], other.name());
        }
        return new Guides(across, along);
    }

    private static List<Line> page(double side, String first, String last) {
        return new ArrayList<>(List.of(new Line(0, first), new Line(side / 3, "a third"), new Line(side / 2, "the middle"), new Line(2 * side / 3, "two thirds"), new Line(side, last)));
    }

    private static void edges(List<Line> lines, double from, double to, String name) {
        for (double at : new double[] {from, (from + to) / 2, to}) {
            if (lines.stream().noneMatch(line -> Math.abs(line.at - at) < SAME)) {
                lines.add(new Line(at, name));
            }
        }
    }

    /**
     * By how much something must move so that its near edge, its middle or its far edge lies on a line no further than
     * {@code reach} off; not a number where none is so near.
     */
    public static double pull(List<Line> lines, double from, double to, double reach) {
        double best = Double.NaN;
        for (Line line : lines) {
            for (double at : new double[] {from, (from + to) / 2, to}) {
                double by = line.at - at;
                if (Math.abs(by) <= reach && !(Math.abs(by) >= Math.abs(best))) {
                    best = by;
                }
            }
        }
        return best;
    }

    /** Where it would lie, drawn to the lines near it. */
    public Lying drawn(Lying lies, double reach) {
        double[] bounds = lies.bounds();
        double right = pull(across, bounds[0], bounds[2], reach);
        double down = pull(along, bounds[1], bounds[3], reach);
        return new Lying(lies.x() + (Double.isNaN(right) ? 0 : right), lies.y() + (Double.isNaN(down) ? 0 : down), lies.width(), lies.height(), lies.turn(), lies.shape());
    }
}
