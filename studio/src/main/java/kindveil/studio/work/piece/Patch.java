package kindveil.studio.work.piece;

import java.util.ArrayList;
import java.util.List;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.shape.Region;

/**
 * A place of the page that something without a picture is kept to.
 *
 * @param width of the box around it; likewise height
 * @param shape within that box, in widths of it; empty where it is all of the box
 */
public record Patch(Length width, Length height, Region shape) {
    public static final Length LEAST = Length.ofMillimetres(3);
    private static final int CORNERS = 72;

    public Patch {
        require("width of the place", width);
        require("height of the place", height);
    }

    private static void require(String what, Length side) {
        UnusableValue.requireWithin(what, side.millimetres(), LEAST.millimetres(), Page.WIDEST.millimetres(), "mm", "Drag its corner, or leave it out to cover all of the page.");
    }

    public static Patch box(Length width, Length height) {
        return new Patch(width, height, Region.EMPTY);
    }

    public static Patch round(Length width, Length height) {
        double aspect = height.millimetres() / width.millimetres();
        List<double[]> ring = new ArrayList<>();
        for (int i = 0; i < CORNERS; i++) {
            double angle = 2 * Math.PI * i / CORNERS;
            ring.add(new double[] {0.5 + 0.5 * Math.cos(angle), aspect * (0.5 + 0.5 * Math.sin(angle))});
        }
        return new Patch(width, height, Region.ring(ring));
    }

    public double aspect() {
        return height.millimetres() / width.millimetres();
    }

    /** What of its box it covers, 0 to 1. */
    public double share() {
        return shape.isEmpty() ? 1 : Math.clamp(shape.area() / aspect(), 1e-4, 1);
    }

    /** Of the same shape in a box of another size. */
    public Patch sized(Length wide, Length tall) {
        double stretch = tall.millimetres() / wide.millimetres() / aspect();
        return new Patch(wide, tall, shape.isEmpty() ? shape : shape.mapped(point -> new double[] {point[0], point[1] * stretch}));
    }

    /** The outline in widths of its box. */
    public Region outline() {
        return shape.isEmpty() ? Region.rectangle(0, 0, 1, aspect()) : shape;
    }
}
