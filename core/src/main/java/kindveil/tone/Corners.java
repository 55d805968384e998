package kindveil.tone;

import java.util.Arrays;
import kindveil.image.Plane;
import kindveil.measure.Figures;
import kindveil.measure.UnusableValue;

/**
 * A page photographed askew, laid flat by its four corners: a plane projection onto the rectangle it is. How high it is for its width
 * is known, or read from the perspective itself, the lens taken to look at the middle of the picture (Z. Zhang and L. He, 2007); where two
 * of its sides are too nearly parallel to tell, the lens is taken for a usual one. How far that may be off is said by {@link #doubt}.
 *
 * @param x1 of the upper left corner, per cent of the width; likewise {@code y1} of the height, then the upper right, lower right and lower left
 * @param proportion height of the page over its width, 0.1 to 10; 0 where it is not known and read from the photograph
 */
public record Corners(double x1, double y1, double x2, double y2, double x3, double y3, double x4, double y4, double proportion) implements Framing {
    private static final double LEAST_AREA = 5;
    /** Of the depth of one side to the other: below this handles a few pixels off decide, not the perspective (found by trying; 0.03 keeps all but one in a hundred within 1.3 %). */
    private static final double PARALLEL = 0.03;
    /** A handle is put so many per cent of the picture's width beside its corner, as a rule. */
    private static final double BESIDE = 0.075;
    private static final double LONGEST = 10;
    /** Square of a telephone's focal length against the longer side of its picture, some 28 mm to 36 (assumed). */
    private static final double USUAL_LENS = 0.6;
    /** Lenses of telephones differ by so much, as squares of their focal lengths (assumed). */
    private static final double OTHER_LENS = 1.3;

    public Corners {
        for (double place : new double[] {x1, y1, x2, y2, x3, y3, x4, y4}) {
            UnusableValue.requireWithin("corner", place, 0, 100, "%", "Of the width and height of the picture.");
        }
        double[][] all = {{x1, y1}, {x2, y2}, {x3, y3}, {x4, y4}};
        for (int i = 0; i < all.length; i++) {
            double turn = turn(all[i], all[(i + 1) % 4], all[(i + 2) % 4]);
            if (turn <= 0) {
                throw new UnusableValue("corners", "%s and %s".formatted(told(all[(i + 1) % 4]), told(all[(i + 2) % 4])), "four corners of a page, upper left first and then clockwise, none folded in", "Put each handle on its own corner.");
            }
        }
        if (proportion != 0) {
            UnusableValue.requireWithin("proportion of the page", proportion, 1 / LONGEST, LONGEST, "", "Its height over its width.");
        }
        UnusableValue.requireWithin("area within the corners", area(all) / 100, LEAST_AREA, 100, "% of the picture", "Photograph the page so that it fills more of the picture.");
    }

    /** With its proportions read from the photograph. */
    public Corners(double x1, double y1, double x2, double y2, double x3, double y3, double x4, double y4) {
        this(x1, y1, x2, y2, x3, y3, x4, y4, 0);
    }

    /** Of a page whose proportions are known. @param other its height over its width */
    public Corners proportioned(double other) {
        return new Corners(x1, y1, x2, y2, x3, y3, x4, y4, other);
    }

    /** By what share its proportions may be off, when each handle lies a little beside its corner and the lens is not as supposed; 0 where they are known. */
    public double doubt(Size photograph) {
        if (proportion != 0) {
            return 0;
        }
        double[][] at = corners(photograph);
        double here = aspect(at, photograph);
        double squared = 0;
        double beside = BESIDE / 100 * photograph.width();
        for (int i = 0; i < 8; i++) {
            double[][] moved = Arrays.stream(at).map(double[]::clone).toArray(double[][]::new);
            moved[i / 2][i % 2] += beside;
            double off = Math.log(aspect(moved, photograph) / here);
            squared += off * off;
        }
        double lens = supposed(at, photograph) ? Math.abs(Math.log(aspect(at, photograph, USUAL_LENS * OTHER_LENS) / aspect(at, photograph, USUAL_LENS))) : 0;
        return Math.sqrt(squared + lens * lens);
    }

    private static String told(double[] corner) {
        return Figures.plain(corner[0]) + " " + Figures.plain(corner[1]);
    }

    /** Above nought where the way turns clockwise, y downwards. */
    private static double turn(double[] a, double[] b, double[] c) {
        return (b[0] - a[0]) * (c[1] - b[1]) - (b[1] - a[1]) * (c[0] - b[0]);
    }

    private static double area(double[][] all) {
        double twice = 0;
        for (int i = 0; i < all.length; i++) {
            double[] next = all[(i + 1) % 4];
            twice += all[i][0] * next[1] - next[0] * all[i][1];
        }
        return Math.abs(twice) / 2;
    }

    private double[][] corners(Size before) {
        double w = before.width() / 100;
        double h = before.height() / 100;
        return new double[][] {{x1 * w, y1 * h}, {x2 * w, y2 * h}, {x3 * w, y3 * h}, {x4 * w, y4 * h}};
    }

    /** As many pixels as the page has in the picture, in its own proportions. */
    @Override
    public Size size(Size before) {
        double[][] corners = corners(before);
        double aspect = proportion == 0 ? aspect(corners, before) : proportion;
        double width = Math.sqrt(area(corners) / aspect);
        return new Size(width, width * aspect);
    }

    /** Height over width. */
    private static double aspect(double[][] c, Size before) {
        return aspect(c, before, supposed(c, before) ? USUAL_LENS : focal(c, before));
    }

    /** Whether two sides are too nearly parallel for the photograph to tell what lens it was. */
    private static boolean supposed(double[][] c, Size before) {
        double[][] sides = sides(c, before);
        return Math.abs(sides[0][2]) < PARALLEL || Math.abs(sides[1][2]) < PARALLEL;
    }

    private static double focal(double[][] c, Size before) {
        double[] across = sides(c, before)[0];
        double[] down = sides(c, before)[1];
        return -(across[0] * down[0] + across[1] * down[1]) / (across[2] * down[2]);
    }

    /** From the upper left corner across and down, as seen. */
    private static double[][] sides(double[][] c, Size before) {
        double s = Math.max(before.width(), before.height());
        double[] m1 = seen(c[0], before, s);
        double[] m2 = seen(c[1], before, s);
        double[] m3 = seen(c[3], before, s);
        double[] m4 = seen(c[2], before, s);
        double k2 = dot(cross(m1, m4), m3) / dot(cross(m2, m4), m3);
        double k3 = dot(cross(m1, m4), m2) / dot(cross(m3, m4), m2);
        return new double[][] {{k2 * m2[0] - m1[0], k2 * m2[1] - m1[1], k2 - 1}, {k3 * m3[0] - m1[0], k3 * m3[1] - m1[1], k3 - 1}};
    }

    /** @param focal square of the focal length against the longer side */
    private static double aspect(double[][] c, Size before, double focal) {
        double plain = (length(c[0], c[3]) + length(c[1], c[2])) / (length(c[0], c[1]) + length(c[3], c[2]));
        double[] across = sides(c, before)[0];
        double[] down = sides(c, before)[1];
        double aspect = Math.sqrt((down[0] * down[0] + down[1] * down[1] + focal * down[2] * down[2]) / (across[0] * across[0] + across[1] * across[1] + focal * across[2] * across[2]));
        // no lens sees so: the corners were put a little beside
        return focal <= 0 || !Double.isFinite(aspect) || aspect > 2 * plain || aspect < plain / 2 ? plain : Math.clamp(aspect, 1 / LONGEST, LONGEST);
    }

    private static double[] seen(double[] corner, Size before, double scale) {
        return new double[] {(corner[0] - before.width() / 2) / scale, (corner[1] - before.height() / 2) / scale, 1};
    }

    private static double[] cross(double[] a, double[] b) {
        return new double[] {a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]};
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }

    private static double length(double[] a, double[] b) {
        return Math.hypot(b[0] - a[0], b[1] - a[1]);
    }

    /** From the unit square to the picture: nine figures, row by row (P. Heckbert, 1989). */
    private static double[] projection(double[][] c) {
        double sx = c[0][0] - c[1][0] + c[2][0] - c[3][0];
        double sy = c[0][1] - c[1][1] + c[2][1] - c[3][1];
        double dx1 = c[1][0] - c[2][0];
        double dy1 = c[1][1] - c[2][1];
        double dx2 = c[3][0] - c[2][0];
        double dy2 = c[3][1] - c[2][1];
        double det = dx1 * dy2 - dx2 * dy1;
        double g = (sx * dy2 - dx2 * sy) / det;
        double h = (dx1 * sy - sx * dy1) / det;
        return new double[] {c[1][0] - c[0][0] + g * c[1][0], c[3][0] - c[0][0] + h * c[3][0], c[0][0], c[1][1] - c[0][1] + g * c[1][1], c[3][1] - c[0][1] + h * c[3][1], c[0][1], g, h, 1};
    }

    private static double[] through(double[] m, double x, double y) {
        double w = m[6] * x + m[7] * y + m[8];
        return new double[] {(m[0] * x + m[1] * y + m[2]) / w, (m[3] * x + m[4] * y + m[5]) / w};
    }

    private static double[] back(double[] m) {
        return new double[] {m[4] * m[8] - m[5] * m[7], m[2] * m[7] - m[1] * m[8], m[1] * m[5] - m[2] * m[4], m[5] * m[6] - m[3] * m[8], m[0] * m[8] - m[2] * m[6], m[2] * m[3] - m[0] * m[5],
            m[3] * m[7] - m[4] * m[6], m[1] * m[6] - m[0] * m[7], m[0] * m[4] - m[1] * m[3]};
    }

    @Override
    public double[] place(double x, double y, Size before) {
        Size after = size(before);
        double[] unit = through(back(projection(corners(before))), x, y);
        return new double[] {unit[0] * after.width(), unit[1] * after.height()};
    }

    @Override
    public Plane apply(Plane plane) {
        Size before = new Size(plane.width(), plane.height());
        Size after = size(before);
        int w = Math.max(1, (int) Math.round(after.width()));
        int h = Math.max(1, (int) Math.round(after.height()));
        double[] flat = projection(corners(before));
        return Plane.compute(w, h, (px, py) -> {
            double[] at = through(flat, (px + 0.5) / w, (py + 0.5) / h);
            return plane.between(at[0] - 0.5, at[1] - 0.5);
        });
    }

    @Override
    public String code() {
        return "corners %s %s %s %s %s %s %s %s".formatted(Figures.plain(x1), Figures.plain(y1), Figures.plain(x2), Figures.plain(y2), Figures.plain(x3), Figures.plain(y3), Figures.plain(x4), Figures.plain(y4)) + (proportion == 0 ? "" : " " + Figures.plain(proportion));
    }

    @Override
    public String words() {
        return "laid flat by its four corners";
    }
}
