package kindveil.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import org.jspecify.annotations.Nullable;

/**
 * A skin or tape laid on a form that curves. What decides is the product of both curvatures: where it is 0 (cylinder, cone)
 * everything lies flat; where it is positive (egg, ball) the rim is too long and must shrink or be cut; where it is
 * negative (waist of a vase, saddle) the rim is too short and must stretch or tears. A disc of radius r laid without
 * stretch along its radii has a rim of 2πR·sin(r/R) instead of 2πr, R = √(R1·R2) (C. F. Gauss, "Disquisitiones generales
 * circa superficies curvas", 1828, art. 19); on a saddle 2πR·sinh(r/R). For an egg R1 and R2 are taken where the middle
 * of the image lies and kept for all of it, so it is an estimate for images smaller than half the form; of a ball it is exact past its half too.
 *
 * @param kind how it curves
 * @param around the diameter around the place, for an egg its width
 * @param along an egg's length; the diameter of the inward curve of a waist; the diameter of a cone where the image's upper edge lies, {@code around} being that at its lower one; of no matter for a ball or a cylinder
 */
public record CurvedForm(Kind kind, Length around, Length along) {
    /** How much shorter a thin skin can be pressed, 0 to 1 (assumed): it creeps while damp. */
    public static final double SKIN_BEARS = 0.06;
    /** The same for tape (assumed). */
    public static final double TAPE_BEARS = 0.005;
    private static final double LEAST_MILLIMETRES = 8;
    private static final double MOST_MILLIMETRES = 2000;
    private static final double NEARLY_A_CYLINDER = 0.1;

    /** How a form curves at the place. */
    public enum Kind {
        BALL("a ball or the like"), EGG_SIDE("an egg, on its side"), EGG_END("an egg, on its end"), CYLINDER("a cylinder"), CONE("a cone, or a cup that tapers"), WAIST("a waist, curving in");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        public boolean twoDiameters() {
            return this == EGG_SIDE || this == EGG_END || this == WAIST || this == CONE;
        }
    }

    /**
     * How a piece of some radius lies on it.
     *
     * @param strain by how much of its length the rim must shrink (below 0: stretch), as a share
     * @param cuts relief cuts from the rim, evenly round; 0 if it bears the strain
     * @param angle degrees each cut takes out as a dart, or (on a waist) opens by
     * @param from how far from the middle the cuts begin
     */
    public record Lie(Length radius, double strain, double bears, int cuts, double angle, Length from) {
        public boolean lies() {
            return cuts == 0;
        }

        /** Directions of the cuts, degrees clockwise from the top. */
        public List<Double> directions() {
            return IntStream.range(0, cuts).mapToObj(i -> 360.0 * i / cuts).toList();
        }
    }

    /**
     * One relief cut in a rectangular piece, mm from its top left: a dart from where it begins to its mouth at the edge; on a
     * waist a slit, both ends of its mouth together.
     */
    public record Cut(double x, double y, double leftX, double leftY, double rightX, double rightY) {
    }

    public CurvedForm {
        UnusableValue.requireWithin("diameter around", around.millimetres(), LEAST_MILLIMETRES, MOST_MILLIMETRES, "mm", "Measure it where the middle of the image will lie.");
        if (kind.twoDiameters()) {
            UnusableValue.requireWithin(kind == Kind.WAIST ? "diameter of the inward curve" : kind == Kind.CONE ? "diameter at the upper edge" : "length of the egg", along.millimetres(), LEAST_MILLIMETRES, MOST_MILLIMETRES, "mm",
                    "Hold a cut card against it to find the curve.");
        }
    }

    /**
     * How far round a form that curves one way only an image goes.
     *
     * @param degrees of the form's turn
     * @param sector of a cone laid flat, which the image is cut to; null on a cylinder
     */
    public record Wrap(double degrees, @Nullable Sector sector) {
    }

    /**
     * A ring's part: what lies between two circles of a cone when its side is laid flat, as high as the image.
     *
     * @param inner radius of the arc at the narrow end, mm; {@code outer} at the wide one
     * @param degrees it opens by
     * @param wideBelow whether the wide end is the image's lower edge
     */
    public record Sector(double inner, double outer, double degrees, boolean wideBelow) {
        private static final int STEPS = 48;

        /** By how much the middle of an arc at the wide end stands out beyond its ends, mm: so much a straight edge is off. */
        public double rise() {
            return outer * (1 - Math.cos(Math.toRadians(degrees / 2)));
        }

        /** Its outline within an image as wide as its widest, mm from the upper left. */
        List<double[]> outline(double width, double height) {
            double half = Math.toRadians(degrees / 2);
            List<double[]> points = new ArrayList<>();
            for (int i = 0; i <= STEPS; i++) {
                double angle = -half + 2 * half * i / STEPS;
                points.add(at(outer, angle, width, height));
            }
            for (int i = STEPS; i >= 0; i--) {
                points.add(at(inner, -half + 2 * half * i / STEPS, width, height));
            }
            return points;
        }

        private double[] at(double radius, double angle, double width, double height) {
            double across = width / 2 + radius * Math.sin(angle);
            double down = height - outer + radius * Math.cos(angle);
            return new double[] {across, wideBelow ? down : height - down};
        }
    }

    /** How far round it goes; refused where it would lie over itself. Of forms that curve one way only. */
    public Wrap wrap(Patch patch) {
        double width = patch.width().millimetres();
        double height = patch.height().millimetres();
        double wide = Math.max(around.millimetres(), kind == Kind.CONE ? along.millimetres() : 0);
        double narrow = kind == Kind.CONE ? Math.min(around.millimetres(), along.millimetres()) : wide;
        if (kind != Kind.CONE || wide - narrow < NEARLY_A_CYLINDER) {
            requireRound(width, Math.PI * narrow);
            return new Wrap(360 * width / (Math.PI * wide), null);
        }
        // the side of a cone laid flat is a sector: as long as its circle at the rim, as far from its point as the side is long
        double slope = (wide - narrow) / (2 * height);
        if (slope >= 1) {
            throw new UnusableValue("image", "%s high between circles of %s and %s".formatted(patch.height(), around, along), "higher than half the difference of both diameters", "Measure both where the image's edges will lie, and its height along the side.");
        }
        double outer = wide / 2 / slope;
        double whole = 2 * Math.PI * slope;
        double widest = 2 * outer * Math.sin(Math.min(Math.PI / 2, whole / 2));
        requireRound(width, whole >= Math.PI ? 2 * outer : widest);
        double angle = 2 * Math.asin(width / (2 * outer));
        double inner = (outer - height) / Math.cos(angle / 2);
        if (inner >= outer) {
            throw new UnusableValue("image", "%s wide and %s high".formatted(patch.width(), patch.height()), String.format(Locale.ROOT, "at least %.0f mm high, for its side bends so far", outer * (1 - Math.cos(angle / 2))), "Make it narrower or higher, or part it.");
        }
        return new Wrap(360 * angle / whole, new Sector(inner, outer, Math.toDegrees(angle), around.compareTo(along) >= 0));
    }

    private static void requireRound(double width, double most) {
        if (width > most) {
            throw new UnusableValue("image", String.format(Locale.ROOT, "%.0f mm wide", width), String.format(Locale.ROOT, "at most %.0f mm, once round this form", most), "Make it smaller, or turn it so that it runs along the form.");
        }
    }

    /** What it is cut to: on a cone the part of a ring, elsewhere the piece itself. */
    public List<double[]> outline(Patch patch) {
        return kind == Kind.CONE && !patch.round() && wrap(patch).sector() instanceof Sector sector ? sector.outline(patch.width().millimetres(), patch.height().millimetres()) : patch.outline();
    }

    /** The product of both curvatures, 1/mm². */
    double curvature() {
        double b = around.millimetres() / 2;
        double a = kind.twoDiameters() ? along.millimetres() / 2 : 0;
        return switch (kind) {
            case BALL -> 1 / (b * b);
            // a spheroid with half axes a (long) and b has radii b and a²/b at its side, b²/a both ways at its end
            case EGG_SIDE -> 1 / (a * a);
            case EGG_END -> a * a / (b * b * b * b);
            case CYLINDER, CONE -> 0;
            case WAIST -> -1 / (a * b);
        };
    }

    /** A piece that reaches {@code radius} from its middle and bears that share of shrinking. */
    public Lie lie(Length radius, double bears) {
        double r = radius.millimetres();
        double k = curvature();
        if (k == 0) {
            return new Lie(radius, 0, bears, 0, 0, radius);
        }
        double big = 1 / Math.sqrt(Math.abs(k));
        // a ball goes on as it began past its half; of an egg the curvature at one place says nothing of its far side
        double most = 0.9 * Math.PI * big * (kind == Kind.BALL ? 1 : 0.5);
        if (k > 0 && r > most) {
            throw new UnusableValue("image", String.format(Locale.ROOT, "reaches %.0f mm from its middle", r), String.format(Locale.ROOT, "at most %.0f mm on this form", most),
                    "Beyond that it wraps round the far side: make it smaller or part it.");
        }
        double strain = strain(r, big, k > 0);
        if (Math.abs(strain) <= bears) {
            return new Lie(radius, strain, bears, 0, 0, radius);
        }
        // the gores are widest at the half, if they reach so far
        int cuts = (int) Math.ceil(Math.PI * Math.min(r / big, k > 0 ? Math.PI / 2 : Double.POSITIVE_INFINITY) / Math.sqrt(2 * bears));
        return new Lie(radius, strain, bears, cuts, Math.toDegrees(2 * Math.PI * over(r) / (cuts * r)), Length.ofMillimetres(bearable(r, big, k > 0, bears)));
    }

    /**
     * A piece laid with its middle on the place.
     *
     * @param round whether it is cut round, as large as its shorter side lets it be
     */
    public record Patch(Length width, Length height, boolean round) {
        private static final int SIDES = 96;

        /** How far it reaches from its middle: to its corners, or to its rim. */
        public Length reach() {
            return Length.ofMillimetres(round ? rim() : Math.hypot(width.millimetres(), height.millimetres()) / 2);
        }

        private double rim() {
            return Math.min(width.millimetres(), height.millimetres()) / 2;
        }

        /** How far its edge is from the middle in a direction. */
        private double edge(double across, double down) {
            if (round) {
                return rim();
            }
            return Math.min(Math.abs(across) < 1e-9 ? Double.MAX_VALUE : width.millimetres() / 2 / Math.abs(across), Math.abs(down) < 1e-9 ? Double.MAX_VALUE : height.millimetres() / 2 / Math.abs(down));
        }

        /** Its outline, mm from the upper left of the image. */
        public List<double[]> outline() {
            double w = width.millimetres();
            double h = height.millimetres();
            return round ? IntStream.range(0, SIDES).mapToObj(i -> new double[] {w / 2 + rim() * Math.sin(2 * Math.PI * i / SIDES), h / 2 - rim() * Math.cos(2 * Math.PI * i / SIDES)}).toList()
                    : List.of(new double[] {0, 0}, new double[] {w, 0}, new double[] {w, h}, new double[] {0, h});
        }

        /** The same, cut round. */
        public Patch cutRound() {
            return new Patch(width, height, true);
        }
    }

    /** The relief cuts of a piece; a cut that would begin beyond its edge is left out. */
    public List<Cut> cuts(Patch patch, double bears) {
        Lie lie = lie(patch.reach(), bears);
        double w = patch.width().millimetres() / 2;
        double h = patch.height().millimetres() / 2;
        double from = lie.from().millimetres();
        List<Cut> cuts = new ArrayList<>();
        for (double degrees : lie.directions()) {
            double across = Math.sin(Math.toRadians(degrees));
            double down = -Math.cos(Math.toRadians(degrees));
            double edge = patch.edge(across, down);
            if (edge <= from) {
                continue;
            }
            double half = curvature() > 0 ? over(edge) / lie.cuts() * Math.PI : 0;
            double ex = w + across * edge;
            double ey = h + down * edge;
            cuts.add(new Cut(w + across * from, h + down * from, ex + down * half, ey - across * half, ex - down * half, ey + across * half));
        }
        return cuts;
    }

    /** How much longer (or, on a waist, shorter) a circle of radius {@code r} is on the flat than on the form, over 2π. */
    private double over(double r) {
        double big = 1 / Math.sqrt(Math.abs(curvature()));
        return curvature() > 0 ? r - big * Math.sin(r / big) : big * Math.sinh(r / big) - r;
    }

    private static double strain(double r, double big, boolean out) {
        double t = r / big;
        return out ? 1 - Math.sin(t) / t : 1 - Math.sinh(t) / t;
    }

    /** How far from the middle it still bears the strain, by halving. */
    private static double bearable(double r, double big, boolean out, double bears) {
        double low = 0;
        double high = r;
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            if (middle > 0 && Math.abs(strain(middle, big, out)) > bears) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return low;
    }
}
