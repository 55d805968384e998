package kindveil.tone;

import java.util.Locale;
import kindveil.image.Plane;
import kindveil.measure.Figures;
import kindveil.measure.UnusableValue;

/** What changes the shape of a picture and not its tones; a millimetre of the print keeps as many pixels as before. */
public sealed interface Framing extends Treatment permits Framing.Crop, Framing.Turn, Framing.Straighten, Framing.Mirror, Corners {
    @Override
    Size size(Size before);

    @Override
    double[] place(double x, double y, Size before);

    @Override
    default Plane apply(Plane luminance, double pixelsPerMillimetre) {
        return apply(luminance);
    }

    Plane apply(Plane plane);

    /**
     * Cuts something off each side, as the picture stands by then.
     *
     * @param left per cent of the width, 0 to 95; likewise right, and top and bottom of the height; at least 5 % stays
     */
    record Crop(double left, double top, double right, double bottom) implements Framing {
        public static final Crop NONE = new Crop(0, 0, 0, 0);
        private static final double MOST = 95;

        public Crop {
            requireSide("left", left);
            requireSide("top", top);
            requireSide("right", right);
            requireSide("bottom", bottom);
            UnusableValue.requireWithin("left and right together", left + right, 0, MOST, "%", "At least 5 % of the width must stay.");
            UnusableValue.requireWithin("top and bottom together", top + bottom, 0, MOST, "%", "At least 5 % of the height must stay.");
        }

        private static void requireSide(String side, double cut) {
            UnusableValue.requireWithin("cut off the " + side, cut, 0, MOST, "%", "0 leaves that side as it is.");
        }

        @Override
        public Size size(Size before) {
            return new Size(before.width() * (1 - (left + right) / 100), before.height() * (1 - (top + bottom) / 100));
        }

        @Override
        public double[] place(double x, double y, Size before) {
            return new double[] {x - before.width() * left / 100, y - before.height() * top / 100};
        }

        @Override
        public Plane apply(Plane plane) {
            int x0 = (int) Math.round(plane.width() * left / 100);
            int y0 = (int) Math.round(plane.height() * top / 100);
            int x1 = Math.max(x0 + 1, (int) Math.round(plane.width() * (1 - right / 100)));
            int y1 = Math.max(y0 + 1, (int) Math.round(plane.height() * (1 - bottom / 100)));
            return Plane.compute(x1 - x0, y1 - y0, (x, y) -> plane.at(x + x0, y + y0));
        }

        @Override
        public String code() {
            return "crop %s %s %s %s".formatted(Figures.plain(left), Figures.plain(top), Figures.plain(right), Figures.plain(bottom));
        }

        @Override
        public String words() {
            return "cut off: left %s, top %s, right %s, foot %s per cent".formatted(Figures.plain(left), Figures.plain(top), Figures.plain(right), Figures.plain(bottom));
        }
    }

    /**
     * Quarter turns.
     *
     * @param quarters clockwise, 1 to 3
     */
    record Turn(int quarters) implements Framing {
        public Turn {
            UnusableValue.requireWithin("quarter turns", quarters, 1, 3, "", "Clockwise; take the turn away to leave it as it is.");
        }

        @Override
        public Size size(Size before) {
            return quarters == 2 ? before : new Size(before.height(), before.width());
        }

        @Override
        public double[] place(double x, double y, Size before) {
            return switch (quarters) {
                case 1 -> new double[] {before.height() - y, x};
                case 2 -> new double[] {before.width() - x, before.height() - y};
                default -> new double[] {y, before.width() - x};
            };
        }

        @Override
        public Plane apply(Plane plane) {
            int w = plane.width();
            int h = plane.height();
            return switch (quarters) {
                case 1 -> Plane.compute(h, w, (x, y) -> plane.at(y, h - 1 - x));
                case 2 -> Plane.compute(w, h, (x, y) -> plane.at(w - 1 - x, h - 1 - y));
                default -> Plane.compute(h, w, (x, y) -> plane.at(w - 1 - y, x));
            };
        }

        @Override
        public String code() {
            return "turn " + quarters;
        }

        @Override
        public String words() {
            return switch (quarters) {
                case 1 -> "turn a quarter clockwise";
                case 2 -> "turn upside down";
                default -> "turn a quarter anticlockwise";
            };
        }
    }

    /**
     * Turns a little about its middle and keeps the largest part of the same proportions, so that no corner is empty.
     *
     * @param degrees clockwise, −15 to 15
     */
    record Straighten(double degrees) implements Framing {
        public static final double MOST = 15;

        public Straighten {
            UnusableValue.requireWithin("straightening", degrees, -MOST, MOST, "°", "Beyond that, turn it by a quarter first.");
        }

        /** How much of each side stays: a rectangle of the same proportions must fit into the turned one both ways. */
        private double kept(Size before) {
            double sin = Math.abs(Math.sin(Math.toRadians(degrees)));
            double cos = Math.cos(Math.toRadians(degrees));
            return Math.min(before.width() / (before.width() * cos + before.height() * sin), before.height() / (before.width() * sin + before.height() * cos));
        }

        @Override
        public Size size(Size before) {
            return new Size(before.width() * kept(before), before.height() * kept(before));
        }

        @Override
        public double[] place(double x, double y, Size before) {
            double a = Math.toRadians(degrees);
            double dx = x - before.width() / 2;
            double dy = y - before.height() / 2;
            Size after = size(before);
            return new double[] {dx * Math.cos(a) - dy * Math.sin(a) + after.width() / 2, dx * Math.sin(a) + dy * Math.cos(a) + after.height() / 2};
        }

        @Override
        public Plane apply(Plane plane) {
            Size before = new Size(plane.width(), plane.height());
            Size after = size(before);
            int w = Math.max(1, (int) Math.round(after.width()));
            int h = Math.max(1, (int) Math.round(after.height()));
            double cos = Math.cos(Math.toRadians(degrees));
            double sin = Math.sin(Math.toRadians(degrees));
            return Plane.compute(w, h, (px, py) -> {
                double dx = px + 0.5 - w / 2.0;
                double dy = py + 0.5 - h / 2.0;
                return plane.between(dx * cos + dy * sin + before.width() / 2 - 0.5, dy * cos - dx * sin + before.height() / 2 - 0.5);
            });
        }

        @Override
        public String code() {
            return "straighten " + Figures.plain(degrees);
        }

        @Override
        public String words() {
            return String.format(Locale.ROOT, "straighten by %s° %s", Figures.plain(Math.abs(degrees)), degrees < 0 ? "anticlockwise" : "clockwise");
        }
    }

    /** Left for right, in the picture itself; the hand of the print is reckoned apart from it. */
    record Mirror() implements Framing {
        @Override
        public Size size(Size before) {
            return before;
        }

        @Override
        public double[] place(double x, double y, Size before) {
            return new double[] {before.width() - x, y};
        }

        @Override
        public Plane apply(Plane plane) {
            return plane.mirrored();
        }

        @Override
        public String code() {
            return "mirror";
        }

        @Override
        public String words() {
            return "turn left for right";
        }
    }
}
