package kindveil.tone;

import java.util.Optional;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.tone.Framing.Crop;

/**
 * How an image can lie within the margins of a page.
 *
 * @param width of the image
 * @param x its left edge from that of the page; likewise {@code y} down
 * @param cut what is cut off it, of how it stands by now
 */
public record PageFit(Length width, Length height, Length x, Length y, Crop cut) {
    private static final double SEEN = 0.01;
    /** Of a side, in per cent. */
    private static final double MOST_CUT = 90;

    /** A page with margins as wide on all sides. */
    public record Area(Length width, Length height, Length margin) {
        public Area {
            double most = Math.min(width.millimetres(), height.millimetres()) / 2;
            UnusableValue.requireWithin("margin", margin.millimetres(), 0, Math.max(0, most - 2.5), "mm", "At least 5 mm of the page must be left between the margins.");
        }

        private double across() {
            return width.millimetres() - 2 * margin.millimetres();
        }

        private double down() {
            return height.millimetres() - 2 * margin.millimetres();
        }
    }

    /** All of the image, as large as the margins allow, in the middle. @param aspect height over width */
    public static PageFit whole(Area area, double aspect) {
        double width = Math.min(area.across(), area.down() / aspect);
        return centred(area, width, width * aspect, Crop.NONE);
    }

    /** The margins filled; what overhangs is cut off evenly. Empty where next to nothing of the image would be left. */
    public static Optional<PageFit> filling(Area area, double aspect) {
        double wanted = area.down() / area.across();
        // of the side that overhangs, in per cent each
        double cut = 50 * (1 - Math.min(aspect, wanted) / Math.max(aspect, wanted));
        if (2 * cut > MOST_CUT) {
            return Optional.empty();
        }
        Crop crop = cut < SEEN ? Crop.NONE : aspect < wanted ? new Crop(cut, 0, cut, 0) : new Crop(0, cut, 0, cut);
        return Optional.of(centred(area, area.across(), area.down(), crop));
    }

    /** As large as it is, in the middle; empty where it is larger than the page. */
    public static Optional<PageFit> middle(Area area, Length width, double aspect) {
        double tall = width.millimetres() * aspect;
        return width.millimetres() > area.width.millimetres() || tall > area.height.millimetres() ? Optional.empty() : Optional.of(centred(area, width.millimetres(), tall, Crop.NONE));
    }

    private static PageFit centred(Area area, double width, double height, Crop crop) {
        return new PageFit(tenth(width), tenth(height), tenth((area.width.millimetres() - width) / 2), tenth((area.height.millimetres() - height) / 2), crop);
    }

    private static Length tenth(double millimetres) {
        return Length.ofMillimetres(Math.round(millimetres * 10) / 10.0);
    }

    /** The share of the image that is cut off, 0 to 1. */
    public double lost() {
        return (cut.left() + cut.right() + cut.top() + cut.bottom()) / 100;
    }

    /** With it cut off too, of a picture that was cut as {@code before} says. */
    public Crop after(Crop before) {
        double across = 1 - (before.left() + before.right()) / 100;
        double down = 1 - (before.top() + before.bottom()) / 100;
        return new Crop(rounded(before.left() + cut.left() * across), rounded(before.top() + cut.top() * down), rounded(before.right() + cut.right() * across), rounded(before.bottom() + cut.bottom() * down));
    }

    private static double rounded(double percent) {
        return Math.round(percent * 1000) / 1000.0;
    }
}
