package kindveil.tone;

import kindveil.image.Plane;
import kindveil.measure.Figures;
import kindveil.measure.UnusableValue;

/**
 * A hole cut into a picture on purpose, for what lies under it to be seen.
 *
 * @param across mm; of a strip, how wide it is: it runs from edge to edge
 * @param x where its middle lies, across the picture, 0 (left) to 1; likewise {@code y} down
 */
public record Opening(Shape shape, double across, double x, double y) {
    private static final double SPARE = 0.5;

    /** What shape it is. */
    public enum Shape {
        ROUND, SQUARE, STRIP
    }

    public Opening {
        UnusableValue.requireWithin("opening", across, 1, 2000, "mm across", "A third of the picture's shorter side is a good window.");
        UnusableValue.requireWithin("place of the opening", x, 0, 1, "of the width", "0.5 is the middle.");
        UnusableValue.requireWithin("place of the opening", y, 0, 1, "of the height", "0.5 is the middle.");
    }

    /** 0 where it is open. */
    public Plane over(int width, int height, double pixelsPerMillimetre) {
        double middleX = x * width / pixelsPerMillimetre;
        double middleY = y * height / pixelsPerMillimetre;
        return Plane.compute(width, height, (px, py) -> open((px + 0.5) / pixelsPerMillimetre - middleX, (py + 0.5) / pixelsPerMillimetre - middleY) ? 0 : 1);
    }

    private boolean open(double dx, double dy) {
        double reach = across / 2;
        return switch (shape) {
            case ROUND -> Math.hypot(dx, dy) < reach;
            case SQUARE -> Math.max(Math.abs(dx), Math.abs(dy)) < reach;
            case STRIP -> Math.abs(dy) < reach;
        };
    }

    /** What is left unprinted of it: a little less than is cut, so that the knife leaves no white rim. */
    public Opening unprinted() {
        return new Opening(shape, Math.max(1, across - 2 * SPARE), x, y);
    }

    /** Its outline in a picture of some size, as an SVG path in mm. */
    public String path(double width, double height) {
        double r = across / 2;
        double left = shape == Shape.STRIP ? 0 : x * width - r;
        double right = shape == Shape.STRIP ? width : x * width + r;
        double top = y * height - r;
        return shape == Shape.ROUND ? "M%s %sa%s %s 0 1 0 %s 0a%s %s 0 1 0 %s 0Z".formatted(Figures.plain(left), Figures.plain(y * height), Figures.plain(r), Figures.plain(r), Figures.plain(across), Figures.plain(r), Figures.plain(r), Figures.plain(-across))
                : "M%s %sH%sV%sH%sZ".formatted(Figures.plain(left), Figures.plain(top), Figures.plain(right), Figures.plain(top + across), Figures.plain(left));
    }

    /** How far the knife goes, mm, in a picture so wide. */
    public double cut(double pictureWidth) {
        return switch (shape) {
            case ROUND -> Math.PI * across;
            case SQUARE -> 4 * across;
            case STRIP -> 2 * pictureWidth;
        };
    }
}
